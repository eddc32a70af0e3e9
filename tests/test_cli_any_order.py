"""Commands in any order: what one writes opens again as written; a refusal writes nothing."""

import tempfile
from pathlib import Path

from click.testing import CliRunner
from hypothesis import HealthCheck, settings
from hypothesis import strategies as st
from hypothesis.stateful import RuleBasedStateMachine, initialize, invariant, rule

from how_many import cases
from jolly_parlor.cli.main import cli
from jolly_parlor.placement.schools import SCHOOLS
from jolly_parlor.project.files import open_project
from jolly_parlor.project.packing import differences, pack, unpack
from jolly_parlor.refused import Refused
from places import DATA, EXAMPLES

RESPONSES = sorted((DATA / "responses").glob("*.*"))
NAMES = st.sampled_from(["A third", "Thirty-eight", "Tight to the wall", "nobody's", ""])
SOURCES = st.sampled_from(["left", "right", "both", "sub:sub", "sub", "all", "seat:desk"])
SEATS = st.sampled_from(["desk", "sofa", "bench"])
NUMBERS = st.sampled_from(["0.5", "1", "0", "-3", "nan", "1e9", "much"])


class Commands(RuleBasedStateMachine):
    """One file, worked on by commands only."""

    @initialize()
    def begin(self) -> None:
        """A new document from the demo's survey."""
        self.folder = tempfile.TemporaryDirectory()
        self.path = Path(self.folder.name) / "room.parlor"
        self.run("new", EXAMPLES / "kiln-room.json", self.path)
        assert self.path.exists()

    def run(self, *words: object) -> None:
        """A command; where it says no, the file is as it was."""
        before = self.path.read_bytes() if self.path.exists() else None
        done = CliRunner().invoke(cli, [str(word) for word in words])
        if done.exit_code != 0:
            assert isinstance(done.exception, SystemExit | Refused), repr(done.exception)
            assert (self.path.read_bytes() if self.path.exists() else None) == before

    @rule(school=st.sampled_from([*(school.id for school in SCHOOLS), "none"]))
    def propose(self, school: str) -> None:
        """Any school."""
        self.run("propose", self.path, "--school", school)

    @rule(name=NAMES, source=SOURCES, seat=SEATS, file=st.sampled_from(RESPONSES))
    def import_take(self, name: str, source: str, seat: str, file: Path) -> None:
        """A file of any shape, put anywhere."""
        where = ("--arrangement", name, "--source", source, "--seat", seat)
        self.run("import", self.path, *where, file)

    @rule(name=NAMES, source=SOURCES, seat=SEATS, seconds=NUMBERS, output=NUMBERS)
    def measure(self, name: str, source: str, seat: str, seconds: str, output: str) -> None:
        """With sense or without."""
        where = ("--arrangement", name, "--source", source, "--seat", seat)
        how = ("--seconds", seconds, "--sweeps", "1", "--output", f"-{output}")
        self.run("measure", self.path, *where, *how)

    @rule()
    def new_again(self) -> None:
        """Over what stands there."""
        self.run("new", EXAMPLES / "kiln-room.json", self.path)

    @invariant()
    def opens_as_written(self) -> None:
        """Read, written and read again it is the same."""
        if hasattr(self, "path"):
            project = open_project(self.path).project
            assert differences(project, unpack(pack(project), "again")) == []

    def teardown(self) -> None:
        """Leave nothing behind."""
        if hasattr(self, "folder"):
            self.folder.cleanup()


TestCommands = Commands.TestCase
TestCommands.settings = settings(
    max_examples=cases(4),
    stateful_step_count=10,
    suppress_health_check=list(HealthCheck),
)
