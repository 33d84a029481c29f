"""What Pydantic found wrong, in a quilter's words: what is wrong and what would mend it."""

from __future__ import annotations

from typing import Any

A_LIST = "must be a list, in [ and ]"
AN_OBJECT = "must be an object, in {{ and }}"
A_WHOLE_NUMBER = "must be a whole number, without quotes"

PLAIN_WORDS = {
    "missing": "is missing",
    "extra_forbidden": "is not known here; take it out",
    "tuple_type": A_LIST,
    "list_type": A_LIST,
    "dict_type": AN_OBJECT,
    "model_type": AN_OBJECT,
    "model_attributes_type": AN_OBJECT,
    "dataclass_type": AN_OBJECT,
    "int_type": A_WHOLE_NUMBER,
    "int_from_float": A_WHOLE_NUMBER,
    "int_parsing": A_WHOLE_NUMBER,
    "int_parsing_size": "is too large; take less",
    "bool_type": "must be true or false",
    "bool_parsing": "must be true or false",
    "string_type": "must be a text, in quotes",
    "string_pattern_mismatch": "is not written as it must be",
    "string_too_short": "is empty; write something",
    "string_too_long": "has more than {max_length} letters; shorten it",
    "too_long": "holds {actual_length}; {max_length} is the most",
    "too_short": "holds {actual_length}; {min_length} is the least",
    "greater_than_equal": "is less than {ge}; take more",
    "less_than_equal": "is more than {le}; take less",
}


def in_plain_words(error: Any) -> str:
    """One of Pydantic's errors in a sentence, without the name of the place."""
    given = error.get("ctx", {})
    about_text = isinstance(error.get("input"), str) and error["type"] in ("too_long", "too_short")
    words = PLAIN_WORDS.get(f"string_{error['type']}" if about_text else error["type"])
    if words:
        return words.format_map(given)
    message = str(error["msg"]).removeprefix("Value error, ")
    return message.replace("Input should be", "must be").replace("Input should", "should")
