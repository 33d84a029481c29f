"""A plan as the Draft step needs it: outlines to draw and texts to show. No rule is decided
here.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Sequence
from fractions import Fraction
from functools import lru_cache
from typing import Any

import shapely

from yonk.api.draft.faces_shown import cell_faces, faces_shown
from yonk.api.draft.schemas import (
    ChartCellOut,
    ChartRowOut,
    ChoiceOut,
    ColouringOut,
    CutOut,
    DraftOut,
    FabricCutsOut,
    FabricOut,
    FaceOut,
    HeldOut,
    LineOut,
    MatesOut,
    MendOut,
    MethodOut,
    NoticeOut,
    OtherUnitOut,
    OwnedRulerOut,
    RulerMarksOut,
    SchoolOut,
    SettingOut,
    SheetOut,
    StretchOut,
    UnitOut,
)
from yonk.api.shown import cloth_picture_out, cloths_of, ink_on, picture
from yonk.api.wire import RangeOut
from yonk.core.acts import (
    Act,
    ChooseMethod,
    Mate,
    MatesName,
    Resize,
    SetMaking,
    SetOwn,
    Uneven,
    possible_mates,
)
from yonk.core.drawing import Spot, grid_point_inside, paint_faces
from yonk.core.paper import (
    MINUS,
    OTHER_UNIT,
    RULER_MARKS,
    SETTINGS,
    USUAL_RULER,
    XY,
    Decimal,
    Draft,
    Fabric,
    LengthUnit,
    Message,
    OwnedRuler,
    Point,
    Settings,
    Text,
    cutting_schools,
    in_other_unit,
    listed,
    message,
    show,
    suffix_of,
    write_exact,
    write_mixed,
    write_typed,
)
from yonk.core.planning import (
    ChartRow,
    Cut,
    Mend,
    Plan,
    Recipe,
    UnitGroup,
    cut_size,
    cut_size_words,
    cut_words,
    further,
    note_on_fabric,
    purposes,
    usual_range,
)
from yonk.core.units import BY_NAME, terms_of
from yonk.files.block_file import write_block
from yonk.words import in_words


def view_of(plan: Plan, *, stretches: bool = False, outlines: bool = False) -> DraftOut:
    """Everything the screen shows of a plan."""
    return _View(plan).out(stretches, outlines)


def sheet_of(plan: Plan) -> SheetOut:
    """The ruled paper of a plan and what the block is made with."""
    return _View(plan).sheet()


def fabrics_out(plan: Plan) -> list[FabricOut]:
    """The fabrics of a plan, as they are to be drawn."""
    return _View(plan).fabrics()


def _signed(off: float) -> Text:
    """How far off the ruler a cut is, with its sign."""
    return listed(("+" if off > 0 else MINUS, Decimal(abs(off), 3, fixed=True)), "nothing")


def chart_view(rows: list[ChartRow], draft: Draft) -> list[ChartRowOut]:
    """A size chart as texts."""
    unit = draft.unit
    return [
        ChartRowOut(
            width=write_typed(row.width, unit),
            height=write_typed(row.height, unit),
            chosen=row.width == draft.width,
            finished=cut_size_words(row.width, row.height, unit),
            on_the_ruler=row.on_the_ruler,
            cells=[
                ChartCellOut(
                    letter=cell.letter,
                    cut=cut_size_words(cell.width, cell.height, unit),
                    further=message("cut-so-often", subcut=cell.subcut),
                    off="" if cell.off is None else _signed(float(cell.off)),
                )
                for cell in row.cells
            ],
        )
        for row in rows
    ]


def settings_view(settings: Settings, unit: LengthUnit) -> dict[str, SettingOut]:
    """All settings in the order in which they are shown."""
    return _settings_of(tuple(getattr(settings, name) for name in SETTINGS), unit)


@lru_cache(maxsize=64)
def _settings_of(values: tuple[Any, ...], unit: LengthUnit) -> dict[str, SettingOut]:
    suffixes: dict[str, Text] = {"length": suffix_of(unit), "percent": message("in-a-hundred")}
    return {
        name: SettingOut(
            value=one.write(value, unit),
            kind=one.kind,
            label=one.label,
            under=one.heading or "",
            why=one.reason or "",
            suffix=suffixes.get(one.kind, ""),
            pages=list(one.pages),
            choices=[ChoiceOut(value=value, words=words) for value, words in one.answers()],
            rulers=_rulers(value, unit) if one.kind == "rulers" else [],
            new_ruler=_rulers([USUAL_RULER[unit]], unit)[0],
            ruler_marks=[
                RulerMarksOut(value=marks, words=message("ruler-marks", marks=marks))
                for marks in (RULER_MARKS if one.kind == "rulers" else ())
            ],
        )
        for value, (name, one) in zip(values, SETTINGS.items(), strict=True)
    }


def _rulers(rulers: Sequence[OwnedRuler], unit: LengthUnit) -> list[OwnedRulerOut]:
    return [
        OwnedRulerOut(
            width=write_typed(one.width, unit),
            length=write_typed(one.length, unit),
            step=write_typed(one.step, unit),
            marks=one.marks,
        )
        for one in rulers
    ]


class _View:
    def __init__(self, plan: Plan) -> None:
        self.plan = plan
        self.reading = plan.reading
        self.draft: Draft = plan.reading.draft
        self.drawing = plan.reading.drawing
        self.unit = self.draft.unit
        self.recipes = {recipe.group.label: recipe for recipe in plan.recipes}
        self.group_of: dict[int, UnitGroup] = self.reading.group_of_face
        members = [faces for group in self.reading.groups for faces in group.members]
        self.members = sorted(members, key=min)  # by where they lie, so that they keep their number
        self.member_of = {
            face: number for number, faces in enumerate(self.members) for face in faces
        }

    def out(self, stretches: bool, outlines: bool) -> DraftOut:
        faces = self._faces()
        members, held = self._held()
        return DraftOut.model_construct(  # what the core made needs no checking
            document=write_block(self.draft),
            sheet=self.sheet(),
            fabrics=self.fabrics(),
            faces=faces,
            face_letters=[patch.letter for patch in self.reading.patches],
            face_members=[self.member_of[patch.face] for patch in self.reading.patches],
            loose=[(self._place(a), self._place(b)) for a, b in self.drawing.loose],
            stretches=self._stretches() if stretches else [],
            outlines=self._outlines() if outlines else [],
            cells=self._cells(),
            members=members,
            held=held,
            units=[self._unit(recipe, faces) for recipe in self.plan.recipes],
            cutting=self._cutting(),
            notices=[
                NoticeOut(
                    code=notice.code,
                    text=notice.text,
                    patches=list(notice.patches),
                    units=list(notice.units),
                    faces=list(notice.faces),
                    mends=[
                        MendOut(words=one.words, act=act)
                        for one in notice.mends
                        if (act := self._act(one))
                    ],
                )
                for notice in self.plan.notices
            ],
            mates=self._mates(),
            colourings=self._colourings(),
        )

    def _act(self, mend: Mend) -> Act | None:
        """What is done to take a way out; None for a unit that the block as drafted has none of."""
        if mend.unit:
            return self._act_on_unit(mend)
        if mend.finished:
            width, height = (write_typed(length, self.unit) for length in mend.finished)
            return Resize(width=width, height=height)
        if mend.lines:
            columns, rows = (
                tuple(write_typed(one, self.unit) for one in sizes) for sizes in mend.lines
            )
            return Uneven(columns=columns, rows=rows)
        assert mend.ruler_step
        return SetMaking(settings={"ruler_step": write_typed(mend.ruler_step, self.unit)})

    def _act_on_unit(self, mend: Mend) -> Act | None:
        group = next((one for one in self.reading.groups if one.label == mend.unit), None)
        if group is None:
            return None
        x, y = grid_point_inside(self.drawing, self.drawing.faces[group.members[0][0]])
        at = write_exact(x), write_exact(y)
        if mend.method:
            return ChooseMethod(kind=group.kind, at=at, method=mend.method)
        return SetOwn(kind=group.kind, at=at, more=mend.more)

    def _colourings(self) -> list[ColouringOut]:
        if not self.draft.colourings:
            return []
        first = ColouringOut(
            number=None,
            name=message("as-drafted"),
            blocks=self.plan.blocks,
            mirrored=False,
            fabrics={},
            picture=picture(self.reading),
            cloths=cloths_of(self.draft),
        )
        return [
            first,
            *(
                ColouringOut(
                    number=number,
                    name=one.name,
                    blocks=one.blocks,
                    mirrored=one.mirrored,
                    fabrics=dict(one.fabrics),
                    picture=picture(reading),
                    cloths=cloths_of(reading.draft),
                )
                for number, (one, (reading, _)) in enumerate(
                    zip(self.draft.colourings, self.plan.colourings, strict=True)
                )
            ),
        ]

    def _mates(self) -> list[MatesOut]:
        grid = len(self.draft.columns), len(self.draft.rows)
        return _mates_of(grid, tuple(possible_mates(self.draft).items()))

    def _place(self, spot: Spot) -> XY:
        return round(spot[0] / self.drawing.scale, 5), round(spot[1] / self.drawing.scale, 5)

    def _sizes(self) -> RangeOut:
        start, end, step = (write_typed(one, self.unit) for one in usual_range(self.draft))
        return RangeOut(start=start, end=end, step=step)

    def sheet(self) -> SheetOut:
        draft, making, ruling = self.draft, self.draft.making, self.drawing.ruling
        both = 2 * making.seam
        return SheetOut(
            name=draft.name,
            blank=draft.is_blank,
            unit=draft.unit,
            width=float(draft.width),
            height=float(draft.height),
            finished_width=write_typed(draft.width, self.unit),
            finished_height=write_typed(draft.height, self.unit),
            finished=cut_size_words(draft.width, draft.height, self.unit),
            unfinished=cut_size_words(draft.width + both, draft.height + both, self.unit),
            columns=_lines(draft.columns, ruling.across, self.unit),
            rows=_lines(draft.rows, ruling.down, self.unit),
            blocks=self.plan.blocks,
            all_blocks=self.plan.all_blocks,
            paper="letter" if self.unit == "in" else "a4",
            sizes=self._sizes(),
            in_other_unit=self._in_other_unit(),
            settings=settings_view(making, self.unit),
            schools=[
                SchoolOut(
                    words=one.words, settings=dict(one.settings), asks=list(one.asks), hers=one.hers
                )
                for one in cutting_schools(making, self.unit)
            ],
        )

    def _in_other_unit(self) -> OtherUnitOut:
        draft, other = self.draft, OTHER_UNIT[self.unit]
        width, height = (in_other_unit(one, self.unit) for one in (draft.width, draft.height))
        return OtherUnitOut(
            unit=other,
            width=write_typed(width, other),
            height=write_typed(height, other),
            kept=message(
                "numbers-are-kept",
                size=cut_size_words(draft.width, draft.height, other),
                unit=other,
            ),
            converted=message("convert-it-to", size=cut_size_words(width, height, other)),
        )

    def fabrics(self) -> list[FabricOut]:
        counts = Counter(self.reading.fabrics)
        return [fabric_out(fabric, counts[fabric.key]) for fabric in self.draft.fabrics]

    def _faces(self) -> list[FaceOut]:
        finished = {
            patch.letter: in_words(cut_size_words(patch.width, patch.height, self.unit))
            for patch in {patch.letter: patch for patch in self.reading.patches}.values()
        }
        return [
            FaceOut(
                outline=shown.outline,
                holes=shown.holes,
                letter_at=shown.letter_at,
                room=shown.room,
                fabric=patch.fabric,
                at=at,
                finished=finished[patch.letter],
                shape=patch.shape,
            )
            for shown, patch, at in zip(
                faces_shown(self.drawing), self.reading.patches, self._anchors(), strict=True
            )
        ]

    def _anchors(self) -> list[tuple[str, str]]:
        """A point inside each face: that of its paint where it has one."""
        known: dict[int, tuple[str, str]] = {}
        for face, paint in zip(
            paint_faces(self.draft, self.drawing), self.draft.paints, strict=True
        ):
            if face is not None:
                known[face] = paint.written
        return [
            known.get(index) or self._named(grid_point_inside(self.drawing, face))
            for index, face in enumerate(self.drawing.faces)
        ]

    def _named(self, point: Point) -> tuple[str, str]:
        return write_exact(point[0]), write_exact(point[1])

    def _stretches(self) -> list[StretchOut]:
        def named(spot: Spot) -> tuple[str, str]:
            return self._named(self.drawing.to_grid(spot))

        return [
            StretchOut(start=self._place(a), end=self._place(b), start_at=named(a), end_at=named(b))
            for a, b in self.drawing.inner_edges()
        ]

    def _outlines(self) -> list[list[XY]]:
        """Around each single unit; a unit is a rectangle, so the hull of its patches is its
        outline.
        """
        hulls = [
            shapely.MultiPoint(
                [spot for face in faces for spot in self.drawing.faces[face].ring]
            ).convex_hull
            for faces in self.members
        ]
        return [[self._place((x, y)) for x, y in hull.exterior.coords[:-1]] for hull in hulls]

    def _cells(self) -> list[list[int | None]]:
        """Which unit each cell of the grid lies in."""
        columns = len(self.draft.columns)
        found = [
            None if face is None else self.member_of[face] for face in cell_faces(self.drawing)
        ]
        return [found[start : start + columns] for start in range(0, len(found), columns)]

    def _held(self) -> tuple[list[int], list[HeldOut]]:
        """What each unit is, as a place among all that they are."""
        places: dict[tuple[str, tuple[str, ...]], int] = {}
        held: list[HeldOut] = []
        members = []
        for faces in self.members:
            group = self.group_of[faces[0]]
            inside = tuple([self.reading.fabrics[face] for face in sorted(faces)])
            place = places.setdefault((group.label, inside), len(held))
            if place == len(held):
                held.append(HeldOut(unit=group.label, words=self._spoken(group, inside)))
            members.append(place)
        return members, held

    def _spoken(self, group: UnitGroup, inside: tuple[str, ...]) -> Message:
        """A unit; of two patches, which lies over the other. `inside` are the fabrics from the top
        down.
        """
        over = len(inside) == 2 and inside[0] != inside[1]
        names = [self.draft.fabric(key).called for key in (inside if over else group.unit.fabrics)]
        fabrics = message("one-over-the-other", one=names[0], other=names[1]) if over else None
        return message(
            "unit-spoken",
            kind=group.words,
            unit=group.label,
            hand=group.unit.hand or "none",
            fabrics=fabrics or listed(names, "each-and"),
        )

    def _unit(self, recipe: Recipe, faces: list[FaceOut]) -> UnitOut:
        unit = recipe.group.unit
        both = terms_of(self.draft).both_seams
        wide, high = unit.longer_first
        return UnitOut(
            label=recipe.group.label,
            kind=recipe.group.kind,
            words=recipe.group.words,
            letters=unit.letters,
            finished=cut_size_words(wide, high, self.unit),
            unfinished=cut_size_words(wide + both, high + both, self.unit),
            per_block=recipe.group.per_block,
            total=recipe.total,
            method=recipe.method.name,
            method_words=recipe.method.words,
            way=recipe.way.name,
            chosen=recipe.chosen,
            reason=recipe.reason,
            makes=recipe.makes,
            spare=recipe.spare,
            hand=unit.hand,
            at=self._unit_at(recipe, faces),
            methods=self._ways(recipe),
        )

    def _ways(self, recipe: Recipe) -> list[MethodOut]:
        """The methods that suit, and the split that is taken, if one is."""
        suiting = [m for m in BY_NAME[recipe.group.kind].methods if m.suits(recipe.group.unit)]
        split = (
            [MethodOut(name=recipe.way.name, words=recipe.way.words)]
            if len(recipe.way.shares) > 1
            else []
        )
        return [*(MethodOut(name=m.name, words=m.words) for m in suiting), *split]

    def _unit_at(self, recipe: Recipe, faces: list[FaceOut]) -> tuple[str, str] | None:
        """A point in one of the units, where the block as drafted has one; a colouring may have
        units of its own.
        """
        known = {group.identity for group in self.reading.groups}
        return faces[recipe.group.members[0][0]]["at"] if recipe.group.identity in known else None

    def _cutting(self) -> list[FabricCutsOut]:
        by_fabric: dict[str, list[Cut]] = defaultdict(list)
        for cut in self.plan.cuts:
            by_fabric[cut.fabric].append(cut)
        return [
            FabricCutsOut(
                fabric=key,
                name=self.draft.fabric(key).called,
                note=note_on_fabric(self.draft.fabric(key)),
                cuts=[
                    self._cut(cut, f"{key}-{number}") for number, cut in enumerate(cuts, start=1)
                ],
            )
            for key, cuts in by_fabric.items()
        ]

    def _cut(self, cut: Cut, name: str) -> CutOut:
        letters = list(dict.fromkeys(purpose.letter for purpose in cut.purposes))
        return CutOut(
            id=name,
            count=cut.pieces_cut,
            shape=cut.shape,
            size=cut_size(cut, self.unit),
            what=cut_words(cut.shape, cut.pieces_cut),
            subcut=cut.subcut,
            further=further(cut, self.unit),
            purpose=listed(purposes(cut, self.plan.recipes), "semicolon"),
            letters=letters,
            units=list(cut.units),
            pieces=cut.yields,
            spare_pieces=cut.spare_pieces,
            working=self._working(cut),
        )

    def _working(self, cut: Cut) -> list[Text]:
        said = [*cut.purposes[0].working, message("on-the-ruler", size=cut_size(cut, self.unit))]
        if cut.spare_pieces:
            said.append(message("pieces-left-over", spare=cut.spare_pieces, pieces=cut.yields))
        return said


@lru_cache(maxsize=64)
def _lines(
    parts: tuple[Fraction, ...], at: tuple[Fraction, ...], unit: LengthUnit
) -> list[LineOut]:
    return [
        LineOut(
            proportion=write_mixed(part),
            finished=show(high - low, unit),
            exact=write_typed(high - low, unit),
            start=float(low),
            length=float(high - low),
        )
        for part, low, high in zip(parts, at, at[1:], strict=False)
    ]


@lru_cache(maxsize=64)
def _mates_of(
    grid: tuple[int, int], mates: tuple[tuple[MatesName, tuple[Mate, ...]], ...]
) -> list[MatesOut]:
    return [
        MatesOut(name=name, words=message(f"mates-{name}"), maps=[_map(way, grid) for way in ways])
        for name, ways in mates
    ]


def _map(mate: Mate, grid: tuple[int, int]) -> tuple[int, int, int, int, int, int]:
    """A mate as the numbers of an affine map, read off where it takes three points."""
    zero, one = Fraction(0), Fraction(1)
    (c, f), (ac, df), (bc, ef) = (
        mate.point(at, grid) for at in ((zero, zero), (one, zero), (zero, one))
    )
    return int(ac - c), int(bc - c), int(c), int(df - f), int(ef - f), int(f)


def fabric_out(fabric: Fabric, patches: int) -> FabricOut:
    """A fabric of a block or a quilt, with how many patches are of it."""
    return FabricOut(
        key=fabric.key,
        name=fabric.called,
        colour=fabric.colour,
        value=fabric.value,
        print=fabric.print,
        direction=fabric.direction,
        right_side=fabric.right_side,
        shelf=fabric.shelf,
        patches=patches,
        ink=ink_on(fabric.colour),
        picture=cloth_picture_out(fabric.picture),
    )
