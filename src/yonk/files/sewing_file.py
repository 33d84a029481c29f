"""The sewing plan as a file, `yonk-sewing/1`."""

from __future__ import annotations

from fractions import Fraction
from typing import Any

from yonk.core.drawing import Spot
from yonk.core.paper import ORDERS, write_exact
from yonk.core.pressing import ListedJoin, SewingPlan, measures, reason
from yonk.words import in_words


def write_sewing(plan: SewingPlan, blocks: int) -> dict[str, Any]:
    """The content of a sewing file, ready for JSON.

    Args:
        plan: the sewing of one block.
        blocks: how many there are.
    """
    draft = plan.draft
    names = join_names(plan)
    return {
        "format": "yonk-sewing/1",
        "block": {
            "name": draft.name,
            "unit": draft.unit,
            "finished": {"width": write_exact(draft.width), "height": write_exact(draft.height)},
            "seam": write_exact(draft.making.seam),
            "blocks": blocks,
        },
        "order": plan.order,
        "pieces": [_piece(plan, face) for face in range(plan.joining.order.leaves)],
        "joins": [_join(plan, sewn, names) for sewn in plan.sewn],
        "meetings": [
            {
                "join": f"j{names[meeting.join]}",
                "at": _spot(plan, meeting.at),
                "of": [f"j{names[seam]}" for seam in _as_listed(plan, meeting.join, meeting.of)],
                "state": state,
            }
            for meeting, state in zip(plan.wanted.meetings, plan.pressing.states, strict=True)
        ],
        "thickest": _thickest(plan),
        "best": plan.pressing.best,
        "proposals": _proposals(plan, names),
    }


def join_names(plan: SewingPlan) -> dict[int, int]:
    """What number each join has in the list, by its number in the plan."""
    return {sewn.join.number: place for place, sewn in enumerate(plan.sewn, start=1)}


def _as_listed(plan: SewingPlan, join: int, of: tuple[int, int]) -> tuple[int, int]:
    """The seams of a meeting in the order in which its join lists its sides."""
    return of if plan.listed[join].of == plan.joining.joins[join].of else of[::-1]


def _number(plan: SewingPlan, steps: int) -> str:
    return write_exact(Fraction(steps) / plan.reading.drawing.scale)


def _spot(plan: SewingPlan, spot: Spot) -> list[str]:
    return [_number(plan, part) for part in spot]


def _piece(plan: SewingPlan, face: int) -> dict[str, Any]:
    patch = plan.reading.patches[face]
    outline = plan.joining.faces[face]
    piece: dict[str, Any] = {
        "id": f"p{face + 1}",
        "letter": patch.letter,
        "fabric": patch.fabric,
        "outline": [_spot(plan, spot) for spot in outline.ring],
    }
    if outline.holes:
        piece["holes"] = [[_spot(plan, spot) for spot in hole] for hole in outline.holes]
    return piece


def _join(plan: SewingPlan, sewn: ListedJoin, names: dict[int, int]) -> dict[str, Any]:
    leaves = plan.joining.order.leaves

    def name(part: int) -> str:
        return f"p{part + 1}" if part < leaves else f"j{names[part - leaves]}"

    join = sewn.join
    row: dict[str, Any] = {
        "id": name(leaves + join.number),
        "of": [name(part) for part in sewn.of],
        "along": [[_spot(plan, a), _spot(plan, b)] for a, b in join.along],
        "kind": join.kind,
        "alike": f"a{sewn.alike}",
        "up": name(sewn.up),
        "press": "open" if sewn.press is None else name(sewn.of[sewn.press]),
        "why": in_words(reason(plan, join)),
        "checkpoint": sewn.checkpoint,
    }
    if join.finished_after is not None:
        row["finished_after"] = name(join.finished_after)
    if join.unit is not None:
        row["unit"] = join.unit
    if sewn.box is not None:
        wide, high = measures(plan, sewn)
        sides = {"width": wide.write(), "height": high.write()}
        row["measures"] = _measures(plan, sewn) or sides
        if sewn.box.round is not None:
            row["sides"] = sides
    return row


def _measures(plan: SewingPlan, sewn: ListedJoin) -> dict[str, str] | None:
    """The box round a rectangle that stands askew to the block and its seam, and two seams."""
    if sewn.box is None or sewn.box.round is None:
        return None
    scale, both = plan.reading.drawing.scale, 2 * plan.draft.making.seam
    wide, high = (write_exact(Fraction(side) / scale + both) for side in sewn.box.round)
    return {"width": wide, "height": high}


def _thickest(plan: SewingPlan) -> dict[str, Any]:
    if not plan.thick:
        return {"at": ["0", "0"], "layers": 1}
    thick = plan.thick[0]
    return {"at": _spot(plan, thick.spot), "layers": thick.layers}


def _proposals(plan: SewingPlan, names: dict[int, int]) -> list[dict[str, Any]]:
    """What is proposed where a meeting stays bulky; she decides."""
    opened = [
        {"open": f"j{names[one.seam]}", "at": _spot(plan, plan.wanted.meetings[one.meeting].at)}
        for one in plan.openings
    ]
    lots = [
        {
            "two_lots": f"a{next(s.alike for s in plan.sewn if s.join.number in joins)}",
            "first": one.first,
            "second": one.second,
            "bulky": one.bulky,
        }
        for one in plan.lots
        for joins in [plan.joins_of(one.choice)]
    ]
    return [*opened, *lots]


def sewing_schema() -> dict[str, Any]:
    """The JSON Schema of a sewing file."""
    text, count = {"type": "string"}, {"type": "integer", "minimum": 0}
    spot = {"type": "array", "items": text, "minItems": 2, "maxItems": 2}
    spots = {"type": "array", "items": spot}
    pair = {"type": "array", "items": text, "minItems": 2, "maxItems": 2}
    both = _object(width=text, height=text)
    join = _object(
        id=text,
        of=pair,
        along={"type": "array", "items": spots, "minItems": 1},
        kind={"enum": ["straight", "partial", "set-in"]},
        alike=text,
        up=text,
        press=text,
        why=text,
        checkpoint={"type": "boolean"},
    )
    join["properties"] |= {"finished_after": text, "unit": text, "measures": both, "sides": both}
    piece = _object(id=text, letter=text, fabric=text, outline=spots)
    piece["properties"]["holes"] = {"type": "array", "items": spots}
    proposal = {
        "oneOf": [
            _object(open=text, at=spot),
            _object(two_lots=text, first=count, second=count, bulky=count),
        ]
    }
    states = {"enum": ["nested", "spun", "open", "bulky"]}
    block = _object(name=text, unit={"enum": ["in", "cm"]}, finished=both, seam=text, blocks=count)
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        "title": "yonk-sewing/1",
        **_object(
            format={"const": "yonk-sewing/1"},
            block=block,
            order={"enum": [*ORDERS]},
            pieces={"type": "array", "items": piece},
            joins={"type": "array", "items": join},
            meetings={
                "type": "array",
                "items": _object(join=text, at=spot, of=pair, state=states),
            },
            thickest=_object(at=spot, layers=count),
            best={"type": "boolean"},
            proposals={"type": "array", "items": proposal},
        ),
    }


def _object(**fields: Any) -> dict[str, Any]:
    """An object that has all these fields."""
    return {"type": "object", "properties": fields, "required": [*fields]}
