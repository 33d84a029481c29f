# Das ganze Top.

is-as-wide-as-the-cloth = ist so breit wie der Stoff; nimm einen schmaleren Streifen
whole-top = das ganze Top
wide-cloth-of = { $fabric }, breit liegend
of-block-a-purpose = { $block }: { $purpose }
to-be-joined = { $purpose }, zusammenzusetzen
bias-binding = Schrägeinfassung
join-strips = { $purpose }: setz Streifen zusammen, { $wide } breit, { $strips }, { $how ->
    [straight] gerade
   *[diagonal] in der Diagonale
}; schneide { $lengths } daraus.
join-at-seams = { $purpose }: schneide Streifen { $wide } breit zu, { $strips }; setze sie { $how ->
    [straight] gerade
   *[diagonal] in der Diagonale
} zusammen, jede Naht dort, wo eine Naht der Blöcke auftrifft und sie am wenigsten auffällt: { $places }.
join-from-one-end = { $count } zu { $length } mit der Naht { $places } vom einen Ende
mitres-have-slack = Auf Gehrung genähte Ränder werden an jedem Ende { $slack } länger zugeschnitten: Es wird abgeschnitten, wenn ihre Ecken genäht sind.
joins-way = { $how ->
    [straight] gerade zusammengesetzt: geht am schnellsten
    [diagonal] in der Diagonale zusammengesetzt: fällt weniger auf, liegt flacher
   *[whole] der Länge nach aus einem Stück geschnitten
}
binding-on-the-bias = Einfassung: { $length }, { $width } breit, einmal herum und etwas mehr für Ecken und Schluss; im Schrägschnitt aus { $squares ->
    [one] einem Quadrat
   *[other] { $squares } Quadraten
} von { $size }.
binding-of-strips = Einfassung: { $length }, { $width } breit, einmal herum und etwas mehr für Ecken und Schluss; aus { $strips }{ $joins ->
    [0] {""}
    [one] , einmal in der Diagonale zusammengesetzt
   *[other] , { $joins }-mal in der Diagonale zusammengesetzt
}.
backing-panels = { $count } zu { $across } × { $along }
backing-seams = , mit { $seam } Naht zusammengesetzt
backing-way = { $lay ->
    [upright] senkrechte Nähte
    [level] waagerechte Nähte
    [upright-even] senkrechte Nähte, alle Bahnen gleich breit
    [level-even] waagerechte Nähte, alle Bahnen gleich breit
    [upright-pieced] senkrechte Nähte, die letzte Bahn aus Streifen quer über den Stoff gestückelt
    [level-pieced] waagerechte Nähte, die letzte Bahn aus Streifen quer über den Stoff gestückelt
   *[wide] breiter Stoff, in einem Stück
}: { $panels }{ $seam }; braucht { $length } Stoff, { $across } breit
measure-before-borders = Ränder stehen so lang auf der Liste, wie das Top geplant ist: miss es durch die Mitte, nicht an der Kante, bevor du sie ablängst.
the-backing-so = Rückseite, { $way }.
the-batting-so = Vlies: { $size }.
trial-counts = Der Probeblock von { $block } ist einer seiner { $count }.
top-seams-none = Wo die Blöcke angesetzt werden, treffen sich keine Nähte.
top-seams = { $nested } von { $places } Stellen, an denen sich Nähte zwischen Blöcken treffen, greifen ineinander{ $bulky ->
    [0] {""}
   *[other] ; { $bulky } liegen zur selben Seite ({ $proved ->
        [yes] weniger geht nicht
       *[no] das beste gefundene
    }): öffne dort eine der beiden Nähte
}{ $second ->
    [0] {""}
   *[other] . { $second } der Blöcke werden nach Plan 2 gebügelt, im Bild markiert
}.
top-done = { $done } von { $total } { $what ->
    [blocks] Blöcken gemacht
    [rows] Reihen und Streifen genäht
    [joins] Nähten dazwischen genäht
   *[borders] Rändern angesetzt
}
done-and-gone = { $step }: { $count } gemacht, und kein Teil des Quilts, wie er jetzt ist.
row-names = { $count ->
    [one] { $kind ->
        [diagonal] Diagonalreihe { $first }
       *[row] Reihe { $first }
    }
   *[other] { $kind ->
        [diagonal] Diagonalreihen { $first } bis { $last }
       *[row] Reihen { $first } bis { $last }
    }
}
row-half = { $half ->
    [upper] die obere
   *[lower] die untere
} Hälfte
row-quarter = das Viertel { $quarter ->
    [0] oben links
    [1] oben rechts
    [2] unten links
   *[3] unten rechts
}
row-of-quarter = { $row }, { $quarter }
strip-below = der Streifen unter { $kind ->
    [diagonal] Diagonalreihe { $number }
   *[row] Reihe { $number }
}
strip-above = der Streifen über { $kind ->
    [diagonal] Diagonalreihe { $number }
   *[row] Reihe { $number }
}
strips-alike = { $count } Streifen zwischen den Reihen, gleich
row-parts = { $count } { $what ->
    [block] { $count ->
        [one] Block
       *[other] Blöcke
    }
    [alternate] { $count ->
        [one] glattes Quadrat
       *[other] glatte Quadrate
    }
    [cornerstone] { $count ->
        [one] Eckquadrat
       *[other] Eckquadrate
    }
    [side-triangle] { $count ->
        [one] Randdreieck
       *[other] Randdreiecke
    }
    [half-block] { $count ->
        [one] halber Block
       *[other] halbe Blöcke
    }
   *[strip] { $count ->
        [one] Streifen
       *[other] Streifen
    }
}
block-by-plan = { $block }{ $plan ->
    [0] {""}
   *[other] , Plan { $plan }
}
make-blocks = Mach { $count } von { $block }{ $plan ->
    [0] {""}
   *[other] , gebügelt nach Plan { $plan }
}.
each-must-measure = Jeder muss { $size } messen.
make-more-for-the-border = Mach { $count } mehr von { $block }, für den Rand.
block-for-the-border = { $block } für den Rand
make-more-for-half-blocks = Mach { $count } mehr von { $block }, für die halben Blöcke.
block-for-half-blocks = { $block } für halbe Blöcke
cut-in-half = Schneide jeden{ $count ->
    [0] {""}
   *[other] {" "}der { $count } für halbe Blöcke
} { $seam } jenseits seiner Diagonale, damit die Nahtzugabe bleibt; ein Block gibt eine Hälfte.
piece-half-blocks = Näh { $count ->
    [one] 1 halben Block
   *[other] { $count } halbe Blöcke
} von { $block }: die Flicken auf einer Seite der Diagonale wie entworfen, und lass die Kante in der Diagonale offen.
block-half-blocks = { $block }, halbe Blöcke
frame-blocks = Rahme { $count } von { $block }: erst die Seiten, dann oben und unten.
frames-of = Rahmen von { $block }
frame-half-blocks = Rahme { $count ->
        [one] 1 halben Block
       *[other] { $count } halbe Blöcke
    } von { $block }: ein Streifen an eine der beiden Seiten, die sich in der rechten Ecke treffen, dann einer an die andere; lass die Enden über die lange Kante stehen und schneide sie mit ihr zurecht.
