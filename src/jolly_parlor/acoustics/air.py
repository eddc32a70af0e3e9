"""The air in the room."""

from math import sqrt

from jolly_parlor.refused import Refused
from jolly_parlor.words import tr

_REFERENCE_KELVIN = 293.15
_REFERENCE_SPEED = 343.2


def speed_of_sound(temperature_celsius: float) -> float:
    """Speed of sound in air in m/s.

    c = 343.2 sqrt(T / 293.15), T in kelvin (ISO 9613-1:1993, annex A).
    Valid for -20 to +50 degrees Celsius, the range of that standard; raises
    Refused outside it.
    """
    if not -20.0 <= temperature_celsius <= 50.0:
        raise Refused(
            tr(
                "The air temperature is {temperature_celsius:g} °C; give one "
                "between -20 and 50 °C.",
                temperature_celsius=temperature_celsius,
            )
        )
    return _REFERENCE_SPEED * sqrt((temperature_celsius + 273.15) / _REFERENCE_KELVIN)
