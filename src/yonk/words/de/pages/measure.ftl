# Was die Seiten von measure sagen.

measure-the-block-is-marked = Der Block; { $words } ist markiert
measure-to-change-next-time = beim nächsten Mal anders
measure-what-was-left-of-a = was von einem Streifen blieb
measure-the-entry-was-taken-out = Der Eintrag wurde herausgenommen.
measure-the-photo-was-taken-out = Das Foto wurde herausgenommen.
measure-fetching-the-log = Das Buch wird geholt …
measure-the-log-of = Das Buch von { $name }
measure-to-change-next-time-2 = Beim nächsten Mal anders
measure-what-was-noted = Was notiert wurde
measure-seams-that-were-taken-back = Nähte, die aufgetrennt wurden
measure-photos = Fotos
measure-a-photo-of-the-block = Ein Foto des Blocks
measure-take-out-the-photo = Das Foto { $caption } herausnehmen
measure-take-out = Herausnehmen: { $slice }
measure-the-strip-was-long = Der Streifen war lang
measure-and-gave-so-many-pieces = und gab so viele Stücke
measure-what-was-left = Was übrig war
measure-pieces-wanted-of-the-next = Stücke, die noch gebraucht werden
measure-what-is-noted = Was notiert wird
measure-which-strip = Welcher Streifen
measure-in-your-words = In deinen Worten
measure-note-it = Notieren
measure-what-it-shows = Was es zeigt
measure-sending = Wird geschickt …
measure-add-a-photo = Ein Foto hinzufügen
measure-kept-with-the-block-without = Beim Block aufbewahrt, ohne den Ort der Aufnahme; höchstens 8 MB.
measure-of-the-blocks-will-be = { $chance } der Blöcke liegen innerhalb von { $within }
measure-there-is-nothing-to-sew = Es gibt nichts zu nähen
measure-nine-of-ten-measure = Neun von zehn messen { $fr }.
measure-across-and-down = { $width } in der Breite und { $height } in der Höhe
measure-see-that-step = Den Schritt ansehen
measure-do-so = So machen
measure-what-each-checkpoint-will-measure = Was jeder Messpunkt messen wird, unvernäht
measure-step = Schritt
measure-what-is-made = Was gemacht wird
measure-must-be = Muss sein
measure-nine-of-ten-are-across = Neun von zehn sind, in der Breite
measure-and-down = und in der Höhe
measure-within = Innerhalb { $within }
measure-what-this-stands-on = Worauf das beruht
measure-nothing-of-this-was-measured = Davon wurde nichts gemessen. Näh einen Probestreifen, und es ist deins:
measure-test-again-in-the = Prüf noch einmal im
measure-seam-log = Nahtbuch
measure-the-trial-block = Der Probeblock
measure-what-to-expect = Was zu erwarten ist
measure-log-and-photos = Buch und Fotos
measure-parts-of-measuring = Teile des Messens
measure-block-log-and-photos-zip = Block, Buch und Fotos (ZIP)
measure-working-out-what-the-block = Es wird ausgerechnet, was der Block misst … Du kannst inzwischen zu einem anderen Schritt gehen.
measure-the-trial-block-pressed-and = Der Probeblock, gebügelt und kalt
measure-empty-the-card = die Karte leeren
measure-measure-from-raw-edge-to = Miss von Schnittkante zu Schnittkante, so viele Zeilen du magst. Eingabe geht zur nächsten.
measure-where = Wo
measure-must-be-2 = muss sein
measure-is = ist
measure-off-by = daneben um
measure-measures = { $words } misst
measure-measured-before-the-block-was = Gemessen, bevor der Block geändert wurde
measure-no-verdict-yet = Noch kein Urteil
measure-two-or-three-sizes-tell = Zwei oder drei Maße sagen am meisten: eine Reihe, eine Spalte, eine Einheit.
measure-one-more-size-decides = Ein Maß mehr entscheidet: { $button }
measure-measure = { $next_words } messen
measure-a-seam-was-taken-back = Eine Naht wurde schon { $more } aufgetrennt; { $more_2 } ist bei dir das meiste.
measure-times = { $taken_back ->
    [one] einmal
   *[other] { $taken_back }-mal
}
measure-times-taken-back-limit = { $taken_back_limit ->
    [one] einmal
   *[other] { $taken_back_limit }-mal
}
measure-for-the-rest = Für den Rest
measure-the-cutting-list-of-the = Die Zuschneideliste des Rests
measure-a-note = eine Notiz
