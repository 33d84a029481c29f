"""The evenings as a calendar file (iCalendar, RFC 5545): an event each, at the hour on her clock
wherever she is.
"""

from __future__ import annotations

from collections.abc import Callable
from datetime import UTC, datetime, time, timedelta
from hashlib import sha256
from math import ceil

from icalendar import Calendar, Event

from yonk.core.paper import Text, message
from yonk.core.table import Planned, Schedule
from yonk.words import in_words


def write_evenings_ics(
    name: str, block: str, schedule: Schedule, words: Callable[[Planned], Text], hour: int
) -> bytes:
    """The calendar.

    Args:
        name: of the block.
        block: as which it is kept, so that a calendar that is taken along again takes the place of
            the one before.
        words: of what is done.
        hour: at which an evening begins.
    """
    calendar = Calendar()
    calendar.add("prodid", "-//Yonk//evenings//EN")
    calendar.add("version", "2.0")
    for number, evening in enumerate(schedule.evenings, start=1):
        begins = datetime.combine(evening.day, time(hour))
        title = message("evening-title", block=name, number=number, evenings=len(schedule.evenings))
        event = Event()
        event.add("uid", f"{sha256(f'{block} {name} {number}'.encode()).hexdigest()[:32]}@yonk")
        event.add("dtstamp", datetime.now(UTC))
        event.add("dtstart", begins)
        event.add("duration", timedelta(minutes=ceil(evening.seconds / 60)))
        event.add("summary", in_words(title))
        event.add("description", "\n".join(in_words(words(one)) for one in evening.planned))
        calendar.add_component(event)
    content: bytes = calendar.to_ical()
    return content
