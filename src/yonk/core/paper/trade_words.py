"""The words of the trade that are explained, each in one place."""

from __future__ import annotations

from yonk.core.paper.messages import Message, message

TRADE_WORDS: tuple[str, ...] = (
    "finished",
    "unfinished",
    "cut",
    "seam-allowance",
    "trim-margin",
    "true-cut",
    "ruler-step",
    "mates",
    "patch",
    "unit",
    "colouring",
    "strip-set",
    "width-of-fabric",
    "woven-edge",
    "bias",
    "directional-print",
    "nest",
    "bulky",
    "spin",
    "set-in-seam",
    "checkpoint",
    "chain",
    "ease",
    "sashing",
    "cornerstone",
    "on-point",
    "setting-triangle",
    "float",
    "mitred",
    "butted",
    "binding",
)


def trade_word(word: str) -> tuple[Message, Message]:
    """A word of the trade, by its code, and what it means in a sentence or two."""
    code = f"trade-word-{word}"
    return message(code), message(f"{code}-means")
