# Was die Seiten von common sagen.

common-yonk = { $name } · Yonk
common-draft = Entwerfen
common-cut = Zuschneiden
common-sew = Nähen
common-measure = Messen
common-set = Anordnen
common-steps = Schritte
common-redo = Wiederherstellen
common-keys = Tasten
common-bring-it-back = Zurückholen
common-earlier-states = Frühere Stände
common-to-the-page = Zur Seite
common-yonk-the-shelf-of-blocks = Yonk: das Regal der Blöcke
common-colour = Farbe
common-value = Helligkeit
common-light = hell
common-medium = mittel
common-dark = dunkel
common-print = Drucken
common-solid = einfarbig
common-all-over-print = Muster in alle Richtungen
common-stripes = Streifen (kein Oben und Unten)
common-directional-print = mit Oben und Unten
common-what-is-meant-by = Was heißt { $word }?
common-all-words = Alle Wörter
common-close = Schließen
common-picture-of = Bild von { $name }
common-everything-of-on-paper = Alles zu { $name } auf Papier
common-laying-out-the-pages = Die Seiten werden gesetzt …
common-pages = { $count ->
    [one] 1 Seite
   *[other] { $count } Seiten
}
common-the-first-pictured = , die ersten { $pictures } als Bild
common-page-smaller = Seite { $number }, kleiner
common-page-larger = Seite { $number }, größer
common-print-at-100-so-that = Mit 100 % drucken, damit Schablonen ihre Größe behalten.
common-keep-as-pdf = Als PDF behalten
common-open-to-print = Zum Drucken öffnen
common-skip = Überspringen
common-print-and-take-along = Drucken und mitnehmen
common-letter = US-Letter
common-paper = Papier
common-everything-looked-at-first = Alles, zuerst angesehen
common-fetching-the-page = Die Seite wird geholt …
common-this-page-could-not-be = Diese Seite ließ sich nicht zeigen
common-try-again = noch einmal versuchen
common-smaller = Kleiner
common-larger = Größer
common-the-block = Der Block
common-fabrics-to-cut = Zuzuschneidende Stoffe
common-for-which-blocks = Für welche Blöcke
common-at-the-cutting-table = Am Zuschneidetisch
common-buy = Kauf
common-or = oder { $fat_quarters }
common-back = Zurück
common-the-working = Der Rechenweg
common-handed = , { $hand ->
    [left] linke Hand
    [right] rechte Hand
   *[other] { $hand }
}
common-finished = fertig { $finished }
common-take-out = herausnehmen
common-none = keiner
common-change = { $name } ändern
common-change-it = ändern
common-name = Name
common-keep = Behalten
common-block-file = Blockdatei
common-column-finished = Fertig
common-finished-width = Fertige Breite
common-finished-height = Fertige Höhe
common-unit-of-length = Längeneinheit
common-inches = Zoll
common-cm = cm
common-columns = Spalten
common-rows = Reihen
common-in-steps-of = in Schritten von
common-take = nehmen
common-turn = Drehen
common-fabric-shelf = Stoffregal
common-size-finder = Größenfinder
common-whose = von { $owner }
common-note = Notiz
common-how-many = Wie viele
common-find-a-block-by-its = Block nach seinem Namen suchen
common-find-by-name = Nach Namen suchen
common-unfinished = Unvernäht
common-seam-allowance = Nahtzugabe
common-pieces = Stücke
common-blocks = Blöcke
common-quilts = Quilts
common-times = { $times ->
    [one] einmal
   *[other] { $times }-mal
}
common-is-off-the-shelf = { $name } ist nicht mehr im Regal.
common-delete = { $name } löschen
common-delete-it = Löschen
common-sewn = Genäht
common-take-words = { $words } nehmen
common-steps-of-sewing = Schritte beim Nähen
common-done-of-total = { $done } von { $total }
common-of-total = von { $total }
common-cloth = Stoff
common-your-choice = deine Wahl
common-seam-log = Nahtbuch
common-centimetres = Zentimeter
common-language = Sprache
common-language-is-for = Seiten, Antworten und Papier sprechen sie, von jetzt an und überall, wo du dich anmeldest. Dateien, die andere Programme lesen, behalten ihre Namen.
common-button-try-again = Noch einmal versuchen
common-block-or-blocks = { $blocks ->
    [one] Block
   *[other] Blöcke
}
common-count-of-blocks = { $blocks ->
    [one] { $blocks } Block
   *[other] { $blocks } Blöcke
}
common-proposed-taken = vorgeschlagen, genommen
common-proposed = vorgeschlagen
common-and = { $before } und { $last }
common-zoom = Vergrößerung
common-zoom-more = Auf die Seite, oder wahre Größe
common-zoom-fit = Auf die Seite
common-zoom-true-size = Wahre Größe, soweit der Bildschirm sie angibt
common-print-of-cloth = Muster
common-to = bis
common-take-away = wegnehmen
common-go-to = Gehe zu
common-the-house = Seiten
common-open-lately = Zuletzt offen
common-find = Suchen
common-find-anything = Handlung, Seite, Block, Stoff oder Wort suchen
common-find-anything-by-key = Alles durch Tippen finden (Strg K)
common-what-was-found = Was gefunden wurde
common-nothing-is-called-so = Hier heißt nichts so.
common-words = Wörter
common-found-here = hier
common-found-page = Seite
common-found-block = Block
common-found-quilt = Quilt
common-found-fabric = Stoff
common-found-word = Wort
common-what-can-be-done-here = Was hier getan werden kann
common-not-now = Jetzt nicht
common-ground = { $ground ->
    [lamp] Lampe
   *[day] Tag
}
common-ground-of-the-page = Heller Grund bei Tag, dunkler Grund bei der Lampe
common-undo = Rückgängig
common-undo-by-key = Nimmt die letzte Änderung zurück (Strg + Z)
common-redo-by-key = Stellt sie wieder her (Strg + Umschalt + Z)
common-files = Dateien
common-one-moment = Einen Augenblick …
common-dyes = Farbstoffe
common-shades = Dunkler und heller
common-shade = Stufe { $place } von 7, die dunkelste zuerst
common-from-the-shelf = vom Regal
common-the-cloth-costs = Aller Stoff:
common-drawn = gezeichnet
common-photographed = fotografiert
common-drawn-or-photographed = Stoff von gezeichnet bis fotografiert
