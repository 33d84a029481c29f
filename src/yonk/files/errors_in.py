"""How exactly somebody works, as it is typed."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

from yonk.core.measuring import Errors, first_guess
from yonk.core.paper import (
    Fault,
    LengthError,
    LengthField,
    LengthUnit,
    Text,
    length_fault,
    read_length,
)
from yonk.files.block_file import BadFileError

_FIELDS: dict[str, LengthField] = {"seam_error": "seam_error", "tolerance": "tolerance"}


def errors_given(given: Mapping[str, str | None], unit: LengthUnit) -> Errors:
    """What is told, and a first guess for the rest.

    Args:
        given: lengths as they are typed, by the names of `Errors`.
        unit: the draft's.

    Raises: `BadFileError` with a fault for each that is no length or out of its bounds.
    """
    faults: list[Fault] = []
    known: dict[str, Fraction] = {}
    for name, text in given.items():
        if text is None:
            continue
        field: LengthField = "spread" if name.endswith("spread") else _FIELDS[name]
        fault: Text | None
        try:
            known[name] = _signed(text)
            fault = length_fault(known[name], field, unit)
        except LengthError as bad:
            fault = bad.message
        if fault:
            faults.append(Fault(f"--{name.replace('_', '-')}", fault))
    if faults:
        raise BadFileError(faults)
    return replace(first_guess(unit), **known)


def _signed(text: str) -> Fraction:
    """A length that may be negative: a seam can take up too little."""
    plain = text.strip()
    if plain[:1] in ("-", "−"):
        return -read_length(plain[1:])
    return read_length(plain)
