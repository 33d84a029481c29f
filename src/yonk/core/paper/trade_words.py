"""What the words of the trade mean, in a sentence or two, each in one place."""

from __future__ import annotations

from collections.abc import Mapping
from types import MappingProxyType

TRADE_WORDS: Mapping[str, str] = MappingProxyType(
    {
        "finished": "What shows once it is sewn into the quilt. A block is drafted finished.",
        "unfinished": "What a sewn unit or block measures before it is joined to others: finished "
        "and a seam allowance on each side.",
        "cut": "What is cut from cloth, with everything added that seams and trimming take away.",
        "seam allowance": "The cloth between a seam and the edge; each seam takes it from both "
        "pieces. Sew a thread inside it, since the fold takes a little too.",
        "trim margin": "How much larger pieces of a unit are cut, so that the sewn unit can be "
        "trimmed to its exact size.",
        "true cut": "Pieces cut exactly as large as the sums say. It trusts the seam.",
        "ruler step": "The finest marks of the ruler in use; cut sizes are rounded to them.",
        "mates": "The places of the block that match the one touched: turned or mirrored. What is "
        "done is done at all of them at once.",
        "patch": "One piece of cloth in the drawing, between seams. Alike patches share a letter.",
        "unit": "A few patches that are made together, such as a half-square triangle.",
        "colouring": "The same draft in other fabrics, for some of the blocks.",
        "strip set": "Long strips sewn side by side, then cut across into segments.",
        "width of fabric": "How wide cloth comes from the bolt, from woven edge to woven edge.",
        "woven edge": "The tight edges along the length of cloth; they are cut away.",
        "bias": "Aslant to the threads of the cloth. An edge cut so stretches.",
        "directional print": "A print with an up and a down; pieces are cut so that it points one "
        "way in the block.",
        "nest": "Two seams that meet and are pressed opposite ways lock into each other.",
        "bulky": "Where seams meet that are pressed the same way and lie on each other.",
        "spin": "To open the stitches in the seam where four patches meet, so that its allowances "
        "turn around the point and lie flat.",
        "set-in seam": "A seam that turns a corner: sewn to a dot, turned, and sewn on.",
        "checkpoint": "A place in the sewing order where what is sewn can be measured.",
        "chain": "Pairs sewn one after the other without cutting the thread between them.",
        "ease": "To take up a small difference in length along a seam, with pins.",
        "sashing": "Strips between the blocks of a quilt top.",
        "cornerstone": "The small square where strips of sashing cross.",
        "on point": "Blocks set standing on a corner.",
        "setting triangle": "The triangles that fill the edge of a top set on point.",
        "float": "How far an edge lies beyond the points of blocks on point.",
        "mitred": "Borders whose corners meet in a seam at 45°.",
        "butted": "Borders whose ends meet the side of the next.",
        "binding": "The strip folded over the raw edges of a quilted top.",
    }
)
