"""Drawings for other programs and machines: templates as SVG and DXF, layouts as SVG, all at true
size.
"""

from __future__ import annotations

from io import StringIO

from ezdxf import units
from ezdxf.filemanagement import new

from yonk.core.cutting import CutList, Template, diagonal_drawn
from yonk.core.paper import LengthUnit, Polygon
from yonk.files.plain_text import for_markup, printable

_GAP = 0.5  # of a unit, between drawings that lie side by side


def write_templates_svg(templates: list[Template], unit: LengthUnit) -> str:
    """All templates one below the other: layers for cut lines, seam lines and letters."""
    wide = max((one.width for one in templates), default=1.0)
    top, cuts, seams, letters = 0.0, [], [], []
    for one in templates:
        cuts.append(_polygon(one.cut, top))
        seams.append(_polygon(one.seam, top))
        size = min(one.width, one.height) / 5
        letters.append(
            f'<text x="{one.width / 2:.4f}" y="{top + one.height / 2:.4f}" '
            f'font-size="{size:.3f}">{one.letter}</text>'
        )
        top += one.height + _GAP
    thin = wide / 300
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:.4f}{unit}" '
        f'height="{top:.4f}{unit}" viewBox="0 0 {wide:.4f} {top:.4f}">\n'
        f'<g id="cut" fill="none" stroke="#000000" stroke-width="{thin:.4f}">{"".join(cuts)}</g>\n'
        f'<g id="seam" fill="none" stroke="#3f6d99" stroke-width="{thin:.4f}" '
        f'stroke-dasharray="{4 * thin:.4f}">{"".join(seams)}</g>\n'
        f'<g id="letters" fill="#14312c" text-anchor="middle" '
        f'font-family="sans-serif">{"".join(letters)}</g>\n</svg>\n'
    )


def _polygon(outline: Polygon, top: float) -> str:
    return f'<polygon points="{" ".join(f"{x:.5f},{y + top:.5f}" for x, y in outline)}"/>'


def write_templates_dxf(templates: list[Template], unit: LengthUnit) -> str:
    """For a cutting machine: closed outlines on the layer CUT, seam lines on SEAM, letters on TEXT;
    y runs up.
    """
    document = new("R2010", setup=False)
    document.units = units.IN if unit == "in" else units.CM
    document.header["$MEASUREMENT"] = 0 if unit == "in" else 1
    for name, colour in (("CUT", 1), ("SEAM", 5), ("TEXT", 7)):
        document.layers.add(name, color=colour)
    space = document.modelspace()
    left = 0.0
    for one in templates:
        for layer, outline in (("CUT", one.cut), ("SEAM", one.seam)):
            space.add_lwpolyline(
                [(left + x, one.height - y) for x, y in outline],
                close=True,
                dxfattribs={"layer": layer},
            )
        space.add_text(
            one.letter, height=min(one.width, one.height) / 6, dxfattribs={"layer": "TEXT"}
        ).set_placement((left + one.width / 2, one.height / 2))
        counts = "; ".join(f"{count} of {printable(fabric)}" for fabric, count in one.counts)
        space.add_text(
            counts, height=min(one.width, one.height) / 14, dxfattribs={"layer": "TEXT"}
        ).set_placement((left, -_GAP / 2))
        left += one.width + _GAP
    out = StringIO()
    document.write(out)
    return out.getvalue()


def write_layouts_svg(cutting: CutList) -> str:
    """Every cloth of a stage to scale, one below the other."""
    parts: list[str] = []
    top, wide = 0.0, 1.0
    for cloth in cutting.cloths:
        fabric = cutting.fabric(cloth.fabric)
        for layout in cloth.layouts:
            width, length = float(layout.source.width), float(layout.source.length)
            parts.append(
                f'<g transform="translate(0 {top + 1.5:.3f})"><title>{for_markup(fabric.called)}, '
                f"{for_markup(layout.source.name)}</title>"
            )
            parts.append(
                f'<text x="0" y="-0.4" font-size="1">{for_markup(fabric.called)}, '
                f"{for_markup(layout.source.name)}</text>"
            )
            parts.append(
                f'<rect width="{width:g}" height="{length:g}" fill="{fabric.colour}" '
                f'fill-opacity="0.25" stroke="#14312c" stroke-width="0.05"/>'
            )
            for one in layout.laid:
                x, y, w, h = (float(side) for side in (one.x, one.y, one.width, one.height))
                parts.append(
                    f'<rect x="{x:g}" y="{y:g}" width="{w:g}" height="{h:g}" fill="#fffdf6" '
                    f'stroke="#14312c" stroke-width="0.05"/>'
                )
                rising, falling = (
                    f"M{x:g} {y + h:g}L{x + w:g} {y:g}",
                    f"M{x:g} {y:g}L{x + w:g} {y + h:g}",
                )
                drawn = {"": "", "rising": rising, "falling": falling, "both": rising + falling}
                path = drawn[diagonal_drawn(cloth.cuts[one.line], one)]
                parts += (
                    [
                        f'<path d="{path}" stroke="#14312c" stroke-width="0.05" '
                        f'stroke-dasharray="0.3 0.2"/>'
                    ]
                    if path
                    else []
                )
                parts.append(
                    f'<text x="{x + w / 2:g}" y="{y + h / 2:g}" font-size="{min(1.2, h / 2):g}" '
                    f'text-anchor="middle" dominant-baseline="central">{one.line + 1}</text>'
                )
            parts.append("</g>")
            top, wide = top + length + 2.5, max(wide, width)
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:g}{cutting.unit}" '
        f'height="{top:g}{cutting.unit}" viewBox="0 0 {wide:g} {top:g}" '
        f'font-family="sans-serif">\n{chr(10).join(parts)}\n</svg>\n'
    )
