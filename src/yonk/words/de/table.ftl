# Was auf dem Tisch liegt.

## was auf dem Tisch liegt

table-is-no-json = ist kein JSON; schick, was auf dem Tisch liegt, als Datei im Format yonk-table/1
table-no-such-fabric = dieser Block hat keinen Stoff „{ $fabric }“
table-no-such-unit = dieser Block hat keine Einheit { $unit }
table-need = { $fabric } { $width } × { $height }: { $there } von { $wanted } da, { $left } zu schneiden
table-enough = { $enough ->
    [yes] Es reicht.
   *[no] Es reicht nicht.
}
way-out-true-cut = nichts
way-out-smaller-margin = Schneide, was noch fehlt, mit weniger zum Nachschneiden: { $margin } statt { $before }.
way-out-another-way = Mach, was noch fehlt, auf andere Art: { $kind } { $way }.
way-out-fewer-blocks = Mach { $blocks ->
    [one] einen Block
   *[other] { $blocks } Blöcke
} statt { $before }.
way-out-length = { $length } { $fabric }
way-out-buy = Kauf { $lengths }, { $width } breit, soweit nutzbar.
table-unit-is-gone = dieser Block hat diese Einheit nicht mehr; öffne den Schritt noch einmal
way-out-other-fabric = Näh { $changed ->
    [one] einen
   *[other] { $changed }
} von { $blocks } Blöcken mit { $other }, nicht mit { $fabric }.
way-out-other-fabric-of-letter = Mach alle Teile { $letter } aus { $other }, nicht aus { $fabric }, in jedem Block gleich.
way-out-pieced = { $count } aus { $fabric }, { $size } lang, aus { $longer } × { $across } und einem Streifen { $strip } × { $across }
way-out-pieced-all = Stückel Teile aus zweien, wo man es am wenigsten sieht: { $patches }.
pieced-part = Teil { $letter }, gestückelt aus { $longer } und { $strip } auf { $size }
way-out-blocks-of-quilt = Näh { $changed ->
    [one] einen
   *[other] { $changed }
} von { $blocks } Blöcken mit { $other }, nicht mit { $fabric }: { $pattern ->
    [corners] die in den Ecken
    [ring] die am Rand
    [middle] die in der Mitte
    [every-other] jeden zweiten
    [every-other-and-corners] jeden zweiten, in der Ecke beginnend
    [every-other-row] jede zweite Reihe
    [outer-rows] die erste und die letzte Reihe
   *[all] alle
}.
way-out-smaller-quilt = Näh { $columns } × { $rows } Blöcke, nicht { $before } × { $rows_before }: { $size }.
evening-planned-cut = { $what } schneiden: { $count ->
    [one] ein Streifen
   *[other] { $count } Streifen
}{ $left ->
    [0] , dann ist alles davon geschnitten
   *[other] , dann fehlen { $left }
}
evening-planned-sew = { $what } { $count } davon{ $left ->
    [0] , dann ist der Schritt fertig
   *[other] , dann fehlen { $left }
}; bügle sie.
evening-all-done = Alles ist geschnitten und genäht.
evening-too-many = Das braucht mehr als { $evenings } Abende; so weit wird nicht geplant.
evening-done-on = Fertig am { $day }, in { $evenings ->
    [one] einem Abend
   *[other] { $evenings } Abenden
}.
evening-a-week = { $left } Blöcke fehlen: { $blocks } in der Woche, um bis { $day } fertig zu sein.
evening-not-in-time = So wird es bis { $day } nicht fertig; { $minutes ->
    [0] bis dahin gibt es keinen Abend.
   *[other] mit { $minutes } Minuten am Abend wäre es das.
}
evening-by-her-pace = Nach deinem eigenen Tempo, wie es die Uhr gemessen hat.
evening-by-guess = Nach einer ersten Schätzung. Die Uhr an der Maschine und am Zuschneidetisch stellt sie richtig.
evening-title = { $block }: Abend { $number } von { $evenings }
evenings-of = { $block }: Abend für Abend
evening-and-minutes = { $day }, { $minutes } Minuten
evening-line = { $what } ({ $minutes } min)
evening-in-colouring = { $colouring }: { $what }
evening-step-of-top = Schritt { $step }, { $what }
evening-planned-one-by-one = { $what }{ $whole ->
    [1] {""}
   *[other] : { $count } von { $whole }{ $left ->
        [0] , dann ist der Schritt fertig
       *[other] , dann fehlen { $left }
    }
}
