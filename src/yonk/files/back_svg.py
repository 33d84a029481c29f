"""The back of a pressed block as SVG at true size: its allowances as they lie, mirrored as one
looks at the back, with the layers counted where it is thickest.
"""

from __future__ import annotations

from yonk.core.pressing import SewingPlan
from yonk.files.plain_text import for_markup
from yonk.files.svg_out import UNIT_MARK


def write_back_svg(plan: SewingPlan) -> str:
    """The back of a block, one unit of the drawing an inch or centimetre as the draft has it."""
    draft = plan.draft
    width, height, seam = (float(side) for side in (draft.width, draft.height, draft.making.seam))
    wide, high, mark = width + 2 * seam, height + 2 * seam, UNIT_MARK[draft.unit]
    cloth = []
    for layer in sorted(plan.cloth, key=lambda layer: layer.allowance):
        for part in getattr(layer.outline, "geoms", [layer.outline]):
            if part.geom_type != "Polygon":
                continue
            spots = " ".join(f"{width - x:.5g},{y:.5g}" for x, y in part.exterior.coords[:-1])
            colour = draft.fabric(plan.reading.fabrics[layer.face]).colour
            kind = "allowance" if layer.allowance else "patch"
            cloth.append(f'<polygon class="{kind}" points="{spots}" fill="{colour}"/>')
    scale = float(plan.reading.drawing.scale)
    thick = [
        f'<text x="{width - one.spot[0] / scale:.5g}" y="{one.spot[1] / scale:.5g}">'
        f"{one.layers}</text>"
        for one in plan.thick
    ]
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:g}{mark}" height="{high:g}{mark}" '
        f'viewBox="{-seam:g} {-seam:g} {wide:g} {high:g}">\n'
        f"<title>{for_markup(draft.name)}, the back as it is pressed</title>\n"
        f'<g id="cloth" fill-opacity="0.3" stroke="#14312c" stroke-width="{seam / 30:.4g}">\n'
        + "\n".join(cloth)
        + f'\n</g>\n<g id="layers" font-size="{seam:.4g}" text-anchor="middle" '
        f'font-family="sans-serif" fill="#14312c">\n' + "\n".join(thick) + "\n</g>\n</svg>\n"
    )
