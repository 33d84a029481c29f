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
