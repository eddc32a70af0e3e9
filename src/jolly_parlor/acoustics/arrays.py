"""Array types used in signatures."""

from typing import Any, TypeAlias

import numpy as np
from numpy.typing import NDArray

FloatArray: TypeAlias = NDArray[np.float64]
ComplexArray: TypeAlias = NDArray[np.complex128]
AdmittanceArray: TypeAlias = NDArray[np.inexact[Any]]
"""Real, as tables give it, or complex where a surface also pushes back."""
IntArray: TypeAlias = NDArray[np.intp]
BoolArray: TypeAlias = NDArray[np.bool_]


def cos_sin(z: ComplexArray) -> tuple[ComplexArray, ComplexArray]:
    """cos z and sin z, through the real functions, as `exp_j`."""
    cos, sin, grown = np.cos(z.real), np.sin(z.real), np.exp(z.imag)
    shrunk = 1 / grown
    cosh, sinh = (grown + shrunk) / 2, (grown - shrunk) / 2
    both = np.empty((2, *z.shape), dtype=np.complex128)
    np.multiply(cos, cosh, out=both[0].real)
    np.multiply(sin, -sinh, out=both[0].imag)
    np.multiply(sin, cosh, out=both[1].real)
    np.multiply(cos, sinh, out=both[1].imag)
    return both[0], both[1]


def exp_j(z: ComplexArray) -> ComplexArray:
    """exp(j z), through the real functions: NumPy's complex exponential is ten times slower."""
    result = np.empty(z.shape, dtype=np.complex128)
    size = np.exp(-z.imag)
    np.multiply(size, np.cos(z.real), out=result.real)
    np.multiply(size, np.sin(z.real), out=result.imag)
    return result


def root_mean_square(values: FloatArray) -> float:
    """Of all of them."""
    return float(np.sqrt(np.mean(values**2)))


def decimated_rows(count: int, step: int) -> IntArray:
    """Every step-th of so many, the last one too."""
    return np.unique(np.append(np.arange(0, count, step), count - 1))
