"""The lowest modes of a large symmetric pencil by a block Krylov space.

K x = lambda M x, K semidefinite and M definite: the space spanned by powers of (K + s M)^-1 M on
random vectors holds the lowest modes best (Grimes, Lewis & Simon 1994 on shift-inverted block
Lanczos); fully orthogonalised in M, then one dense eigenproblem. The upper of what it returns need
not be exact modes: any basis near them serves a modal sum with a residue.
"""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
import scipy

from jolly_parlor.acoustics.arrays import FloatArray

_PER_MODE, _SEED = 1.9, 12
_LEAST_BLOCK, _LARGEST_BLOCK, _POWERS = 4, 32, 20


def lowest_modes(
    stiffness: scipy.sparse.csr_array,
    mass: scipy.sparse.csr_array,
    shifted: scipy.sparse.linalg.SuperLU,
    count: int,
    progress: Callable[[float], None] = lambda share: None,
) -> tuple[FloatArray, FloatArray]:
    """About the `count` lowest eigenvalues, ascending, and modes with a mass of 1,
    (unknowns, count).

    shifted: K + s M factored. progress is told the share done, and may raise to give up.
    """
    size = stiffness.shape[0]
    each = min(max(int(_PER_MODE * count) // _POWERS, _LEAST_BLOCK), _LARGEST_BLOCK)
    blocks = min(-(-int(_PER_MODE * count) // each) + 1, size // each)
    random = np.random.default_rng(_SEED)
    space = np.empty((size, blocks * each), order="F")
    weighed = np.empty_like(space)
    block = random.standard_normal((size, each))
    for number in range(blocks):
        made = number * each
        block = shifted.solve(mass @ block)
        for _ in range(2):  # twice is enough (Parlett)
            block -= space[:, :made] @ (weighed[:, :made].T @ block)
            block = _orthonormal(block, mass)
        space[:, made : made + each] = block
        weighed[:, made : made + each] = mass @ block
        progress((number + 1) / (blocks + 1))
    values, turns = scipy.linalg.eigh(space.T @ (stiffness @ space), subset_by_index=(0, count - 1))
    return values, np.asarray(space @ turns)


def _orthonormal(block: FloatArray, mass: scipy.sparse.csr_array) -> FloatArray:
    gram = block.T @ (mass @ block)
    values, turns = np.linalg.eigh(gram)
    return np.asarray(block @ (turns / np.sqrt(np.maximum(values, values[-1] * 1e-24))))
