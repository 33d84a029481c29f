"""What the binding is cut from: strips across the cloth, or squares for bias.

Source: binding of `docs/setting.md`.
"""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction
from math import isqrt

from yonk.core.paper import DraftError, message
from yonk.core.setting import BINDING_OVER, Quilt, binding_length
from yonk.core.top.joined import strips_for


@dataclass(frozen=True)
class BindingCut:
    """A binding's length, once round with what is over, its cut width, and what it is cut from:
    strips of a length each, or squares of a side that are cut round and round on the bias.
    """

    length: Fraction
    width: Fraction
    strips: tuple[tuple[Fraction, int], ...] = ()
    square: Fraction = Fraction(0)
    squares: int = 0

    @property
    def joins(self) -> int:
        """How many diagonal joins strips have."""
        return sum(count for _, count in self.strips) - 1 if self.strips else 0


def binding_cut(quilt: Quilt, across: Fraction) -> BindingCut | None:
    """What the binding is cut from; None where the quilt has none.

    Strips are joined on the diagonal, which spreads the bulk, and takes a strip's width each.

    Args:
        across: how wide the cloth is, as far as it is used.

    Raises: `DraftError` where a strip is as wide as the cloth.
    """
    binding = quilt.binding
    if binding is None:
        return None
    step, seam = quilt.making.ruler_step, quilt.making.seam
    length = binding_length(quilt).up(step)
    if binding.grain == "straight":
        if binding.width >= across:
            raise DraftError("binding.width", message("is-as-wide-as-the-cloth"))
        strips = strips_for(length, across, binding.width)
        fewer = sum(count for _, count in strips) - 1
        gives = fewer * across - (fewer - 1) * binding.width
        # what is over is for the joins too: the last one needs two widths to be sewn
        if fewer and length - BINDING_OVER[quilt.unit] + 2 * binding.width <= gives < length:
            return BindingCut(gives, binding.width, ((across, fewer),))
        return BindingCut(length, binding.width, strips)
    squares = 1
    while (side := bias_square(length / squares, binding.width, seam, step)) > across:
        squares += 1
    return BindingCut(length, binding.width, (), side, squares)


def bias_square(length: Fraction, width: Fraction, seam: Fraction, step: Fraction) -> Fraction:
    """The side of the square that gives so much continuous bias.

    It is cut once on the diagonal and sewn to a slanted piece, then to a tube that is cut round and
    round. Its two seams take `4·seam·side` of it, and at either end about a width is lost, so
    `side² − 4·seam·side ≥ (length + 2·width)·width`.

    >>> bias_square(Fraction(250), Fraction(5, 2), Fraction(1, 4), Fraction(1, 8))
    Fraction(207, 8)
    """
    wanted = (length + 2 * width) * width
    under = (4 * seam * seam + wanted) / (step * step)
    root = isqrt(int(under))
    side = (root + 2 * seam / step) * step
    steps = -(-side // step)
    while (steps * step) ** 2 - 4 * seam * steps * step < wanted:
        steps += 1
    return steps * step
