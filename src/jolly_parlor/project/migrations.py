"""Files of earlier versions made into those of today: one small function a version, on plain data.

What is not as expected is left as it is for the validation to name. Version 1 knew a box with a
left and a right monitor of one kind and subwoofers whose settings were the gear's. Version 2 is in
`migrations_by_ear`; version 3 knew neither layouts nor what Sign-off keeps; the fingerprints of
version 4 knew names (`packing`). Version 5 knew neither where a driver radiates from nor chairs.
"""

from collections.abc import Callable, Iterable
from typing import Any

from jolly_parlor.placement.gear import RESERVED_IDS
from jolly_parlor.project.migrations_by_ear import project_2_to_3, survey_2_to_3

Data = dict[str, Any]
_SIDES = ("front", "right", "back", "left")
PAIR_MODEL = "monitor"


def migrated_project(data: Data, version: int, impulses: Iterable[str]) -> Data:
    """project.json of an earlier version as of today; `impulses` are ids of takes with a WAV."""
    steps: dict[int, Callable[[Data], Data]] = {
        1: lambda d: _project_1_to_2(d, set(impulses)),
        2: project_2_to_3,
        3: lambda d: d | {"schema_version": 4},
        4: lambda d: d | {"schema_version": 5},
        5: lambda d: d | {"schema_version": 6},
    }
    for step in range(version, max(steps) + 1):
        data = steps[step](data)
    return data


def migrated_survey(data: Data, version: int) -> Data:
    """A survey of an earlier version as of today."""
    steps: dict[int, Callable[[Data], Data]] = {
        1: _survey_1_to_2,
        2: survey_2_to_3,
        3: lambda d: d | {"survey_version": 4},
        4: lambda d: d | {"survey_version": 5},
    }
    for step in range(version, max(steps) + 1):
        data = steps[step](data)
    return data


def _project_1_to_2(data: Data, impulses: set[str]) -> Data:
    gear = data.get("gear")
    changed = _changed(data, gear) | {"schema_version": 2}
    if "takes" in data:
        changed["takes"] = _each(data["takes"], lambda take: _take(take, gear, impulses))
    return changed


def _changed(data: Data, gear: Any) -> Data:
    """What project and survey have in common, where it is there."""
    changes: dict[str, Callable[[Any], Any]] = {
        "room": _room,
        "gear": _gear,
        "arrangements": lambda every: _each(every, lambda a: _arrangement(a, gear)),
    }
    return data | {key: change(data[key]) for key, change in changes.items() if key in data}


def _survey_1_to_2(data: Data) -> Data:
    gear = data.get("gear")
    return _changed(data, gear) | {"survey_version": 2, "chains": chains_of_version_1(gear)}


def _room(room: Any) -> Any:
    if not isinstance(room, dict):
        return room
    surfaces, width, length = (room.get(key) for key in ("surfaces", "width", "length"))
    if not isinstance(surfaces, dict) or not _numbers(width, length):
        return room
    rest = {k: v for k, v in room.items() if k not in ("surfaces", "width", "length")}
    walls = [{"name": side, **_dict(surfaces.get(side))} for side in _SIDES if side in surfaces]
    plan = [[0.0, 0.0], [width, 0.0], [width, length], [0.0, length]]
    lined = {side: surfaces[side] for side in ("floor", "ceiling") if side in surfaces}
    return rest | {"plan": plan, "walls": walls} | lined


def _gear(gear: Any) -> Any:
    if not isinstance(gear, dict) or not _are_dicts(gear.get("subwoofers", [])):
        return gear
    subs = gear.get("subwoofers", [])
    models = [{"id": PAIR_MODEL, **_dict(gear.get("monitor"))}]
    speakers = [{"id": s, "role": s, "model": PAIR_MODEL} for s in ("left", "right")]
    for sub in subs:
        name = _sub_id(sub.get("name"))
        sheet = {k: v for k, v in sub.items() if k not in _SETTINGS}
        models.append({"id": f"{name}"[:60], **sheet})
        speakers.append({"id": name, "role": "subwoofer", "model": f"{name}"[:60]})
    rest = {k: v for k, v in gear.items() if k not in ("monitor", "subwoofers")}
    return rest | {"models": models, "loudspeakers": speakers}


_SETTINGS = ("crossover_hz", "gain_db", "delay_ms", "inverted")


def chains_of_version_1(gear: Any) -> Data:
    """What version 1 had set for its subwoofers, and its handover, as chains."""
    listed = _dict(gear).get("subwoofers", [])
    subs = listed if _are_dicts(listed) else []
    chains: Data = {}
    for sub in subs:
        chain = {k: sub[k] for k in ("gain_db", "delay_ms", "inverted") if k in sub}
        chain["low_pass"] = {"frequency_hz": sub.get("crossover_hz", 80.0)}
        chains[_sub_id(sub.get("name"))] = chain
    highest = [sub.get("crossover_hz", 80.0) for sub in subs]
    if highest and _numbers(*highest):
        for side in ("left", "right"):
            chains[side] = {"high_pass": {"frequency_hz": max(highest)}}
    return chains


def _arrangement(a: Any, gear: Any) -> Any:
    if not isinstance(a, dict):
        return a
    places = {side: a[side] for side in ("left", "right") if side in a}
    places |= {_sub_id(name): place for name, place in _dict(a.get("subwoofers")).items()}
    rest = {k: v for k, v in a.items() if k not in ("left", "right", "subwoofers")}
    return rest | {"places": places, "chains": chains_of_version_1(gear)}


def _take(take: Any, gear: Any, impulses: set[str]) -> Any:
    if not isinstance(take, dict):
        return take
    changed = take | {"placed": _arrangement(take.get("placed"), gear)}
    if take.get("source") not in ("left", "right", "both"):
        changed["source"] = _sub_id(take.get("source"))
    measured = take.get("measured")
    if isinstance(measured, dict):
        how = dict(measured)
        start = how.pop("impulse_start_seconds", None)
        changed |= {"measured": how, "impulse_start_seconds": start}
    elif take.get("id") in impulses:
        # Version 1 wrote it but did not read it back; of a WAV that was imported, time is its own.
        changed["impulse_start_seconds"] = 0.0
    return changed


def _sub_id(name: Any) -> Any:
    taken = name in RESERVED_IDS or (isinstance(name, str) and name.startswith(("seat:", "sub:")))
    return f"sub {name}".replace(":", " ")[:60] if taken else name


def _numbers(*values: Any) -> bool:
    return all(isinstance(v, int | float) and not isinstance(v, bool) for v in values)


def _dict(value: Any) -> Data:
    return value if isinstance(value, dict) else {}


def _are_dicts(value: Any) -> bool:
    return isinstance(value, list) and all(isinstance(v, dict) for v in value)


def _each(value: Any, change: Callable[[Any], Any]) -> Any:
    return [change(v) for v in value] if isinstance(value, list) else value
