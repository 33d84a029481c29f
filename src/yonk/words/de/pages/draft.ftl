# Was die Seiten von draft sagen.

draft-draft-of-arrow-keys-move = Entwurf von { $name }. Pfeiltasten gehen von Feld zu Feld; das Fragezeichen zeigt die Tasten.
draft-colourings-of = Farbstellungen von { $name }
draft-the-same-draft-in-other = Derselbe Entwurf in anderen Stoffen. Die Zuschneideliste zählt alle zusammen; zwei, die einen Stoff teilen, teilen auch seine Streifen und Quadrate.
draft-blocks = Blöcke
draft-blocks-as-drafted = Blöcke wie entworfen
draft-name-of-the-colouring = Name der Farbstellung
draft-blocks-of = Blöcke von { $name }
draft-mirror-image = gespiegelt
draft-fabric-becomes = { $name } ist
draft-fabric-in-colouring = { $fabric } in { $colouring }
draft-take-it-away = wegnehmen
draft-colouring = + Farbstellung
draft-trim-margin = Rand zum Nachschneiden
draft-seam-allowance = Nahtzugabe
draft-ruler-step = Schritt des Lineals
draft-cutting-list = Zuschneideliste
draft-list-for = für
draft-number-of-blocks = Zahl der Blöcke
draft-with-all-colourings = { $all_blocks } mit allen Farbstellungen
draft-how-pieces-of-units-are = Wie Stücke von Einheiten zugeschnitten werden
draft-lines-of-the-cutting-list = Zeilen der Zuschneideliste
draft-what-to-do-first = Womit du beginnst
draft-first-put-a-unit = Wähl links eine Einheit und berühr ein Feld, oder zieh sie dorthin; oder zeichne eine Naht.
draft-first-paint = Berühr unten einen Stoff, dann Färben, um Flicken ihren Stoff zu geben.
draft-first-the-list = Was zu schneiden ist, steht hier, sobald etwas gezeichnet ist.
draft-from-a-patterns-list = Aus der Liste einer Anleitung …
draft-for-purpose = für { $purpose }
draft-how-each-unit-is-made = Wie jede Einheit gemacht wird
draft-finished-unfinished = { $finished } fertig, { $unfinished } unvernäht
draft-these = diese: { $method_words }
draft-how-unit-is-made = Wie Einheit { $label }, { $words }, gemacht wird
draft-proposed = vorgeschlagen{ $way }
draft-makes-spare = ergibt { $makes }, { $spare } übrig
draft-before-you-cut = Bevor du schneidest
draft-drafting = { $name } entwerfen
draft-for-the-server-marked-on = { $changes } auf den Server, auf dem Brett markiert. Dieser Browser bewahrt sie auf; Rückgängig nimmt die letzte zurück.
draft-changes-wait = { $waiting ->
    [one] Eine Änderung wartet
   *[other] { $waiting } Änderungen warten
}
draft-patch = Flicken { $face_letters }
draft-in-unfinished = in { $words } { $label }, unvernäht { $unfinished }
draft-is-cut = Zuschnitt { $size }
draft-finished-sizes-of = { $axis ->
    [columns] Fertige Breiten der Spalten
   *[rows] Fertige Höhen der Reihen
}
draft-finished-size-of = Fertige Größe von { $one } { $index }
draft-add-one-after = danach eine einfügen
draft-close = { $one } { $index } schließen
draft-finished-change-it = { $one } { $index }: { $finished } fertig; ändern
draft-drag-the-grid-line-it = Zieh die Rasterlinie; sie hält an den Marken des Lineals
draft-fabrics-in-hand = Stoffe zur Hand
draft-in-hand = { $slot } Stoff zur Hand: { $fabric }
draft-fabrics-of-the-block = Stoffe des Blocks
draft-take-in-hand = { $name } zur Hand nehmen
draft-take-in-hand-patches = { $name } zur Hand nehmen ({ $value }, { $print }, { $patches } Flicken)
draft-fabric = + Stoff
draft-colourings = Farbstellungen{ $count }
draft-name-of-a-new-fabric = Stoff
draft-next-fabric = Den nächsten Stoff dazunehmen und in die Hand nehmen; Name und Farbe änderst du, wann du magst
draft-right-side-is-hard-to-see = Die rechte Seite ist schwer zu erkennen: links markieren
draft-points = Zeigt nach
draft-up = oben
draft-right = rechts
draft-down = unten
draft-left = links
draft-swap-everywhere-with = Überall tauschen mit
draft-choose-a-fabric = Stoff wählen
draft-swap = Tauschen
draft-take-it-out-of-the = Aus dem Block nehmen
draft-take-away = Mitnehmen
draft-picture-as-png = Bild als PNG
draft-bring-in = Hereinholen
draft-seams-from-an-svg-drawing = Nähte aus einer SVG-Zeichnung …
draft-an-earlier-state-of-this = Ein früherer Stand dieses Blocks …
draft-svg-drawing = SVG-Zeichnung
draft-seams-from-a-drawing = Nähte aus einer Zeichnung
draft-snap-its-points-to = Ihre Punkte einrasten auf
draft-parts-of-a-cell = { $count ->
    [one] die Ecken der Felder
   *[other] { $count } Teile eines Felds
}
draft-the-drawing-is-fitted-to = Die Zeichnung wird mit ihrem eigenen Umriss in den Block eingepasst. Ihre geraden Linien treten an die Stelle aller Nähte hier.
draft-look = Ansehen
draft-take-the-seams = Die Nähte nehmen
draft-move-the-cell-cursor-on = den Feldzeiger bewegen (auf dem Brett)
draft-shift-arrows = Umschalt + Pfeile
draft-take-in-more-cells = weitere Felder dazunehmen
draft-enter-or-space = Eingabe oder Leertaste
draft-do-what-the-tool-does = tun, was das Werkzeug am Zeiger tut
draft-go-to-the-board-to = zum Brett, zur Zuschneideliste
draft-the-step-before-and-after = der Schritt davor und danach
draft-look-at-a-patch-its = einen Flicken ansehen: seine Maße stehen unter dem Brett
draft-put-units-in = Einheiten einsetzen
draft-turn-what-is-there = drehen, was da ist
draft-choose-cells-to-copy-paste = Felder wählen, um sie zu kopieren, einzufügen, zu drehen oder zu spiegeln
draft-draw-a-seam-enter-at = eine Naht ziehen: Eingabe am Anfang, Eingabe am Ende
draft-rub-out-a-stretch-of = ein Stück Naht wegradieren
draft-next-patch-in-the-cell = nächster Flicken im Feld (zum Färben) oder nächstes Stück (zum Radieren); bei Naht die nächste Naht, deren Enden Enter in die Hand nimmt
draft-turn-the-unit-in-hand = die Einheit zur Hand drehen
draft-mirror-the-unit-in-hand = die Einheit zur Hand spiegeln
draft-take-a-fabric-in-hand = einen Stoff zur Hand nehmen
draft-key-comma-and-point = , und .
draft-the-unit-before-and-after = die Einheit davor und danach in der Schale
draft-next-mates = die nächsten Gegenstücke
draft-ctrl-c-ctrl-v = Strg + C, Strg + V
draft-copy-the-cells-put-the = die Felder kopieren, die Kopie am Zeiger einsetzen
draft-ctrl-z = Strg + Z
draft-ctrl-shift-z-ctrl-y = Strg + Umschalt + Z, Strg + Y
draft-this-sheet = dieses Blatt
draft-mates = Gegenstücke
draft-do-it-at-the-matching = Auch an den entsprechenden Stellen tun (M)
draft-size-and-grid = Größe und Raster:
draft-finished-finished = { $finished } fertig · { $columns } × { $rows }
draft-unfinished = { $unfinished } unvernäht
draft-size-chart = Größentafel
draft-size-chart-of = Größentafel von { $name }
draft-finished-width-from = Fertige Breite von
draft-work-it-out = Ausrechnen
draft-cut-sizes-by-letter-a = Zuschnitte nach Buchstaben. Eine Größe ist markiert, wo jeder Zuschnitt auf dem Lineal liegt.
draft-on-the-ruler = Auf dem Lineal
draft-take-this-size = Diese Größe nehmen
draft-off = { $off } daneben
draft-take-finished = { $finished } fertig nehmen
draft-touch-a-patch-to-see = Einen Flicken berühren, um seine Maße zu sehen; nichts ändert sich (L)
draft-put-in = Einsetzen
draft-put-the-unit-in-hand = Die Einheit zur Hand in ein Feld setzen oder über mehrere Felder ziehen (U)
draft-turn-what-a-cell-or = Drehen, was ein Feld oder eine gezogene Spanne enthält (T)
draft-cells = Felder
draft-choose-cells-to-copy-paste-turn = Felder wählen, um sie zu kopieren, einzufügen, zu drehen, zu spiegeln oder zu wiederholen (C)
draft-paint = Färben
draft-give-a-patch-the-fabric = Einem Flicken den Stoff zur Hand geben (P)
draft-seam = Naht
draft-draw-a-seam-from-point = Eine Naht von Punkt zu Punkt ziehen (S)
draft-rub-out = Radieren
draft-rub-out-a-stretch-of-seam = Ein Stück Naht wegradieren (X)
draft-this-patch = dieser Flicken
draft-all-of-its-letter = alle seines Buchstabens
draft-all-of-its-fabric = alle seines Stoffs
draft-letters = Buchstaben
draft-units-outlined = Einheiten umrandet
draft-units-apart = Einheiten auseinander
draft-four-blocks-together = Vier Blöcke zusammen
draft-greyscale-to-judge-values = Graustufen, um Helligkeiten zu beurteilen
draft-tools = Werkzeuge
draft-what-a-touch-does = Was eine Berührung tut
draft-turn-it = drehen
draft-mirror-it = spiegeln
draft-what-is-rubbed-out = Was wegradiert wird
draft-a-stretch = ein Stück
draft-the-whole-seam = die ganze Naht
draft-what-is-painted = Was gefärbt wird
draft-ruled-points = Rasterpunkte
draft-view = Ansicht
draft-units-to-put-in = Einheiten zum Einsetzen
draft-no-fabric-yet = noch kein Stoff
draft-patch-unit = Flicken { $face_letters }, { $shape }, { $fabric }, Einheit { $unit_of }
draft-row-column = Reihe { $row }, Spalte { $column }: { $words }
draft-touch-a-patch-to-see-its = Berühr einen Flicken, um seine Maße zu sehen; nichts ändert sich.
draft-touch-a-cell-or-drag = Berühr ein Feld oder zieh über mehrere, um die Einheit zur Hand dort einzusetzen.
draft-touch-a-cell-or-drag-over = Berühr ein Feld oder zieh über mehrere, um zu drehen, was darin ist.
draft-touch-or-drag-over-cells = Berühr Felder oder zieh über sie, um sie zu wählen; dann kopieren, einfügen, drehen, spiegeln oder wiederholen.
draft-touch-a-patch-to-give = Berühr einen Flicken, um ihm den Stoff zur Hand zu geben.
draft-drag-from-point-to-point = Zieh von Punkt zu Punkt, um eine Naht zu zeichnen; berühr eine Naht, um eines ihrer Enden zu verschieben.
draft-touch-a-stretch-of-seam = Berühr ein Stück Naht, um es wegzuradieren.
draft-turn-the-chosen-cells-by = Die gewählten Felder um ein Viertel drehen
draft-mirror-the-chosen-cells-left = Die gewählten Felder von links nach rechts spiegeln
draft-ctrl-c = Strg + C
draft-ctrl-v = Strg + V
draft-repeat-the-top-left-quarter = Das obere linke Viertel wiederholen, um die Mitte gedreht
draft-repeat-the-top-left-quarter-mirrored = Das obere linke Viertel wiederholen, gespiegelt
draft-by = mal
draft-seam-short = Naht
draft-ruler = Lineal
draft-key-brackets = [ und ]
draft-keys-paint = färben
draft-undo = rückgängig
draft-redo = wiederherstellen
draft-column-or-row = { $axis ->
    [columns] Spalte
   *[rows] Reihe
}
draft-move-back = { $axis ->
    [columns] ← verschieben
   *[rows] ↑ verschieben
}
draft-move-on = { $axis ->
    [columns] verschieben →
   *[rows] verschieben ↓
}
draft-first = erster
draft-second = zweiter
draft-third = dritter
draft-a-seam = eine Naht
draft-all-on-the-ruler = ● alle
draft-corners = Ecken
draft-halves = Hälften
draft-thirds = Drittel
draft-quarters = Viertel
draft-eighths = Achtel
draft-nothing-is-copied-yet = Noch ist nichts kopiert: wähl Felder mit dem Zeiger und drück Strg + C.
draft-cells-turn = drehen
draft-cells-mirror = spiegeln
draft-cells-copy = kopieren
draft-cells-paste = einfügen
draft-cells-repeat-quarter = Viertel wiederholen
draft-cells-mirror-quarter = Viertel spiegeln
draft-finished-size = Fertig
draft-trim-by = um
draft-bars = Streifen
draft-columns-by-rows = Spalten × Reihen
draft-rounds = Runden
draft-cells-unite = Gleiche verbinden
draft-plain-patches-of-one-fabric = Einfache Flicken aus einem Stoff, die nebeneinanderliegen, werden ein Flicken: die Nähte dazwischen fallen weg
draft-cells-together = eine Einheit
draft-made-as-one-unit = Was die gewählten Felder halten, wird als eine Einheit gemacht: lose Quadrate aus Streifen, oder jeder Teil auf gedruckter Grundlage
draft-cells-apart = einzeln
draft-made-as-they-come = Was dort als eine Einheit gemacht wurde, zerfällt wieder, wie die Nähte laufen
draft-menu-put-in = Die Einheit in der Hand hier einsetzen
draft-menu-key-enter = Eingabe
draft-menu-paint = Mit dem Stoff in der Hand färben
draft-menu-take-fabric = Diesen Stoff in die Hand nehmen
draft-a-picture-under = Ein Bild unter dem Papier …
draft-a-picture-under-the-paper = Ein Bild unter dem Papier
draft-drag-the-corners = Zieh die vier Ecken auf die des Blocks im Bild, oder verschieb eine mit den Pfeiltasten. Das Bild bleibt in diesem Browser.
draft-the-picture = Das Bild
draft-corner-upper-left = oben links
draft-corner-upper-right = oben rechts
draft-corner-lower-right = unten rechts
draft-corner-lower-left = unten links
draft-corner-of-the-block = Ecke des Blocks, { $corner }
draft-lay-it-under = Unter das Papier legen
draft-picture = Bild
draft-how-much-cloth-over-it = Wie viel vom Stoff über dem Bild zu sehen ist
draft-find-its-seams = Seine Nähte suchen
draft-so-many-seams-seen = { $count ->
    [0] Es ist keine Naht zu sehen, die nicht schon gezeichnet ist.
    [one] Eine Naht ist zu sehen; berühr sie, um sie zu nehmen, lass sie mit der rechten Taste.
   *[other] { $count } Nähte sind zu sehen; berühr eine, um sie zu nehmen, lass sie mit der rechten Taste.
}
draft-take-them-all = Alle nehmen
draft-leave-them = Alle lassen
draft-take-the-picture-away = Das Bild wegnehmen
draft-seam-offered = Naht { $number } von { $count } im Bild: Enter nimmt sie, Entf lässt sie
