"""A fitted room's air is where its field says it is: what stands in it is stretched with it."""

from dataclasses import replace

import numpy as np

from jolly_parlor.acoustics.fields.field_of_room import room_field
from jolly_parlor.acoustics.fields.modal_field import ModalField
from jolly_parlor.acoustics.geometry.box_room import box_room
from jolly_parlor.acoustics.geometry.fitted_room import fitted_room
from jolly_parlor.acoustics.geometry.room import SURFACE_NAMES, Point, Surface, Thing


def test_things_are_stretched_with_the_room_they_stand_in() -> None:
    surfaces = {name: Surface("own", (0.1,) * 7) for name in SURFACE_NAMES}
    case = Thing("wardrobe", "solid", 1.0, 3.9, 0.0, 1.2, 0.6, 2.0)
    survey = replace(box_room("r", 3.6, 4.6, 2.4, surfaces), things=(case,))
    fitted = fitted_room(survey, np.array([3.615, 4.585, 2.4]), {})
    field = room_field(fitted, np.geomspace(40.0, 100.0, 6))
    assert isinstance(field, ModalField)
    # Heads and monitors along a line that ends at the wardrobe's face and goes on behind it.
    line = [Point(1.6, y, 1.2) for y in np.arange(3.88, 3.91, 0.001)]
    line += [Point(1.6, y, 1.2) for y in np.arange(4.47, 4.51, 0.001)]
    line += [Point(x, 4.2, 1.2) for x in np.arange(0.99, 1.02, 0.001)]
    missing = field.solver.missing(np.array([p.array() for p in line]))
    said = np.array([not fitted.has_air_at(p) for p in line])
    assert np.array_equal(said, missing)
    # Stretched again, as the steps of a fit do, from a room that is stretched already.
    again = fitted_room(fitted, np.array([3.6, 4.6, 2.4]), {})
    assert np.allclose([again.things[0].x, again.things[0].y], [case.x, case.y])
