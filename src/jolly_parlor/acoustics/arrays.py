"""Array types used in signatures."""

from typing import TypeAlias

import numpy as np
from numpy.typing import NDArray

FloatArray: TypeAlias = NDArray[np.float64]
ComplexArray: TypeAlias = NDArray[np.complex128]
IntArray: TypeAlias = NDArray[np.intp]
BoolArray: TypeAlias = NDArray[np.bool_]


def exp_j(z: ComplexArray) -> ComplexArray:
    """exp(j z), through the real functions: NumPy's complex exponential is ten times slower."""
    result = np.empty(z.shape, dtype=np.complex128)
    size = np.exp(-z.imag)
    np.multiply(size, np.cos(z.real), out=result.real)
    np.multiply(size, np.sin(z.real), out=result.imag)
    return result
