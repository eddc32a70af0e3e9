"""The session with all that follows it at a distance: the fit, the plan's tint, the zone strips."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from jolly_parlor.app.fit_state import FitState
from jolly_parlor.app.neighbourhood import Neighbourhood
from jolly_parlor.app.session import Session
from jolly_parlor.app.settings import SettingsStore
from jolly_parlor.app.shaping_state import ShapingState
from jolly_parlor.app.tints import Tints
from jolly_parlor.project.document import Document
from jolly_parlor.project.history import Project

if TYPE_CHECKING:
    from jolly_parlor.fitting.fit import Fit


class Workbench(Session):
    def __init__(self, project: Project, path: Path | None, settings: SettingsStore) -> None:
        super().__init__(project, path, settings)
        self.fitted = FitState(self)
        self.tints, self.neighbourhood = Tints(self), Neighbourhood(self)
        self.shaping = ShapingState(self)

    @property
    def believed(self) -> Document:
        """As surveyed, or as the takes have taught."""
        return self.fitted.believed(self.document)

    @property
    def fit_used(self) -> Fit | None:
        """The fit, where it is in use."""
        return self.fitted.fit_used

    @property
    def calculating(self) -> bool:
        """Whether anything is still being worked out, or about to be."""
        return self.tints.due or self.neighbourhood.due or super().calculating
