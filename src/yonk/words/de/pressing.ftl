# Bügeln und Zusammennähen.

pressed-by-hand = Von Hand umgelegt.
pressed-open = Offen, wie { $why ->
    [others] die anderen ihrer Art
   *[all] du alle bügelst
}.
pressed-toward = Zur Seite { $where }{ $wish ->
    [own] , wie du es für diese Einheit bestimmt hast
    [never] , damit keine Zugabe unter einem Stoff liegt, der frei bleiben soll
    [nest] , damit ihr Ende sich dort einfügt, wo sie eine andere Naht trifft
    [to-dark] , zum dunkleren Stoff, wie du immer bügelst
    [spin] , damit auch ihre Nachbarn entlang der Naht gewirbelt werden können
    [point] , weg von der Spitze oder der Mitte, damit die nächste Naht flach liegt
    [dark] , damit keine dunkle Zugabe unter einem helleren Flicken liegt
    [bulk] , weg von der Seite mit mehr Nahtenden und Spitzen, die dicker ist
    [row] , in dieselbe Richtung wie die anderen Nähte ihrer Reihe
    [alike] , wie die gleichen Nähte
    [habit] , zum dunkleren Stoff, aus Gewohnheit
   *[none] ; die andere Richtung wäre ebenso gut
}.
side-of-a-join = { $way ->
    [up] oben
    [down] unten
    [left] links
   *[right] rechts
}, unter { $fabrics }
so-many-fabrics = { $count } Stoffen
part-patch = { $fabric } { $letter }
part-unit = Einheit { $unit }
part-piece = Stück
named-piece-of-step = { $place } aus Schritt { $step }
middle-of-a-block = die Mitte
round-of-a-block = { $number ->
    [1] die erste Runde
   *[other] Runde { $number }
}
quarter-of-a-block = das { $across ->
    [left] linke
   *[right] rechte
} { $vertical ->
    [upper] obere
   *[lower] untere
} Viertel
line-of-a-block = { $where ->
    [first] { $kind ->
        [row] die oberste Reihe
       *[column] die linke Spalte
    }
    [last] { $kind ->
        [row] die unterste Reihe
       *[column] die rechte Spalte
    }
    [middle] { $kind ->
        [row] die mittlere Reihe
       *[column] die mittlere Spalte
    }
   *[inner] { $kind ->
        [row] Reihe { $number }
       *[column] Spalte { $number }
    }
}
lines-of-a-block = { $kind ->
    [row] die Reihen { $first } bis { $last }
   *[column] die Spalten { $first } bis { $last }
}
piece-of-step = das Stück aus Schritt { $step }
meeting-means = { $state ->
    [nested] die Nähte liegen ineinander: ihre Zugaben liegen zu entgegengesetzten Seiten
    [spun] gewirbelt: alle vier Zugaben drehen sich um die Kreuzung
    [open] eine Naht ist offen: steck sie, sie greift nicht ineinander und stört nicht
   *[bulky] dick: beide Zugaben liegen zur selben Seite
}
so-many-meetings = { $count } { $state ->
    [nested] ineinander
    [spun] gewirbelt
    [open] offen
   *[bulky] dick
}
no-seams-meet = Keine Naht trifft in einer dritten auf eine andere.
seams-meet = Nähte treffen sich an { $places ->
    [one] einer Stelle
   *[other] { $places } Stellen
}: { $states }.
dark-under-light = { $dark } liegt dunkel unter { $light }
dark-at-seams = { $dark }, an { $seams ->
    [one] einer Naht
   *[other] { $seams } Nähten
}.
order-the-one = Der Block lässt sich in einer Reihenfolge zusammennähen.
order-proposed = Vorgeschlagen ist: nach { $order ->
    [rows] Reihen
    [columns] Spalten
    [quarters] Vierteln
    [chained] Spalten in einer Kette über alle Reihen
   *[units] Einheiten
}{ $why ->
    [bulky] ; so bleiben die wenigsten dicken Treffpunkte
    [across] ; so gehen die wenigsten Nähte ganz durch den Block
   *[same] ; die anderen Reihenfolgen kommen auf dasselbe hinaus
}.
pressing-all-open = Alle Nähte werden offen gebügelt.
pressing-proved = Bewiesen: nach deinen Wünschen ist kein anderes Bügeln besser.
pressing-in-doubt = Die Zeit zum Suchen war um; dies ist das beste gefundene. Nach dem Wunsch „{ $wish }“ kostet es { $costs }; keins könnte weniger kosten als { $least }.
beside-none = Keine Nähte enden an Kanten, die in gerader Anordnung aneinanderliegen.
beside-open = Offen gebügelt greifen die Kanten der Blöcke nicht ineinander; steck sie.
beside-one-plan = Ein Plan reicht für alle Blöcke.
beside-plan-1 = Bügle den Block nach Plan 1.
beside-two-plans = Bügle { $first ->
    [one] einen Block
   *[other] { $first } Blöcke
} nach Plan 1 und { $second ->
    [one] einen Block
   *[other] { $second } Blöcke
} nach Plan 2, und leg sie wie die Felder eines Schachbretts.
beside-nests = Ihre Kanten greifen nebeneinander ineinander.
beside-place = { $at } an der { $edge ->
    [side] Seite
   *[top] Oberkante
}
beside-cannot-nest = { $left } von { $met } Stellen an den Kanten können nicht ineinandergreifen: { $places }.
stack-lies = Stapel { $stack } liegt { $turned ->
    [quarter] eine Vierteldrehung zu weit
    [half] auf dem Kopf
   *[three-quarters] eine Vierteldrehung zu kurz
}.
turn-back = { $turned ->
    [quarter] Dreh ihn ein Viertel zurück, nach links.
    [half] Dreh ihn halb herum.
   *[three-quarters] Dreh ihn ein Viertel weiter, nach rechts.
}
stack-is-a-spare-mirror-image = Stapel { $stack } ist ein Spiegelbild von Einheit { $unit }, das übrig mitkommt.
stack-is-the-mirror-image = Stapel { $stack } ist Einheit { $unit }, das Spiegelbild.
take-the-unit = Nimm stattdessen Einheit { $unit }.
stacks-are-swapped = Stapel { $one } und { $other } sind vertauscht.
change-them-over = Tausch sie.
make-by-recipe = Mach { $kind } { $unit } nach dem Rezept: { $method }.
sew-one-to-the-other = Näh { $one } an { $other }, { $up } oben.
sew-two-alike = Näh zwei zusammen: { $one } an { $other }, { $side ->
    [up] das obere
    [down] das untere
    [left] das linke
   *[right] das rechte
} oben.
sew-part-of-the-seam = Näh jetzt nur ein Stück dieser Naht; sie wird später fertig.
trip-to-the-iron = Gang { $trip } zum Eisen: { $seams ->
    [one] eine Naht
   *[other] { $seams } Nähte
}{ $from_stacks ->
    [0] {""}
    [one] , von Stapel { $stacks }
   *[other] , von den Stapeln { $stacks }
}
then-to-the-iron = Dann zum Eisen: bügle, was { $count ->
    [one] Schritt { $steps } genäht hat
   *[other] die Schritte { $steps } genäht haben
}.
start-at-the-point = An der Spitze, wo es genau sein muss; näh von ihr weg.
that-makes-the-unit = Das gibt { $kind } { $unit }.
set-it-in = Setz es ein: halt am Punkt vor der Ecke an und näh jede Seite für sich.
why-pressed = { $count ->
    [0] {""}
   *[other] { $count } von{" "}
}{ $one } an { $other }: { $why }
