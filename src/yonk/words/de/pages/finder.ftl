# Was die Seiten von finder sagen.

finder-the-chart = Die Tafel
finder-finished-from = Fertig von
finder-csv = CSV
finder-cut = Zuschnitt { $column }
finder-what-can-i-make-from = Was kann ich daraus machen?
finder-is-this-number-right = Stimmt diese Zahl?
finder-size-finder-yonk = Größenfinder · Yonk
finder-questions = Fragen
finder-what-you-work-with = Womit du arbeitest
finder-ruler-steps = Schritte des Lineals
finder-trim-margin = Rand zum Nachschneiden
finder-finished-size = Fertige Größe
finder-you-were-told-to-cut = Man sagte dir als Zuschnitt für { $role }
finder-it-is-right = richtig: { $size } { $what } { $further }
finder-you-were-told-to-cut-piece = Man sagte dir als Zuschnitt für Stück { $number }
finder-type-the-number-that-you = Gib die Zahl ein, die man dir sagte, und es wird genäht und gemessen.
finder-it-must-measure-unfinished = Es muss unvernäht { $unfinished } messen.
finder-unit = Einheit
finder-made = Gemacht
finder-by-square-if-empty = mal (leer: quadratisch)
finder-of-how-many-fabrics = Aus wie vielen Stoffen
finder-nothing-the-pieces-are-too = Nichts: die Stücke sind zu klein, oder es sind zu wenige Stoffe.
finder-the-largest-finished-size-of = Die größte fertige Größe jeder Einheit, auf dem Lineal. Die Stücke sind gleichmäßig auf die Stoffe verteilt.
finder-gives = Ergibt
finder-from = Aus
finder-how-to-use-the-pieces = Wie die Stücke zu nehmen sind
finder-trimmed = Nachgeschnitten
finder-pieces = { $pieces ->
    [one] { $pieces } Stück
   *[other] { $pieces } Stücke
}
finder-a-patterns-list = Stimmt diese Anleitung?
finder-name-from-a-list = Aus einer Liste
finder-pieces-of-the-pattern = Die Stücke der Anleitung, eins je Zeile
finder-pattern-example = { $unit ->
    [cm] Nebel:
        4 Quadrate 9
        2 Quadrate 10, einmal diagonal
        Torf:
        2 Quadrate 10, einmal diagonal
        1 Quadrat 9
   *[in] 4 Quadrate 3 1/2 Nebel
        2 Quadrate 3 7/8 Nebel, einmal diagonal
        2 Quadrate 3 7/8 Torf, einmal diagonal
        1 Quadrat 3 1/2 Torf
}
finder-pattern-help = Wie viele, wie groß geschnitten, aus welchem Stoff, und wie weiter geschnitten. Eine Zeile mit einem Stoff und einem Doppelpunkt gilt für die Zeilen darunter.
finder-finished-width-it-tells = Fertige Breite laut Anleitung
finder-each-line-by-itself = Jede Zeile für sich
finder-as-it-is-read = So wird sie gelesen
finder-what-is-to-say = Was dazu zu sagen ist
finder-what-they-make = Was daraus wird
finder-one-way-to-lay-them = Eine Art, sie zu legen; auf dem Brett lassen sie sich drehen und tauschen.
finder-draft-this-block = Diesen Block entwerfen
finder-more-ways = { $count ->
    [one] noch 1 Machart
   *[other] noch { $count } Macharten
}
finder-first-way-alone = nur die erste Machart
