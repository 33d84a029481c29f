"""When memory is looked through for cycles: a plan is a great many small values and no cycles, and
to look for them while one is made takes a third of its time.
"""

from __future__ import annotations

import gc

SELDOM = 50_000, 20, 100  # values made since the last look; looks of each kind before a longer one
IN_NEED = 20  # as many times as often is looked at once, wherever the work stands


def look_seldom() -> None:
    """Look for cycles only when there is need: for one piece of work, after which the process
    ends.
    """
    gc.set_threshold(SELDOM[0] * IN_NEED, *SELDOM[1:])


def look_between_requests() -> None:
    """Look only when told, by `look_if_due`, or when there is need; never at what is there now."""
    look_seldom()
    gc.collect()
    gc.freeze()


def look_if_due() -> None:
    """Look for cycles if it is time: told when an answer has gone out, so that nobody waits."""
    made, short, longer = gc.get_count()
    if made > SELDOM[0]:
        gc.collect(0 if short <= SELDOM[1] else 1 if longer <= SELDOM[2] else 2)
