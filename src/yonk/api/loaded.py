"""What every answer needs, loaded when this is imported: the sentences of the languages that are
spoken here. They take about a third of a second each to read, which no request should wait for.
"""

from __future__ import annotations

from yonk.words import SPOKEN_AS, bundle_of

for _language in SPOKEN_AS:
    bundle_of(_language)
