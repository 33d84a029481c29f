"""The block as SVG at true size, with layers for fabrics, seams and letters.

Each seam also tells its ends exactly, in columns and rows, so that a drawing taken in again is the
same block.
"""

from __future__ import annotations

from yonk.core.paper import write_exact
from yonk.core.planning import Reading
from yonk.files.plain_text import for_markup

UNIT_MARK = {"in": "in", "cm": "cm"}


def write_svg(reading: Reading) -> str:
    """One unit of the drawing is one inch or centimetre, as the draft has it."""
    draft, drawing = reading.draft, reading.drawing
    width, height = float(draft.width), float(draft.height)
    scale, mark = drawing.scale, UNIT_MARK[draft.unit]
    thin = max(width, height) / 400

    def at(spot: tuple[int, int]) -> str:
        return f"{spot[0] / scale:.6g},{spot[1] / scale:.6g}"

    fabrics, letters = [], []
    for face, patch, polygon in zip(drawing.faces, reading.patches, drawing.polygons, strict=True):
        rings = "".join(f"M{' L'.join(map(at, ring))}Z" for ring in (face.ring, *face.holes))
        colour = draft.fabric(patch.fabric).colour
        title = (
            f"<title>{for_markup(patch.letter)} "
            f"{for_markup(draft.fabric(patch.fabric).called)}</title>"
        )
        fabrics.append(f'<path d="{rings}" fill="{colour}" fill-rule="evenodd">{title}</path>')
        spot = polygon.point_on_surface()
        size = min(float(patch.height), width / 12) * 0.35
        where = f'x="{spot.x / scale:.5g}" y="{spot.y / scale:.5g}" font-size="{size:.4g}"'
        letters.append(
            f'<text {where} text-anchor="middle" dominant-baseline="central">{patch.letter}</text>'
        )
    seams = []
    for seam in draft.seams:
        (ax, ay), (bx, by) = (
            [f"{float(part):.6g}" for part in drawing.ruling.place(point)] for point in seam
        )
        start, end = (" ".join(map(write_exact, point)) for point in seam)
        seams.append(
            f'<line x1="{ax}" y1="{ay}" x2="{bx}" y2="{by}" data-from="{start}" data-to="{end}"/>'
        )
    seams.append(f'<rect width="{width:g}" height="{height:g}"/>')
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{width:g}{mark}" '
        f'height="{height:g}{mark}" '
        f'viewBox="0 0 {width:g} {height:g}">\n'
        f"<title>{for_markup(draft.name)}, {write_exact(draft.width)} by "
        f"{write_exact(draft.height)} {mark} finished</title>\n"
        f'<g id="fabrics" stroke="none">\n{_lines(fabrics)}</g>\n'
        f'<g id="seams" stroke="#14312c" stroke-width="{thin:.4g}" stroke-linecap="round" '
        f'fill="none" '
        f'data-columns="{len(draft.columns)}" data-rows="{len(draft.rows)}">\n{_lines(seams)}</g>\n'
        f'<g id="letters" font-family="sans-serif" fill="#14312c" '
        f'stroke="none">\n{_lines(letters)}</g>\n</svg>\n'
    )


def _lines(parts: list[str]) -> str:
    return "".join(f"{part}\n" for part in parts)
