## wie ein Zuschnittmaß zustande kommt

work-on-the-ruler = { $size } liegt auf dem Lineal
work-rounded = { $way ->
    [up] aufgerundet
   *[nearest] zur nächsten Marke gerundet
} auf { $size }, bei einem Lineal mit Schritten von { $step }

## Streifen, die länger sind als der Stoff breit

strip-one = 1 Streifen
strip-longer = länger als die Stoffbreite ({ $width })
strips-several = { $sets } Streifen zu { $width } Stoffbreite, jeder für { $full ->
    [one] 1 Einheit
   *[other] { $full } Einheiten
}{ $last ->
    [0] {""}
   *[other] , der letzte für { $last }
}

## was geschnitten wird

shapes = { $shape ->
    [square] { $count ->
        [one] Quadrat
       *[other] Quadrate
    }
    [rectangle] { $count ->
        [one] Rechteck
       *[other] Rechtecke
    }
    [strip] { $count ->
        [one] Streifen
       *[other] Streifen
    }
    [triangle] { $count ->
        [one] Dreieck
       *[other] Dreiecke
    }
   *[template] { $count ->
        [one] Schablone
       *[other] Schablonen
    }
}
shapes-cut = { $shapes } zugeschnitten
cut-from = aus { $rotary }
then-cut-each = { $subcut ->
    [one-diagonal] dann jedes einmal diagonal schneiden
   *[both-diagonals] dann jedes auf beiden Diagonalen schneiden
}
then-cut-off = dann abschneiden: { $off }
corner-cut-off = die Ecke { $corner ->
    [top-left] oben links
    [top-right] oben rechts
    [bottom-right] unten rechts
   *[bottom-left] unten links
}, { $off } an jeder Seite
print-lies = { $lie ->
    [stands] längere Seite in Richtung des Musters
   *[lies] längere Seite quer zum Muster
}
diagonal-cut = { $hand ->
    [right] von unten links nach oben rechts
   *[left] von oben links nach unten rechts
}, rechte Seite oben, { $laid ->
    [print] das Muster aufrecht
   *[across] die längere Seite quer
}
strip-set-cut-into = zum Streifensatz genäht, dann quer geschnitten in { $count ->
    [one] 1 Segment
   *[other] { $count } Segmente
} zu { $size }
strip-set-last-short = { $strips ->
    [one] der letzte
   *[other] die letzten { $strips }
} nur { $long } lang; zum Streifensatz genäht, dann quer geschnitten in { $count ->
    [one] 1 Segment
   *[other] { $count } Segmente
} zu { $size }
segments-of-a-strip = { $count ->
    [one] 1 Segment
   *[other] { $count } Segmente
} eines Streifens { $fabric }, { $height } breit
so-many-cuts = { $count } { $shapes } { $fabric } { $size }{ $finished ->
    [yes] {" "}fertig
   *[no] {""}
}{ $hand ->
    [right] , geschnitten von unten links nach oben rechts
    [left] , geschnitten von oben links nach unten rechts
   *[none] {""}
}
purpose-of-a-cut = { $letter }, { $kind } { $units }

## Hinweise

column-and-row = Spalte { $column }, Reihe { $row }
from-to = { $start } bis { $end }
loose-seam = Eine Naht bei { $where } endet im Leeren und teilt keinen Flicken; zeichne sie weiter oder radiere sie aus.
more-loose-seams = { $count ->
    [one] Eine weitere Naht endet
   *[other] { $count } weitere Nähte enden
} im Leeren.
set-in-seam = Bei { $where } verbindet keine gerade Naht die Flicken { $letters }: einer davon wird eingesetzt, oder eine Naht wird zuerst nur zum Teil genäht und zuletzt geschlossen.
to-mend-it = Abhilfe: { $ways }.
mend-size = nimm { $sizes } Breite, da liegt jeder Schnitt auf dem Lineal
mend-width = nimm { $width } Breite
mend-ruler = nimm ein Lineal mit Schritten von { $step }
mend-both-lines = mach Spalten und Reihen { $lines }
mend-lines = mach die Spalten { $columns } und die Reihen { $rows }
template-needed = { $count ->
    [one] Flicken { $letters } lässt
   *[other] Die Flicken { $letters } lassen
} sich nicht mit dem Lineal allein schneiden; drucke eine Schablone{ $foundations ->
    [0] {""}
    [one] , oder näh die Einheit { $units } auf einer Nähvorlage
   *[other] , oder näh die Einheiten { $units } auf Nähvorlagen
}.
patch-of-two-fabrics = Ein Flicken { $letter } bekommt { $kept } und dann { $other }; { $kept } bleibt.
method-not-suited = Einheit { $unit }, { $kind }, lässt sich nicht so machen ({ $chosen }); geplant ist: { $planned }.
made-in-mirrored-pairs = Einheit { $unit } ist { $hand ->
    [left] links
   *[right] rechts
}händig und entsteht in gespiegelten Paaren: { $pairs }
mirror-images-come-with-them = { $count } Spiegelbilder entstehen mit; sie ergeben einen zweiten, gespiegelten Block oder bleiben übrig.
both-hands-from-the-same-lots = die Einheiten { $one } und { $other } kommen aus denselben Gängen, { $spare ->
    [0] keine bleibt
    [one] 1 bleibt
   *[other] { $spare } bleiben
} übrig.
spares = Einheit { $unit } ({ $kind }): { $method } ergibt { $makes }, { $needed ->
    [one] 1 wird
   *[other] { $needed } werden
} gebraucht, { $spare } bleiben übrig{ $mirrored ->
    [0] {""}
   *[other] , davon { $mirrored } Spiegelbilder
}.
loose-flap = Einheit { $unit }: ihre kleinen Quadrate liegen { $by } übereinander, mehr als { $most }; schneid die losen Ecken in der Mitte weg, bevor du weiternähst, oder bestimme eine kleinere Zugabe für ihren Himmel.
bias-on-outer-edges = Einheit { $unit }, { $method }, hat an den Außenkanten schrägen Fadenlauf: stärke den Stoff vor dem Zuschneiden, bei guter Lüftung und wie der Hersteller es sagt; drücke mit dem Eisen, schieb es nie.
made-so-it-stays-upright = { $method }: so bleibt es aufrecht
more-lots-to-choose-from = { $lots ->
    [one] ein Gang
   *[other] { $lots } Gänge
} mehr zur Auswahl { $lots ->
    [one] hielte
   *[other] hielten
} es { $too ->
    [yes] auch aufrecht
   *[no] aufrecht
}{ $asks ->
    [cloth] {" "}({ $cloth } mehr)
   *[none] {""}
}
pieces-more = { $count } aus { $fabric } { $size }
print-turns = Einheit { $unit }, { $method }: das Muster von { $fabrics } { $how ->
    [upside-down] steht in manchen kopf
    [strips] läuft längs der Streifen, die im Block stehen
   *[turned] liegt nicht in allen gleich
}; { $mend }.
hard-to-tell-apart = { $one } und { $other } liegen nebeneinander und sind schwer zu unterscheiden; die Naht zwischen ihnen wird man nicht sehen.

