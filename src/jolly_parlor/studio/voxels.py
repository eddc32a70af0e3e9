"""A room of any plan with things in it, in the time domain by finite volumes: what stands in for a
real one, in the simulated studio, in the samples and in benchmarks.

Nothing of the forecast's model is in it: the wave equation on cubes, each surface with a locally
reacting real admittance at the cubes' outer faces, surfaces that give way as oscillators there,
soft things as air with a loss (the lossy seven-point scheme, Botteldooren 1995; Bilbao, Hamilton,
Botts & Savioja 2016). By reciprocity one run from an ear gives the transfer to every place a source
may stand.
"""

from collections.abc import Callable, Mapping, Sequence
from copy import copy

import numba
import numpy as np

from jolly_parlor.acoustics.arrays import BoolArray, ComplexArray, FloatArray
from jolly_parlor.acoustics.elements.air_of_room import admittances_of, losses_of
from jolly_parlor.acoustics.elements.enclosure_parts import opening_key, thing_key, wall_key
from jolly_parlor.acoustics.fields.plates import Plate
from jolly_parlor.acoustics.geometry.plan import distance_to, inside
from jolly_parlor.acoustics.geometry.room import Room, Thing
from jolly_parlor.studio.cut_cubes import CutCubes, cut_step
from jolly_parlor.studio.device import Body
from jolly_parlor.studio.room_impulse import fade_out

Box = tuple[tuple[float, float, float], tuple[float, float, float]]

_COURANT, _FADE_SHARE = 0.98, 0.25
_BLOCK = 128
_LEAST_SHARE = 1e-9
_AIR_DENSITY = 1.2
_MIDDLE_HZ = np.array([90.0])
"""One admittance a surface: that of the table about here."""


@numba.njit(cache=True, fastmath=True, nogil=True)
def _step(new, now, old, here, before, around):  # type: ignore[no-untyped-def]
    """One step of the scheme; where there is no air all three factors are 0, and so stays all."""
    nx, ny, nz = now.shape
    for i in range(1, nx - 1):
        for j in range(1, ny - 1):
            for k in range(1, nz - 1):
                total = now[i - 1, j, k] + now[i + 1, j, k] + now[i, j - 1, k]
                total += now[i, j + 1, k] + now[i, j, k - 1] + now[i, j, k + 1]
                new[i, j, k] = (
                    here[i, j, k] * now[i, j, k]
                    - before[i, j, k] * old[i, j, k]
                    + around[i, j, k] * total
                )


