"""The workbench: what was worked out lately lies at hand, within a bound of memory.

Whatever follows from a draft or a quilt is asked for by what it follows from. A drawing follows
from the ruling and the seams, a reading from the draft, a plan from the draft and a number of
blocks: so a change of a fabric finds its drawing here, and two parts of one request that ask for
the same plan are given the very same.
"""

from __future__ import annotations

from collections import OrderedDict
from collections.abc import Callable, Hashable
from dataclasses import dataclass, field
from functools import update_wrapper
from threading import Lock, RLock
from time import perf_counter
from typing import Any, Generic, ParamSpec, TypeVar

Asked = ParamSpec("Asked")
Answer = TypeVar("Answer")

MOST_BYTES = 256 * 2**20  # of all answers together: a few blocks of the largest, or hundreds
LARGEST_SHARE = 2  # an answer of more than half of it would leave no room for what it follows from
A_FACE = 1_000  # bytes: what hangs on a patch in a drawing, as measured
FACT = 2_000  # bytes, about: an answer of a few numbers and its place on the bench


@dataclass
class _Place:
    """Where an answer lies, or is being worked out by the one who holds the lock."""

    lock: RLock = field(default_factory=RLock)
    answer: Any = None
    bytes: int = 0
    done: bool = False
    seconds: float = 0.0


class Workbench:
    """Answers by what they follow from; what was longest not asked for is put away first."""

    def __init__(self, most_bytes: int = MOST_BYTES) -> None:
        self.most_bytes = most_bytes
        self.bytes = 0
        self._places: OrderedDict[Hashable, _Place] = OrderedDict()
        self._lock = Lock()

    def __len__(self) -> int:
        return len(self._places)

    def ask(
        self, key: Hashable, work: Callable[[], Answer], weigh: Callable[[Answer], int]
    ) -> Answer:
        """The answer to `key`, worked out if it does not lie here; who asks meanwhile waits for
        that and is given it as well.

        Args:
            weigh: about how many bytes an answer takes that no other answer holds as well.

        Raises: whatever the work raises, to each who asks anew.
        """
        with self._lock:
            place = self._places.get(key)
            if place is None:
                place = self._places[key] = _Place()
            else:
                self._places.move_to_end(key)
                if place.done:
                    answer: Answer = place.answer
                    return answer
        with place.lock:
            if not place.done:
                try:
                    begun = perf_counter()
                    place.answer = work()
                    place.seconds = perf_counter() - begun
                except BaseException:
                    self._forget(key, place)
                    raise
                place.done = True
                self._settle(key, place, weigh(place.answer))
            found: Answer = place.answer
            return found

    def lay(self, key: Hashable, answer: object, weight: int) -> None:
        """Lay down an answer that is known already."""
        with self._lock:
            place = self._places.setdefault(key, _Place())
            if place.done:
                return
            place.answer, place.done = answer, True
        self._settle(key, place, weight)

    def seconds(self, key: Hashable) -> float | None:
        """How long an answer that lies here took, beyond what lay here already; None where none
        does.
        """
        with self._lock:
            place = self._places.get(key)
        return place.seconds if place is not None and place.done else None

    def put_away(self, is_meant: Callable[[Hashable], bool]) -> None:
        """Put away the answers whose keys are meant."""
        with self._lock:
            for key, place in tuple(self._places.items()):
                if is_meant(key):
                    del self._places[key]
                    self.bytes -= place.bytes

    def clear(self) -> None:
        """Put everything away."""
        with self._lock:
            self._places.clear()
            self.bytes = 0

    def _forget(self, key: Hashable, place: _Place) -> None:
        with self._lock:
            if self._places.get(key) is place:
                del self._places[key]

    def _settle(self, key: Hashable, place: _Place, weight: int) -> None:
        with self._lock:
            if self._places.get(key) is not place:
                return  # put away while it was worked out
            if weight > self.most_bytes // LARGEST_SHARE:
                del self._places[key]
                return
            place.bytes = weight
            self.bytes += weight
            self._make_room(place)

    def _make_room(self, place: _Place) -> None:
        """Put away what was longest not asked for, as far as need be; never what was just laid."""
        over, oldest = self.bytes - self.most_bytes, []
        for key, lying in self._places.items():  # the oldest first, so this seldom goes far
            if over <= 0:
                break
            if lying.done and lying is not place:
                oldest.append(key)
                over -= lying.bytes
        for key in oldest:
            self.bytes -= self._places.pop(key).bytes


BENCH = Workbench()


class Kept(Generic[Asked, Answer]):
    """A function whose answers lie on the bench."""

    def __init__(self, work: Callable[Asked, Answer], weigh: Callable[..., int]) -> None:
        self._work, self._weigh = work, weigh
        update_wrapper(self, work)

    def __call__(self, *given: Asked.args, **named: Asked.kwargs) -> Answer:
        return BENCH.ask(
            self._key(given, named),
            lambda: self._work(*given, **named),
            lambda answer: self._weigh(answer, *given, **named),
        )

    def lay(self, answer: Answer, *given: Asked.args, **named: Asked.kwargs) -> None:
        """Lay down an answer that is known already."""
        BENCH.lay(self._key(given, named), answer, self._weigh(answer, *given, **named))

    def seconds(self, *given: Asked.args, **named: Asked.kwargs) -> float | None:
        """How long the answer took, if it lies there."""
        return BENCH.seconds(self._key(given, named))

    def put_away(self) -> None:
        """Put all its answers away, so that the next one is worked out anew."""
        BENCH.put_away(lambda key: isinstance(key, tuple) and key[0] is self._work)

    def _key(self, given: tuple[object, ...], named: dict[str, object]) -> Hashable:
        return (self._work, given, tuple(named.items())) if named else (self._work, given)


def _of_a_fact(*_: object) -> int:
    return FACT


def kept(
    weigh: Callable[..., int] = _of_a_fact,
) -> Callable[[Callable[Asked, Answer]], Kept[Asked, Answer]]:
    """Has the answers of a function lie on the bench. What it is given must be hashable and must
    never change, and the answer must follow from that alone.

    Args:
        weigh: from the answer and what was given, about how many bytes the answer takes that no
            other answer holds as well.
    """
    return lambda work: Kept(work, weigh)