## neben dem Lineal

off-in-a-row = ; { $across } in einer Reihe werden { $by } { $way ->
    [larger] größer
   *[smaller] kleiner
}
patch-off-the-ruler = { $part ->
    [corner] Eine abgeschnittene Ecke von Flicken { $letter }
   *[patch] Flicken { $letter }
} ist genau { $exact } und auf dem Lineal { $on_ruler }, { $by } { $way ->
    [larger] größer
   *[smaller] kleiner
}{ $row }.

## der vorgeschlagene Weg, und warum

the-one-way = { $way }: der einzige Weg ({ $kind }).
patches-one-by-one = { $way }: die Flicken werden einzeln geschnitten, mit dem Lineal, wo das geht, sonst mit der Schablone.
as-you-chose = { $way }, wie du gewählt hast.
so-many-made = { $count } so: { $method }
because-a-print-turns-least = ein gerichtetes Muster dreht sich so am wenigsten
because-corners-lie-on-marks = jede Ecke wird an einer Marke abgeschnitten
because-no-edge-is-on-the-bias = keine Außenkante liegt schräg zum Faden
because-small-ones-are-trimmed = eine so kleine Einheit schneidet man besser nach
way-makes-all = { $way }: { $pieces } ergeben { $wanted ->
    [one] sie
   *[other] alle { $wanted }
}{ $spare ->
    [0] {""}
    [one] , 1 bleibt übrig
   *[other] , { $spare } bleiben übrig
}
way-and-why = { $made }, und { $why }.
way-and-the-next = { $made }; { $next }.
pairs-of-squares = { $pairs ->
    [one] 1 Paar
   *[other] { $pairs } Paare
} Quadrate { $side }
pieces-cut = { $count ->
    [one] 1 zugeschnittenes Stück
   *[other] { $count } zugeschnittene Stücke
}
next-has-nothing-to-trim = zum Nachschneiden bleiben { $trim }, anders ({ $other }) bliebe nichts
more-cloth = { $cloth } { $unit ->
    [in] in²
   *[cm] cm²
} Stoff mehr
next-would-need = anders ({ $other }) brauchte es { $more }
next-comes-to-nearly-the-same = anders ({ $other }) käme fast dasselbe heraus
more-of = { $what ->
    [piece] { $count ->
        [one] 1 Stück
       *[other] { $count } Stücke
    }
    [cut] { $count ->
        [one] 1 Schnitt
       *[other] { $count } Schnitte
    }
    [seam] { $count ->
        [one] 1 Naht
       *[other] { $count } Nähte
    }
   *[loose] { $count ->
        [one] 1 lose Schrägkante
       *[other] { $count } lose Schrägkanten
    }
} mehr
more-things-to-do = { $count } Handgriffe mehr

## was nicht geht

squares-without-fabric = Quadrate ohne Stoff
is-no-unit-of-this-block = ist keine Einheit dieses Blocks
way-is-not-there = ist kein Weg, sie zu machen
end-before-start = ist kleiner als der Anfang; dreh sie um
chart-has-too-many-rows = ergibt mehr als { $most_rows } Zeilen; nimm einen größeren Schritt
seams-must-run-round-it = Um die gewählten Felder laufen nicht überall Nähte: ein Flicken ragt hinaus. Wähl sie so, dass Nähte ganz herum laufen.
nothing-to-unite = Dort liegen keine einfachen Flicken aus einem Stoff so nebeneinander, dass ein Rechteck daraus wird.
part-not-closed = Was als eine Einheit gemacht werden sollte, bei { $where }, ist nicht mehr rundum von Nähten umschlossen; es wird gemacht, wie die Nähte laufen. Wähl es neu, oder mach es wieder einzeln.
