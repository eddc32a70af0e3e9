"""Version 2 made into version 3, on plain data: an arrangement had one undated grade and a remark,
and the Ledger did not say in fields which take an entry is about and which turned the room.
"""

from typing import Any

Data = dict[str, Any]

_TURNED = "Turned to face the wall that was at the left."
_UNDONE, _DONE_AGAIN = "Undone: Face the left wall.", "Done again: Face the left wall."
_TURNS = {_TURNED: 1, _UNDONE: 3, _DONE_AGAIN: 1}
"""Quarter turns of entries, by what version 2 wrote of them."""


def project_2_to_3(data: Data) -> Data:
    changed = data | {"schema_version": 3}
    if isinstance(data.get("arrangements"), list):
        changed["arrangements"] = [_arrangement(a) for a in data["arrangements"]]
    if isinstance(data.get("takes"), list):
        changed["takes"] = [_with(take, "placed") for take in data["takes"]]
    if isinstance(data.get("ledger"), list):
        takes = data["takes"] if isinstance(data.get("takes"), list) else []
        changed["ledger"] = _with_takes([_entry(noted) for noted in data["ledger"]], takes)
    return changed


def _with_takes(ledger: list[Any], takes: list[Any]) -> list[Any]:
    """Entries that say in words which take they are about, with its id."""
    left = [take for take in takes if isinstance(take, dict)]
    found = []
    for noted in ledger:
        about = next((take for take in left if _is_about(noted, take)), None)
        if about is not None:
            left.remove(about)
            noted = noted | {"take": about["id"]}
        found.append(noted)
    return found


def _is_about(noted: Any, take: Data) -> bool:
    if not isinstance(noted, dict) or noted.get("kind") != "take":
        return False
    begins = f"{take.get('file_name')}: {take.get('source')} at {take.get('seat')}, “"
    return isinstance(take.get("id"), str) and str(noted.get("text")).startswith(begins)


def survey_2_to_3(data: Data) -> Data:
    changed = data | {"survey_version": 3}
    if isinstance(data.get("arrangements"), list):
        changed["arrangements"] = [_arrangement(a) for a in data["arrangements"]]
    return changed


def _arrangement(a: Any) -> Any:
    if not isinstance(a, dict):
        return a
    grade, heard = a.get("grade"), a.get("heard", "")
    rest = {key: value for key, value in a.items() if key not in ("grade", "heard")}
    if grade is None and not heard:
        return rest
    overall = str(grade) if isinstance(grade, int) and not isinstance(grade, bool) else grade
    return rest | {"grading": {"overall": overall, "words": heard}}


def _entry(noted: Any) -> Any:
    if not isinstance(noted, dict):
        return noted
    turned = _TURNS.get(noted.get("text", "")) if isinstance(noted.get("text"), str) else None
    return _with(noted, "stood") | ({"turned": turned} if turned else {})


def _with(data: Any, key: str) -> Any:
    if not isinstance(data, dict) or data.get(key) is None:
        return data
    return data | {key: _arrangement(data[key])}
