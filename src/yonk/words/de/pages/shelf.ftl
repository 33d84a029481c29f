# Was die Seiten von shelf sagen.

shelf-yonk-the-bin = Yonk: der Papierkorb
shelf-the-bin = Der Papierkorb
shelf-looking-into-the-bin = Der Papierkorb wird durchgesehen …
shelf-nothing-was-deleted = Nichts wurde gelöscht.
shelf-bring-back = { $name } zurückholen
shelf-start-a-block = Einen Block beginnen
shelf-in = In
shelf-the-numbers-you-type-are = Die Zahlen, die du eingibst, sind in { $unit }; sie werden nicht umgerechnet.
shelf-what-shows-once-it-is = Was man sieht, wenn er im Quilt vernäht ist; die Höhe ist die Breite, wenn du keine eingibst. Gib 9, 4 7/8, 4-7/8 oder 4,875 ein. Die Nahtzugabe kommt von selbst dazu.
shelf-how-many-such-as-3 = Wie viele, etwa 3; oder wie breit gegeneinander, etwa 1 2 1.
shelf-draft-it = Entwerfen
shelf-finished = { $finished } fertig
shelf-blocks = · { $blocks } Blöcke
shelf-label = { $name } beschriften
shelf-label-it = Beschriften
shelf-duplicate = { $name } verdoppeln
shelf-duplicate-it = Verdoppeln
shelf-labels-a-comma-between-them = Schilder, mit Komma getrennt
shelf-last-changed-first = zuletzt geändert zuerst
shelf-by-name = nach Namen
shelf-longest-untouched-first = am längsten unberührt zuerst
shelf-was-not-taken = { $name } wurde nicht genommen. { $words }
shelf-the-block-was-not-deleted = Der Block wurde nicht gelöscht. { $message }
shelf-open-a-block-file = Eine Blockdatei öffnen
shelf-the-shelf-of-blocks = Das Regal der Blöcke
shelf-looking-at-the-shelf = Das Regal wird durchgesehen …
shelf-the-shelf-cannot-be-read = Das Regal lässt sich nicht lesen: Yonks Server oder seine Datenbank antwortet nicht.
shelf-in-which-order = In welcher Ordnung
shelf-of-which-label = Mit welchem Schild
shelf-all-labels = alle Schilder
shelf-no-block-is-called-or = Kein Block heißt so oder trägt so ein Schild.
shelf-pages-of-the-shelf = Seiten des Regals
shelf-page-of = Seite { $page } von { $pages }
shelf-on = Weiter
shelf-keeps-what-was-deleted-a = { $bin } bewahrt auf, was gelöscht wurde. Eine Blockdatei kann auch irgendwo auf diese Seite gezogen werden.
shelf-the-shelf-is-empty-begin = Das Regal ist leer. Beginn mit einem Block.
shelf-give-it-a-name-a = { $start }: gib ihm einen Namen, eine fertige Größe (was im Quilt zu sehen ist) und ein Raster.
shelf-choose-a-unit-from-the = { $draft }: wähl eine Einheit aus der Schale und berühr die Felder, in die sie kommt; färb die Stoffe.
shelf-beside-it-it-changes-with = { $read } daneben. Sie ändert sich mit jeder Berührung.
shelf-read-the-cutting-list = Lies die Zuschneideliste
shelf-patches = { $patches ->
    [one] { $patches } Flicken
   *[other] { $patches } Flicken
}