class VoxelRoom:
    """Cubes of about `cell` metres that fill a room."""

    def __init__(
        self,
        room: Room,
        cell: float,
        seconds: float,
        panels: Mapping[str, tuple[float, float, float]] | None = None,
        absorbing: tuple[str, ...] = (),
        recess: Box | None = None,
        uneven: Callable[[str, list[float]], float] = lambda surface, at: 1.0,
    ) -> None:
        """panels: surfaces by name that give way as well as absorb: kg per square metre, resonance
        in Hz, loss factor. absorbing: surfaces that take in all sound at normal incidence. recess:
        air beyond the far walls, (low corner, high corner) in metres. uneven: what a surface's
        admittance is multiplied by at a place.
        """
        self.room, self.cell = room, cell
        self._panels = {
            self._key(name): panel
            for name, panel in (panels or {}).items()
            if name not in absorbing
        }
        self._absorbing = {self._key(name) for name in absorbing}
        self._faces: dict[str, list[tuple[int, int, int]]] = {name: [] for name in self._panels}
        beyond = recess[1] if recess is not None else room.dimensions
        ends = zip(room.dimensions, beyond, strict=True)
        count = [int(np.ceil(max(end) / cell)) + 2 for end in ends]
        centres = [(np.arange(n) - 0.5) * cell for n in count]
        x, y, z = np.meshgrid(*centres, indexing="ij")
        air = inside(room.plan, x, y) & (z > 0) & (z < room.ceiling_at(x, y))
        if recess is not None:
            parts = zip((x, y, z), *recess, strict=True)
            air |= np.logical_and.reduce([(at > low) & (at < high) for at, low, high in parts])
        self._uneven = uneven
        for thing in room.things:
            if thing.kind == "solid":
                air &= ~_within(thing, x, y, z)
        self.air = air.astype(np.uint8)
        speed = room.speed_of_sound
        self.dt = _COURANT * cell / (speed * np.sqrt(3))
        self.steps = round(seconds / self.dt)
        ratio = speed * self.dt / cell
        drag = np.zeros(air.shape)
        self._add_faces(drag, ratio, air, (x, y, z))
        soft = (thing for thing in room.things if thing.kind == "soft")
        for thing, loss in zip(soft, losses_of(room), strict=True):
            drag[_within(thing, x, y, z)] += loss * self.dt / 2
        self._inverse = 1 / (1 + drag)
        self._drag, self._ratio = drag, ratio
        neighbours = np.sum(_beside(air), axis=0)
        self._here = air * (2 - ratio**2 * neighbours) * self._inverse
        self._before = air * (1 - drag) * self._inverse
        self._around_it = air * ratio**2 * self._inverse
        self._open = air.astype(float)
        self._cut: tuple[np.ndarray, ...] | None = None

    def furnished(self, bodies: Sequence[Body], plates: Sequence[Plate] = ()) -> "VoxelRoom":
        """The same room with rigid bodies and plates in it."""
        cut = CutCubes.of(self.air.astype(bool), self.cell, bodies, plates)
        if not len(cut.at):
            return self
        made, at = copy(self), tuple(cut.at.T)
        volume, inverse = cut.volume[at], self._inverse[at]
        around = self._ratio**2 * np.divide(
            1.0, volume, out=np.zeros(volume.size), where=volume > 0
        )
        made._cut = (
            cut.at,
            cut.open_faces,
            (2.0 - around * cut.open_faces.sum(axis=1)) * inverse,
            (1.0 - self._drag[at]) * inverse,
            around * inverse,
        )
        made._here, made._before, made._around_it = (
            part.copy() for part in (self._here, self._before, self._around_it)
        )
        for part in (made._here, made._before, made._around_it):
            part[at] = 0.0
        made._open = self.air * cut.volume
        return made

    def _key(self, name: str) -> str:
        """A surface as `air_of_room` calls it."""
        if name in ("floor", "ceiling"):
            return name
        return wall_key(self.room.wall_keys.index(name))

    def _add_faces(
        self,
        drag: np.ndarray,
        ratio: float,
        air: np.ndarray,
        at: tuple[np.ndarray, np.ndarray, np.ndarray],
    ) -> None:
        beta = {name: float(b[0]) for name, b in admittances_of(self.room, _MIDDLE_HZ).items()}
        beta |= dict.fromkeys(self._absorbing, 1.0)
        for axis in range(3):
            for way in (-1, 1):
                open_ = air & ~np.roll(air, -way, axis)
                for cell in np.argwhere(open_):
                    face = [float(part[tuple(cell)]) for part in at]
                    face[axis] += way * self.cell / 2
                    surface = self._surface(face, axis, way)
                    drag[tuple(cell)] += ratio * beta[surface] * self._uneven(surface, face) / 2
                    if surface in self._faces:
                        self._faces[surface].append(tuple(cell))

    def _surface(self, face: list[float], axis: int, way: int) -> str:
        """What a face belongs to, as in `air_of_room`."""
        beyond = list(face)
        beyond[axis] += way * self.cell / 2
        for number, thing in enumerate(self.room.things):
            if thing.kind == "solid" and _within(thing, *(np.array(v) for v in beyond)):
                return thing_key(number)
        if axis == 2:
            return "ceiling" if way > 0 else "floor"
        away = [
            distance_to(self.room.edge_of(key), (face[0], face[1])) for key in self.room.wall_keys
        ]
        wall = int(np.argmin(away))
        for number, opening in enumerate(self.room.openings):
            if self.room.walls[wall].name == opening.wall:
                along = distance_to(self.room.span_of(opening), (face[0], face[1]))
                if along < self.cell and opening.sill < face[2] < opening.sill + opening.height:
                    return opening_key(number)
        return wall_key(wall)

    def transfers(
        self, ear: np.ndarray, places: np.ndarray, frequencies_hz: np.ndarray
    ) -> np.ndarray:
        """Pressure at the ear from each place (places, frequencies), 0 dB at 1 m in free air."""
        at, share = self._around(ear)
        heard_at, heard_share = zip(*(self._in_the_open(p) for p in places), strict=True)
        rows, weights = np.array(heard_at), np.array(heard_share)
        old, now, new = (np.zeros(self.air.shape) for _ in range(3))
        heard = np.zeros((len(places), self.steps))
        pulse = self._pulse()
        panels = _Panels(self)
        for n in range(self.steps):
            _step(new, now, old, self._here, self._before, self._around_it)
            if self._cut is not None:
                cut_step(new, now, old, *self._cut)
            panels.push(now, new)
            if n < pulse.size:
                new[at[:, 0], at[:, 1], at[:, 2]] += (
                    pulse[n] * share * self._inverse[at[:, 0], at[:, 1], at[:, 2]]
                )
            old, now, new = now, new, old
            heard[:, n] = np.sum(now[rows[..., 0], rows[..., 1], rows[..., 2]] * weights, axis=1)
        heard_per_sent = spectra(heard, pulse, self.dt, frequencies_hz)
        # A source term s in p_tt = c^2 lap p + s gives exp(-jkr) / r for 4 pi c^2 delta.
        scale = 4 * np.pi * self.room.speed_of_sound**2 * self.dt**2 / self.cell**3
        return np.asarray(heard_per_sent * scale)

    def _pulse(self) -> np.ndarray:
        """Short, without much above 600 Hz."""
        width = 1 / (2 * np.pi * 400.0)
        t = np.arange(round(12 * width / self.dt)) * self.dt - 6 * width
        return np.asarray(np.exp(-((t / width) ** 2) / 2))

    def _around(self, place: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """The eight cubes around a place and their shares."""
        exact = place / self.cell + 0.5
        low = np.floor(exact).astype(int)
        part = exact - low
        cells = np.array([low + np.array(c) for c in np.ndindex(2, 2, 2)])
        shares = np.array(
            [np.prod(np.where(np.array(c), part, 1 - part)) for c in np.ndindex(2, 2, 2)]
        )
        return cells, shares

    def _in_the_open(self, place: np.ndarray) -> tuple[np.ndarray, np.ndarray]:
        """As `_around`, of the cubes that a body leaves open."""
        cells, shares = self._around(place)
        shares = shares * self._open[tuple(cells.T)]
        return cells, shares / max(float(shares.sum()), _LEAST_SHARE)

    def nearest_air(self, place: np.ndarray) -> np.ndarray:
        """The place itself, or where there is air around it the nearest middle of a cube."""
        cells, _ = self._around(place)
        inside = np.all((cells >= 0) & (cells < self.air.shape))
        if inside and np.all(self.air[cells[:, 0], cells[:, 1], cells[:, 2]]):
            return place
        # One with air on all sides, so that its eight cubes are air too.
        free = np.logical_and.reduce([self.air, *_beside(self.air)])
        middles = (np.argwhere(free) - 0.5) * self.cell
        return np.asarray(middles[np.argmin(np.sum((middles - place) ** 2, axis=1))])


def _beside(air: np.ndarray) -> list[np.ndarray]:
    """What each cube's six neighbours are; the outermost cubes are none of the room."""
    return [np.roll(air, way, axis) for axis in range(3) for way in (-1, 1)]


def spectra(
    heard: FloatArray, pulse: FloatArray, dt: float, frequencies_hz: FloatArray
) -> ComplexArray:
    """What was heard per what was sent, (places, frequencies): of (places, steps) and the pulse
    sent, at steps of dt seconds. The end fades, which changes `heard`.
    """
    fade_out(heard, round(_FADE_SHARE * heard.shape[-1]))
    kernel = _turning(frequencies_hz * dt, heard.shape[-1])
    return np.asarray((heard @ kernel.T) / (kernel[:, : pulse.size] @ pulse))


def _turning(per_step: FloatArray, steps: int) -> ComplexArray:
    """exp(-2 pi j n f), (frequencies, steps), of f turns a step: blocks of steps times steps within
    a block, since products are quicker than exponentials.
    """
    blocks = np.arange(0, steps, _BLOCK)
    begin, within = (
        np.exp(-2j * np.pi * np.outer(per_step, at)) for at in (blocks, np.arange(_BLOCK))
    )
    whole = begin[:, :, None] * within[:, None, :]
    return np.asarray(whole.reshape(per_step.size, -1)[:, :steps])


class _Panels:
    """Oscillators at the faces of the surfaces that give way:
    m dv/dt + r v + s x = p, and the air before them feels rho c^2 / h times -dv/dt.
    """

    def __init__(self, room: VoxelRoom) -> None:
        cells, heavy, lossy, stiff = [], [], [], []
        for name, (mass, hertz, loss) in room._panels.items():
            own = room._faces[name]
            cells += own
            pace = 2 * np.pi * hertz
            heavy += [mass / room.dt] * len(own)
            lossy += [mass * pace * loss] * len(own)
            stiff += [mass * pace**2] * len(own)
        at = np.array(cells, dtype=np.int64).reshape(-1, 3)
        self._at = np.ravel_multi_index(tuple(at.T), room.air.shape)
        self._of = tuple(np.array(part, dtype=float) for part in (heavy, lossy, stiff))
        self._v, self._x = np.zeros(len(cells)), np.zeros(len(cells))
        self._dt, speed = room.dt, room.room.speed_of_sound
        self._by = _AIR_DENSITY * speed**2 * room.dt / room.cell * room._inverse.ravel()[self._at]

    def push(self, now: FloatArray, new: FloatArray) -> None:
        """Half a step on, driven by the pressure; the air before them loses what they gain."""
        if self._v.size:
            flat = now.ravel(), new.ravel()
            _give_way(*flat, self._at, *self._of, self._v, self._x, self._by, self._dt)


@numba.njit(cache=True, nogil=True)
def _give_way(now, new, at, heavy, lossy, stiff, v, x, by, dt):  # type: ignore[no-untyped-def]
    for n in range(at.size):
        pushed = now[at[n]] - stiff[n] * x[n]
        then = ((heavy[n] - lossy[n] / 2) * v[n] + pushed) / (heavy[n] + lossy[n] / 2)
        new[at[n]] -= by[n] * (then - v[n])
        v[n] = then
        x[n] += dt * then


def _within(thing: Thing, x: FloatArray, y: FloatArray, z: FloatArray) -> BoolArray:
    inside = (
        (x > thing.x)
        & (x < thing.x + thing.width)
        & (y > thing.y)
        & (y < thing.y + thing.depth)
        & (z > thing.z)
        & (z < thing.z + thing.height)
    )
    return np.asarray(inside)
