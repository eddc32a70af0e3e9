"""The long campaigns, two at a time; what one of them did is kept until a line of code changes.

Run by `./check --long`, after the tests have left what they ran through. They take hours: stopped
and begun again on the same code, those that had ended are not repeated. Prints at the end what each
did, and exits 1 where one failed. `scripts/campaigns.py NAME ...` runs those whose names begin so.
"""

import argparse
import re
import subprocess
import sys
import time
from concurrent.futures import ThreadPoolExecutor
from pathlib import Path

from source_kept import ROOT, kept_for_this_source

_MUTATED = ("acoustics", "placement", "fitting", "equalising", "signals")
_MONKEYS = 3
_AT_ONCE = 2

CAMPAIGNS: dict[str, str] = {
    # The longest first, so that none is left alone at the end.
    "use": "endurance.py use --hours 0.25",
    **{
        f"monkey-{seed}": f"endurance.py monkey --first {seed} --seeds 1 --steps 1000"
        for seed in range(_MONKEYS)
    },
    **{f"mutants-{package}": f"mutations.py {package} --each 12 --trees 1" for package in _MUTATED},
    "accuracy": "accuracy.py --rooms 2 --studios 1 --searches 1 --lived 1",
    "calls": "endurance.py calls --seeds 1 --count 1000",
    "kills": "endurance.py kills --seeds 1 --count 500",
    "spoiled": "endurance.py spoiled --seeds 1 --count 2000",
    "edits": "endurance.py edits --count 500",
    "cut": "endurance.py cut",
}
_TOLD = re.compile(r"^(mutants|spoiled|kills|cut|calls|edits|monkey|use:)")
_FAILED = re.compile(r"\b[1-9]\d* (errors|documents lost|failures)")


def failed(told: str, ended: int) -> bool:
    """Whether a campaign that ended with this code and said this has found something."""
    return ended != 0 or _FAILED.search(told) is not None


def _run(name: str, kept: Path) -> bool:
    """One campaign, unless it is known to have passed; whether it passed."""
    passed = kept / f"{name}.txt"
    if passed.exists():
        print(f"{name}: passed before on this code", flush=True)
        return True
    begun = time.monotonic()
    command = [sys.executable, *f"benchmarks/{CAMPAIGNS[name]}".split()]
    done = subprocess.run(
        command, cwd=ROOT, stdout=subprocess.PIPE, stderr=subprocess.STDOUT, text=True, check=False
    )
    minutes = (time.monotonic() - begun) / 60
    bad = failed(done.stdout, done.returncode)
    told = f"{done.stdout}{name}: {'failed' if bad else 'passed'} after {minutes:.0f} minutes\n"
    # Written aside first: what is cut off half-way must not count as passed.
    beside = kept / f"{name}.{'failed' if bad else 'unfinished'}"
    beside.write_text(told, "utf-8")
    if not bad:
        beside.rename(passed)
    print(told, end="", flush=True)
    return not bad


def main() -> int:
    """Run those asked for, all of them if none is; 1 where one failed."""
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("begins", nargs="*")
    asked = parser.parse_args().begins
    names = [n for n in CAMPAIGNS if not asked or n.startswith(tuple(asked))]
    kept = kept_for_this_source()
    with ThreadPoolExecutor(_AT_ONCE) as pool:
        passed = dict(zip(names, pool.map(lambda n: _run(n, kept), names), strict=True))
    print("What the campaigns did:")
    for name in names:
        told = kept / (f"{name}.txt" if passed[name] else f"{name}.failed")
        lines = told.read_text("utf-8").splitlines()
        print("\n".join(line for line in lines if _TOLD.match(line)) or lines[-1])
    bad = [name for name, good in passed.items() if not good]
    print(f"{len(names) - len(bad)} of {len(names)} passed" + "".join(f"; {n} failed" for n in bad))
    return 1 if bad else 0


if __name__ == "__main__":
    sys.exit(main())
