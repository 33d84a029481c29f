## Vorsicht

caution-blade = Schneide von dir weg, die Finger weg von der Linealkante, und schließ die Klinge jedes Mal, wenn du sie ablegst. Die Anleitung des Rollschneiders geht vor.
caution-iron = Das Eisen ist heiß und dampft: stell es auf, halt das Kabel fern. Die Anleitung des Eisens geht vor.
caution-needle = Halt die Maschine an, bevor du in die Nähe der Nadel greifst, und zähl die Stecknadeln. Die Anleitung der Maschine geht vor.

## am Tisch

the-diagonal = die Diagonale
draw-two-lines = Zeichne Linien { $allowance } zu beiden Seiten (Mitte: { $line }) und näh darauf.
draw-one-line = Zeichne { $line } und näh { $allowance } zu beiden Seiten.
trim-by-landmarks = { $kind ->
    [half-square-triangle] Die 45°-Linie des Lineals liegt auf der Naht, die in beide Ecken läuft.
    [quarter-square-triangle] Die 45°-Linie des Lineals liegt auf einer Naht; beide laufen in die Ecken und kreuzen sich in der Mitte.
    [split-quarter-square] Die 45°-Linie des Lineals liegt auf der langen Naht, die in beide Ecken läuft; die kurze endet in der Ecke dazwischen.
    [flying-geese] Die Spitze liegt { $at } von beiden Enden ihrer Seite, { $seam } unter der Kante; die Nähte enden in den Ecken, { $seam } innen.
    [square-in-a-square] Jede Spitze liegt { $at } von den Ecken ihrer Seite, { $seam } innerhalb der Kante.
    [corner-flip] Die 45°-Linie des Lineals liegt auf der Naht, deren Enden { $at } von der Ecke entlang beider Kanten liegen, { $seam } innen.
    [half-rectangle-triangle] Die Naht läuft durch die Stellen { $seam } innerhalb zweier gegenüberliegender Ecken, nicht in die Ecken selbst.
    [strip-set] Eine Linie des Lineals liegt auf einer Naht, { $at } von der Kante.
   *[other] {""}
}
trim-to-size = Leg zuerst die Linie des Lineals auf die Naht, dann lies die Zahlen: schneid zwei Seiten nach, dreh, schneid den Rest auf { $size } nach.
trimmed-off-all-round = Auf jeder Seite fallen { $by } weg.
trimmed-off = Es fallen { $sides } weg.
trimmed-off-at = { $sides } { $by }
side-of-a-work = { $side ->
    [left] links
    [right] rechts
    [top] oben
   *[bottom] unten
}
trim-with-ruler = Nimm dein Lineal von { $ruler }{ $marks ->
    [finished] , das fertige Maße trägt, und lies { $read } ab
   *[unfinished] {""}
}.
trim-beyond-ruler = Es ist größer als dein breitestes Lineal, { $ruler }: leg zwei nebeneinander.
trim-folded = Schneid es nach, solange es noch gefaltet ist: die Ecke des Lineals liegt auf der rechtwinkligen Ecke, seine Striche für { $size } entlang beider Kanten liegen auf der Naht, wo sie endet. Schneid beide Kanten und die Spitzen hinter der Naht ab.
check-a-small-one = Prüf, ob es { $size } misst; es wird ein wenig klein, weil das Lineal für seine Schnitte keine Marke hat.
check-nothing-to-trim = Prüf, ob es { $size } misst; nachzuschneiden sind nur die Spitzen, die überstehen.
step-cut = Schneid zu: { $pieces }.
pieces-to-cut = { $count } × { $fabric } { $size }{ $lengths }{ $then ->
    [one-diagonal] , einmal diagonal geschnitten
    [both-diagonals] , auf beiden Diagonalen geschnitten
   *[other] {""}
}{ $hand ->
    [right] {" "}von unten links nach oben rechts, rechte Seite oben
    [left] {" "}von oben links nach unten rechts, rechte Seite oben
   *[none] {""}
}
the-middle = die Mitte
press-side-then-open = Die Naht mit dem Eisen setzen und zu einer Seite bügeln; dann von hinten mit der Spitze des Eisens öffnen; auf und ab drücken, nie schieben.
press-open = Bügle die Naht erst flach, dann auseinander; drücken, nie schieben.
press-one-side = zu einer Seite
press-toward = zu { $fabrics } hin, { $why ->
    [darker] dem dunkleren
    [bulk] weg von der dicken Stelle
   *[outward] damit die nächste Naht flach liegt
}
press-to = Bügle die Naht erst flach, dann { $toward }; drücken, nie schieben.
seam-holds-layers-shut = eine andere Naht hält die Lagen zu
nothing-holds-the-layers = nichts hält die Lagen zusammen
line-misses-upper-cloth = die Linie verfehlt den oberen Stoff
two-pieces-do-not-meet = die beiden Stücke treffen sich nicht
