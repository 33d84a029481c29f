"""What Pydantic found wrong, in a quilter's words: what is wrong and what would mend it."""

from __future__ import annotations

from typing import Any

from yonk.core.paper import Message, Text, message

_A_LIST, _AN_OBJECT, _WHOLE = "given-no-list", "given-no-object", "given-no-whole-number"

# of each sort of error its message
_SAID = {
    "missing": "given-missing",
    "extra_forbidden": "given-not-known",
    "tuple_type": _A_LIST,
    "list_type": _A_LIST,
    "dict_type": _AN_OBJECT,
    "model_type": _AN_OBJECT,
    "model_attributes_type": _AN_OBJECT,
    "dataclass_type": _AN_OBJECT,
    "int_type": _WHOLE,
    "int_from_float": _WHOLE,
    "int_parsing": _WHOLE,
    "int_parsing_size": "given-too-large",
    "bool_type": "given-not-true-or-false",
    "bool_parsing": "given-not-true-or-false",
    "string_type": "given-no-text",
    "string_pattern_mismatch": "given-not-as-it-must-be",
    "string_too_short": "given-empty",
}


def in_plain_words(error: Any) -> Text:
    """One of Pydantic's errors in a sentence, without the name of the place."""
    given, sort = error.get("ctx", {}), error["type"]
    if sort in ("too_long", "too_short") and isinstance(error.get("input"), str):
        sort = f"string_{sort}"
    if sort in _SAID:
        return message(_SAID[sort])
    bounds = _about_bounds(sort, given)
    if bounds:
        return bounds
    ours = getattr(given.get("error"), "args", ())
    if ours and isinstance(ours[0], Message):
        return ours[0]
    words = str(error["msg"]).removeprefix("Value error, ")
    return words.replace("Input should be", "must be").replace("Input should", "should")


def _about_bounds(sort: str, given: dict[str, Any]) -> Message | None:
    """What is said of something that is too much or too little."""
    if sort == "string_too_long":
        return message("given-too-many-letters", most=given["max_length"])
    if sort == "too_long":
        return message("given-too-many", count=given["actual_length"], most=given["max_length"])
    if sort == "too_short":
        return message("given-too-few", count=given["actual_length"], least=given["min_length"])
    if sort == "greater_than_equal":
        return message("is-less-than-take-more", least=str(given["ge"]))
    if sort == "less_than_equal":
        return message("is-more-than-take-less", most=str(given["le"]))
    return None
