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
measure-unit = { $kind } { $unit }{ $way ->
    [across] , in der Breite
    [down] , in der Höhe
   *[none] {""}
}
measure-part = { $part }{ $way ->
    [across] , in der Breite
    [down] , in der Höhe
   *[none] {""}
}
measure-between = { $patch }, von Naht zu Naht { $way ->
    [across] in der Breite
   *[down] in der Höhe
}
measure-made = { $join ->
    [none] das Stück { $where }
   *[other] das Stück { $where }, aus Naht { $join }
}
measure-place = { $place ->
    [first-first] oben links
    [first-middle] oben
    [first-last] oben rechts
    [middle-first] links
    [middle-middle] in der Mitte
    [middle-last] rechts
    [last-first] unten links
    [last-middle] unten
   *[last-last] unten rechts
}
patch-alone = Flicken { $letter }
patch-there = Flicken { $letter } { $where }
unit-there = Einheit { $unit } { $where }
measure-kind-unit = Beim Nähen: Einheiten, nachgeschnitten
measure-kind-row = Beim Nähen: Reihen, bevor sie verbunden werden
measure-kind-column = Beim Nähen: Spalten, bevor sie verbunden werden
measure-kind-part = Beim Nähen: Teile, bevor sie verbunden werden
measure-kind-block = Der fertige Block, von Schnittkante zu Schnittkante
measure-kind-between = Der fertige Block, von Naht zu Naht
size-cannot-be-so-far = kann nicht so weit von { $meant } sein; sieh nach, ob richtig abgelesen wurde
verdict = { $verdict ->
    [good] Gut: alles ist so genau, wie sich ablesen lässt.
    [ease] Einhalten: was daneben ist, lässt sich beim Ansetzen einhalten.
    [trim] Nachschneiden: es ist zu groß und lässt sich auf Maß schneiden.
    [take-back] Trenn die genannten Nähte auf und näh sie neu.
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
cause-patch = { $patch }
cause-line = was nach Zeile { $line } der Liste geschnitten ist
cause-seam = die Naht zwischen { $one } und { $other }
whole-seam = auf ganzer Länge
seam-end = am { $side ->
    [left] linken Ende
    [right] rechten Ende
    [top] oberen Ende
   *[bottom] unteren Ende
}
cause = { $kind ->
    [one-seam] { $what } nimmt { $by } { $way ->
        [more] zu viel
       *[less] zu wenig
    } { $end }
    [press-somewhere] die Falten in { $what } sind nicht geöffnet, { $by } an jeder Naht
    [trim-somewhere] { $what } wurde { $by } { $way ->
        [more] zu groß
       *[less] zu klein
    } nachgeschnitten
    [stretch] { $what } wurde schräg zum Faden gedehnt, um { $by } entlang der Schräge
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
nothing-explains = Nichts, was gewöhnlich schiefgeht, erklärt diese Maße; miss noch einmal.
may-also-be = Es kann auch sein: { $causes } ({ $chance }).
something-else = Dass es etwas anderes ist: { $chance }.
look-at = { $what ->
   *[fold] Heb eine Falte mit der Nadel an und sieh nach: ist sie nicht geöffnet, liegt es am Bügeln, sonst an der Naht.
}
looks = { $looks ->
    [bowed-in] nach innen gebogen
    [bowed-out] nach außen gebogen
    [wedge] keilförmig
    [wavy] wellig
    [all-small] überall zu klein
    [all-large] überall zu groß
    [leaning] schief
   *[good] gut
}
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
seam-has-changed = Etwas hat sich geändert: { $before ->
    [one] die Probe davor zählt
   *[other] die { $before } Proben davor zählen
} nicht mehr.
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
    [trial] nach dem Probeblock
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
rest-mind = { $kind ->
    [one-seam] Steck diese Naht beim Rest fest und miss sie, bevor du weiternähst.
    [cut] Miss die ersten Stücke des Rests, bevor du die anderen schneidest.
    [trim] Miss die erste Einheit des Rests, bevor du die anderen nachschneidest.
    [stretch] Fass schräge Kanten des Rests so wenig wie möglich an; drück das Bügeleisen auf, statt es zu schieben.
   *[skew] Richte jeden Teil des Rests rechtwinklig aus, bevor du ihn verbindest.
}
remedy = { $do ->
    [needle] Stell die Nadel um { $by } nach { $way ->
        [right] rechts
       *[left] links
    } oder den Anschlag um so viel { $way ->
        [right] näher
       *[left] weiter weg
    }.
    [cut-for-seam] Schneide für die Naht, die du nähst: { $sewn } statt { $seam }{ $finer ->
        [finer] , mit einem Lineal mit Marken von { $step }
       *[same] {""}
    }.
    [margin] Schneide die Einheiten des Rests { $by } größer und schneide sie nach.
    [method] Mach es auf andere Art: { $ways }.
    [press] Öffne beim Rest jede Falte mit dem Bügeleisen, bevor du misst.
   *[nothing] Ändere nichts.
}
remedy-way = { $kind } { $way }
remedy-good = { $after } der Blöcke werden gut, so wie es ist { $before }.
remedy-nothing = { $before } der Blöcke werden gut.
strip-left-over = Ein Streifen von { $length } gab { $pieces } und ließ { $left }: schneide den nächsten { $next } lang für { $wanted }, mit { $squaring } zum Begradigen.
look-before-you-join = Sieh nach, bevor du es verbindest.
nothing-measured = Noch nichts gemessen.
trial-of-another-size = Er hatte eine andere Größe.
trial-of-another-drawing = Er war anders entworfen.
trial-was-cut = Er war { $how } geschnitten.
trial-cut = { $what ->
    [seam] für eine Naht von { $size }
    [trim_margin] mit { $size } zum Nachschneiden
   *[ruler_step] mit einem Lineal mit Marken von { $size }
}
remedy-head = { $helps ->
    [some] Was dem Rest hilft, vorausgesagt
   *[none] Nichts, was sich ändern ließe, bringt mehr gute Blöcke
}
