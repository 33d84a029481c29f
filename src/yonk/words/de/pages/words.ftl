# Was die Seiten von words sagen.

words-words-and-sizes-yonk = Wörter und Maße · Yonk
words-words-and-sizes = Wörter und Maße
words-finished-unfinished-cut = Fertig, unvernäht, Zuschnitt
words-in = in
words-the-words = Die Wörter
words-a-finished-unfinished-cut-from = { $kind }: { $finished } fertig, { $unfinished } unvernäht, aus Quadraten von { $cut } geschnitten.
words-unfinished = unvernäht { $unfinished }
words-cut = Zuschnitt { $cut }
words-is-what-shows-in-the = { $finished_word } ist, was im Quilt zu sehen ist: { $finished }.
words-is-what-it-measures-once = { $unfinished_word } ist, was es misst, wenn es genäht und nachgeschnitten ist, bevor es angesetzt wird: eine Nahtzugabe von { $seam } auf jeder Seite ergibt { $unfinished }.
words-is-what-is-cut-from = { $cut_word } ist, was aus dem Stoff geschnitten wird. Auch die Naht in der Diagonale braucht etwas: genau geschnitten ist es { $true_cut }; mit { $margin } zum Nachschneiden { $cut }.
words-cut-word = Zuschnitt
words-finished-word = Fertig
