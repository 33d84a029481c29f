"""Sentences of what the core says, by a catalogue, in the language that is spoken."""

from yonk.words.catalogue import bundle_of
from yonk.words.fault_places import fault_place_words
from yonk.words.language import LANGUAGES, SPOKEN_AS, Language, language_now, speaking
from yonk.words.rendering import in_words

__all__ = [
    "LANGUAGES",
    "SPOKEN_AS",
    "Language",
    "bundle_of",
    "fault_place_words",
    "in_words",
    "language_now",
    "speaking",
]
