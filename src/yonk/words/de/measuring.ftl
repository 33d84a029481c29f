# Messen und Urteil.

measure-block = { $where ->
    [top] an der Oberkante
    [middle] quer durch die Mitte
    [bottom] an der Unterkante
    [left] an der linken Kante
    [center] senkrecht durch die Mitte
    [right] an der rechten Kante
    [diagonal-down] von oben links nach unten rechts
   *[diagonal-up] von unten links nach oben rechts
}
measure-line = { $kind ->
    [row] Reihe
   *[column] Spalte
} { $number }
measure-unit = { $kind } { $unit }, in der Breite
measure-kind-block = Der Block
measure-kind-row = Reihen
measure-kind-column = Spalten
measure-kind-unit = Einheiten
size-cannot-be-so-far = kann nicht so weit von { $meant } sein; sieh nach, ob richtig abgelesen wurde
verdict = { $verdict ->
    [good] Gut: alles ist so genau, wie sich ablesen lässt.
    [ease] Einhalten: was daneben ist, lässt sich beim Ansetzen einhalten.
    [trim] Nachschneiden: es ist zu groß und lässt sich auf Maß schneiden.
    [take-back] Trenn die Nähte auf und näh sie neu.
    [press-again] Bügle es noch einmal, Falten geöffnet und Ecken rechtwinklig, und miss neu.
    [measure-again] Miss noch einmal: noch erklärt nichts diese Maße.
   *[cut-again] Schneide diese Stücke neu: was zu klein ist, lässt sich nicht retten.
}
a-hair = ein Haar
cause-where = { $kind ->
    [letter] Flicken { $which }
    [unit] Einheit { $which }
    [row] Reihe { $which }
    [column] Spalte { $which }
   *[other] { $kind } { $which }
}
cause = { $kind ->
    [seam] jede Naht nimmt { $by } { $way ->
        [more] zu viel
       *[less] zu wenig
    }
    [cut] { $what } wurde { $by } { $way ->
        [more] zu groß
       *[less] zu klein
    } geschnitten
    [trim] die Einheiten wurden { $by } { $way ->
        [more] zu groß
       *[less] zu klein
    } nachgeschnitten
    [press] { $way ->
        [more] die Falten sind nicht geöffnet, { $by } an jeder Naht
       *[less] der Stoff wurde je Naht um { $by } gedehnt
    }
   *[skew] der Block ist { $by } aus dem Winkel{ $way ->
        [more] {""}
       *[less] , andersherum
    }
}
nothing-explains = Weder eine noch zwei Ursachen erklären diese Maße; miss noch einmal.
may-also-be = Es kann auch sein: { $causes }; diese Maße unterscheiden sie nicht.
so-sure = { $causes }; zu { $chance } sicher.
percent = { $chance } %
percent-over-99 = über 99 %
percent-under-1 = unter 1 %
range = { $low } bis { $high }
most-to-ease = Am meisten einzuhalten ist bei Schritt { $step }: { $usual } im Mittel, höchstens { $most } in neun von zehn.
predict-one-patch = Ein einziger Flicken hat keine Nähte, die schiefgehen könnten.
no-change-helps-much = Keine einzelne Änderung hilft viel: { $before } der Blöcke werden gut.
change-helps = { $change ->
    [seam] Stell die Naht um das richtig, was sie daneben ist
    [trim] Schneide die Einheiten größer und schneide sie nach
    [cut] Schneide doppelt so genau
    [steady] Näh doppelt so gleichmäßig
   *[ruler] Nimm ein Lineal, das Marken für die glatten Flicken hat
}: dann werden { $after } der Blöcke gut, statt { $before }.
off-by-nothing = richtig
a-thread = ein Faden
seam-off = { $size } zu { $way ->
    [wide] breit
   *[narrow] schmal
}
size-off = { $size } { $way ->
    [over] zu groß
   *[short] zu klein
}
seam-never-tested = Noch wurde keine Naht geprüft; alles Vorhergesagte beruht auf ersten Schätzungen.
seam-each-is = Jede Naht ist { $off }, nach { $tests ->
    [one] einer Probe
   *[other] den letzten { $tests } Proben
}.
seam-unsteady = Im Mittel richtig, aber ungleichmäßig: eine von drei Nähten ist mehr als { $spread } daneben.
seam-learnt = Gelernt: { $count } hintereinander sind innerhalb { $within }.
seam-within = { $off }, das ist innerhalb { $within }, nach { $tests ->
    [one] einer Probe
   *[other] den letzten { $tests } Proben
}.
seam-is-right = Die Naht stimmt, nach { $tests ->
    [one] einer Probe
   *[other] den letzten { $tests } Proben
}.
change-sew-the-first = Näh den ersten Probestreifen.
change-cut-strips-anew = Die Streifen waren { $was } geschnitten, nicht { $meant }: schneide sie neu, bevor du an der Maschine etwas änderst.
change-move-the-needle = Stell die Nadel einen Schritt nach { $way ->
    [right] rechts
   *[left] links
}, oder den Anschlag { $by } { $way ->
    [right] näher
   *[left] weiter weg
}; dann prüf noch einmal.
change-nothing-and-test-again = Ändere nichts und prüf noch einmal: drei Proben sagen, wie gleichmäßig es ist.
change-sew-slower = Lass die Nadel, wo sie ist; näh langsamer an einem Anschlag entlang, und sieh auf den Anschlag.
change-nothing-or-the-blocks = Ändere nichts, oder schneide deine Blöcke für die Naht, die du nähst.
change-nothing = Ändere nichts.
guess = { $what ->
    [seam_error] eine Naht ist { $size }
    [seam_spread] Nähte streuen um { $size }
    [cut_spread] Schnitte um { $size }
   *[trim_spread] nachgeschnittene Seiten um { $size }
} ({ $whose ->
    [guess] eine erste Schätzung
   *[hers] deine
})
setup-not-told = nichts über Maschine oder Stoff gesagt
strips-too-narrow = lässt zwischen zwei solchen Nähten nichts; schneide breitere Streifen
far-from-the-left-one = ist weit von dem, was der linke misst; sieh nach, ob richtig abgelesen wurde
far-from-what-is-meant = ist weit von { $meant }; sieh nach, ob richtig abgelesen wurde
day-to-come = liegt in der Zukunft; gib den Tag an, an dem genäht wurde
figure-within = Eine Naht darf daneben sein um
figure-cut-spread = Geschnittene Stücke streuen um
figure-trim-spread = Nachgeschnittene Seiten streuen um
figure-tolerance = Ein Block darf daneben sein um
so-many-times = { $count ->
    [0] nie
    [1] einmal
    [2] zweimal
    [3] dreimal
    [4] viermal
   *[5] fünfmal
}
rest-measure-the-first = Im Probeblock: { $cause }. Miss den ersten vom Rest.
rest-measure-before-trimming = Miss die erste Einheit vom Rest, bevor du die anderen nachschneidest.
rest-open-every-fold = Öffne beim Rest jede Falte mit dem Bügeleisen, bevor du misst.
rest-square-each-part = Schneide beim Rest jeden Teil rechtwinklig, bevor du ihn ansetzt.
rest-set-the-machine = Oder stell die Maschine: die Nadel um { $by } nach { $way ->
    [right] rechts
   *[left] links
}, und lass die Zuschnitte, wie sie sind.
rest-cut-larger = Schneide die Einheiten des Rests { $by } größer und schneide sie nach.
rest-cut-for-the-seam = Schneide für die Naht, die du nähst: { $sewn }, nicht { $seam }.
strip-left-over = Ein Streifen von { $length } gab { $pieces } und ließ { $left }: schneide den nächsten { $next } lang für { $wanted }, mit { $squaring } zum Begradigen.