frames-of-half-blocks = Rahmen halber Blöcke von { $block }
press-toward-frame = Bügle zum Rahmen.
lay-everything-out = Leg alles aus, wie es gezeichnet ist, und sieh es von weitem an, bevor es genäht wird.
the-layout = das Auslegen
sew-side-by-side = { $row }: näh { $parts } nebeneinander{ $in_pairs ->
    [yes] , in Paaren, dann die Paare aneinander
   *[no] {""}
}.
it-must-be-wide = Es muss { $wide } breit sein.
it-must-measure = Es muss { $size } messen.
press-toward-strips = Bügle zu den Streifen.
press-seams = Bügle { $count ->
    [one] die Naht
   *[other] die Nähte
} { $way }.
press-some-seams = { $count ->
    [one] Naht
   *[other] Nähte
} { $seams } { $way }
press-by-number = Von links gezählt, bügle { $parts }.
direction = { $way ->
    [left] nach links
    [right] nach rechts
    [up] nach oben
    [down] nach unten
   *[open] offen
}
direction-on-point = { $way ->
    [left] nach unten links
    [right] nach oben rechts
    [up] nach oben links
    [down] nach unten rechts
   *[open] offen
}
a-setting-triangle = ein Randdreieck
sew-second-to-first = Näh { $second } an { $first }.
it-is-set-in = Es wird eingesetzt: näh bis zur Ecke, dreh, und näh weiter.
sew-corner-triangles = Näh die vier Eckdreiecke an, jedes mit seiner Mitte an die Mitte des Blocks.
press-toward-triangles = Bügle zu den Dreiecken.
the-corners = die Ecken
top-must-measure = Das Top muss { $size } messen.
square-the-top-up = Schneide das Top rechtwinklig; schneide lose Enden ab.
the-top = das Top
trim-beyond-points = Schneide jede Kante { $beyond } jenseits der Spitzen der Blöcke, an den Ecken rechtwinklig.
trim-beyond-cornerstones = Schneide jede Kante { $beyond } jenseits der Mitte der äußeren Eckquadrate.
the-edges = die Kanten
press-toward-border = Bügle zum Rand.
border-so = { $border }: { $how }
border-of-repeats = näh die Wiederholungen von { $block } zu vier Streifen; zwei an die Seiten, zwei mit einem Eckblock an jedem Ende oben und unten.
border-mitred = leg jeden mittig an seine Seite, die Enden über die Ecken; beginn und ende { $seam } vor der Ecke, näh dann jede Ecke im halben rechten Winkel und schneide sie nach.
border-sides-first = miss das Top durch die Mitte von oben nach unten ({ $tall } geplant) und schneide beide Seiten so lang; steck Enden und Mitten und näh sie an. Dann miss durch die Mitte von Seite zu Seite ({ $across } geplant) und tu dasselbe oben und unten.
border-top-first = miss das Top durch die Mitte von Seite zu Seite ({ $wide } geplant), schneide zwei so lang und näh sie oben und unten an, Enden und Mitten gesteckt. Dann miss durch die Mitte von oben nach unten ({ $down } geplant) und tu dasselbe an den Seiten.
press-seams-open = Bügle die Nähte offen.
the-backing = die Rückseite
baste-and-quilt = Leg die Rückseite links nach oben, das Vlies ({ $batting }) darauf, das Top rechts nach oben; heft und quilte es.
the-layers = die Lagen
trim-and-bind = { $binding } Schneide die Lagen auf das Top zurück und fass sie ein.
finished-it-measures = Fertig misst es { $size }.
the-binding = die Einfassung
