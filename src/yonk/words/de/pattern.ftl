## die Liste einer Anleitung

list-has-many-lines = hat mehr als { $most } Zeilen; lass weg, was nicht zu einem Block gehört
list-is-empty = ist leer; schreib ein Stück je Zeile, etwa „4 Quadrate 9 Nebel“
list-line-has-no-count = sagt nicht, wie viele; beginn mit einer Zahl, etwa „4 Quadrate 9“
list-line-has-no-size = nennt kein Maß; schreib etwa „4 Quadrate 9“ oder „4 Rechtecke 6,5 x 11,5“
list-line-has-sizes = nennt mehr als ein Maß; gib jedem eine eigene Zeile
list-line-is-no-square = wird zweimal diagonal geschnitten, ist aber kein Quadrat
pattern-line-read = { $count } { $what } { $size }
pattern-line-verdict = { $word ->
    [too-small] zu klein: schneide { $size }
    [larger] größer als nötig: { $size } genügt
   *[right] stimmt
}
pattern-line-left = aus { $count ->
    [one] einem Stück
   *[other] { $count } Stücken
} wird nichts
pattern-made = { $count } × { $what }, { $size } fertig
pattern-made-smaller = sie werden { $real }, nicht { $meant }
pattern-made-larger = sie könnten { $real } werden und werden auf { $meant } getrimmt
pattern-makes = Das gibt einen Block von { $really } fertig.
pattern-makes-as-told = Das gibt { $really } fertig, wie die Anleitung sagt.
pattern-makes-not = Das gibt { $really } fertig, nicht { $wanted }.
pattern-sizes-differ = Das passt nicht zusammen: nicht alles wird so groß, wie das andere es braucht.
pattern-fills-no-block = Das füllt keinen Block: Maße und Zahlen lassen eine Lücke oder etwas übrig.
