"""Where a driver in a cabinet radiates from while wavelengths are long: ahead of the face.

A closed or ported cabinet radiates like a point source at its acoustic centre (Vanderkooy, The
low-frequency acoustic centre, AES convention papers of 2006 and 2010, from memory): statically the
dipole moment of what is radiated over its volume flow. Shares here are of boundary-element
solutions of rigid boxes with a piston in the face; tests/acoustics/test_acoustic_centre.py solves
them anew.
"""

from math import sqrt

import numpy as np

_TALL = (1.7, 4.0)
_SHARES = (0.39, 0.317)
"""Of sqrt(width height), by height over width; the depth of a cabinet hardly matters."""
_ON_A_SURFACE = 1.2
"""So much further ahead where the cabinet stands on a floor or desk, whose image makes it twice as
high; 1.14 to 1.23, the most of a cube.
"""


def ahead_of_face(width: float, height: float, on_a_surface: bool = False) -> float:
    """Metres from a cabinet's face to its acoustic centre, the driver in or near its middle."""
    long, short = max(width, height), min(width, height)
    share = float(np.interp(np.log(long / short), np.log(_TALL), _SHARES))
    return share * sqrt(width * height) * (_ON_A_SURFACE if on_a_surface else 1.0)
