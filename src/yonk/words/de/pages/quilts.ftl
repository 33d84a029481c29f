# Was die Seiten von quilts sagen.

quilts-blocks-of-the-quilt = Blöcke des Quilts
quilts-take-it-anew = neu übernehmen
quilts-take-one-more-block-in = Noch einen Block dazunehmen
quilts-a-block = + Block
quilts-new-quilt = Neuer Quilt
quilts-a-new-quilt = Ein neuer Quilt
quilts-its-blocks = Seine Blöcke
quilts-search-blocks = Blöcke suchen
quilts-search = suchen
quilts-set-them = Anordnen
quilts-a-fabric = + Stoff
quilts-a-fabric-for-the-quilt = Ein Stoff für den Quilt
quilts-together = Gemeinsam
quilts-all-alike = alle gleich
quilts-quarter-turns-round-each-four = je vier mit Vierteldrehungen
quilts-every-other-one-turned = jeder zweite gedreht
quilts-mirrored-in-the-middle = in der Mitte gespiegelt
quilts-back-to-the-quilts = Zurück zu den Quilts
quilts-fetching-the-quilt = Der Quilt wird geholt …
quilts-name-of-the-quilt = Name des Quilts
quilts-quilt-file = Quiltdatei
quilts-the-top = Das Top
quilts-setting = { $name } anordnen
quilts-finished = { $size } fertig, { $blocks }
quilts-without-borders = ; { $top } ohne Ränder
quilts-look-at-it = Ansehen
quilts-far-away = von weitem
quilts-the-quilt-top-arrows-go = Das Quilttop; Pfeile gehen von Platz zu Platz, mit Umschalt tauschen sie ihn mit dem nächsten, R dreht, M spiegelt
quilts-row-place = Reihe { $row }, Platz { $column }
quilts-block-at-this-place = Block an diesem Platz
quilts-plain = glatt
quilts-mirror = Spiegeln
quilts-hold-it-fast = festhalten
quilts-touch-a-place-to-turn = Berühr einen Platz, um ihn zu drehen; zieh einen auf einen anderen, um sie zu tauschen.
quilts-turn-them = Drehe sie
quilts-spread-them = Verteilen
quilts-corners-count-too = auch die Ecken zählen
quilts-take-in-the-colourings-of = die Farbstellungen von { $name } einbeziehen
quilts-pairs-of-neighbours-nearly-vanish = { $pairs ->
    [one] Zwei Nachbarn verschwimmen fast
   *[other] { $pairs } Paare von Nachbarn verschwimmen fast
}
quilts-setting-and-list = Anordnung und Liste
quilts-was-not-taken-it-is = { $name } wurde nicht genommen: es ist kein JSON.
quilts-quilts-yonk = Quilts · Yonk
quilts-open-a-quilt-file = Eine Quiltdatei öffnen
quilts-start-a-quilt = Einen Quilt beginnen
quilts-fetching-the-quilts = Die Quilts werden geholt …
quilts-no-quilt-yet-start-one = Noch kein Quilt. Beginn einen aus den Blöcken deines Regals.
quilts-the-quilts-that-is-in = Die Quilts, in denen { $name } ist
quilts-none-yet = Noch keine.
quilts-set-it-into-a-new = In einen neuen Quilt setzen
quilts-part-setting = Anordnung
quilts-straight-or-on-point = Gerade oder auf der Spitze
quilts-straight = gerade
quilts-on-point = auf der Spitze
quilts-columns = Spalten
quilts-rows = Reihen
quilts-everywhere = Überall
quilts-block-everywhere = Block überall
quilts-the-same = derselbe
quilts-every-other = jeder zweite
quilts-sashing = Zwischen­streifen
quilts-sashing-fabric = Stoff der Zwischenstreifen
quilts-wide = breit
quilts-cornerstones = Eckquadrate
quilts-no-cornerstones = keine Eckquadrate
quilts-round-the-outside-too = auch außen herum
quilts-edge = Kante
quilts-fabric-of-the-setting-triangles = Stoff der Randdreiecke
quilts-blocks-float-by = Blöcke schweben um
quilts-what-fills-the-sides = Was die Seiten füllt
quilts-setting-triangles = Randdreiecke
quilts-half-blocks-a-whole-one = halbe Blöcke, je aus einem ganzen geschnitten
quilts-half-blocks-pieced-as-drafted = halbe Blöcke, gepatcht wie entworfen
quilts-frame-to = Rahmen auf
quilts-module = Modul
quilts-frame-fabric = Rahmenstoff
quilts-fabric-of-border = Stoff von Rand { $number }
quilts-pieced-from = gepatcht aus
quilts-corners-of-pieced-border = Ecken des gepatchten Rands { $number }
quilts-a-block-in-each-corner = ein Block in jeder Ecke
quilts-width-of-border = Breite von Rand { $number }
quilts-corners-of-border = Ecken von Rand { $number }
quilts-sides-first = Seiten zuerst
quilts-top-first = oben zuerst
quilts-where-half-blocks-lie = wo halbe Blöcke liegen
quilts-all-round = ringsum
quilts-left-and-right = links und rechts
quilts-above-and-below = oben und unten
quilts-width-of-border-above-and-below = Breite von Rand { $number } oben und unten
quilts-with-a-spacer-that-makes-it-fit = mit einem Zwischenrand, der ihn aufgehen lässt
quilts-mitred = auf Gehrung
quilts-take-off = abnehmen
quilts-borders = Ränder
quilts-a-border = + Rand
quilts-backing = Rückseite
quilts-no-backing = keine Rückseite
quilts-over-on-each-side = Überstand je Seite
quilts-binding = Einfassung
quilts-no-binding = keine Einfassung
quilts-cut = Zuschnitt
quilts-grain-of-the-binding = Fadenlauf der Einfassung
quilts-straight-grain = gerader Fadenlauf
quilts-on-the-bias = im Schrägschnitt
quilts-a-size-to-reach = Eine Größe, die erreicht werden soll
quilts-as-wide-as = so breit wie
quilts-as-long-as = so lang wie
quilts-how = Wie?
quilts-the-bed-and-its-drop = Das Bett und sein Überhang, oder die Wand; fertig.
quilts-the-whole-top = Das ganze Top
quilts-to-cut-for-the-whole = Zuzuschneiden für das ganze Top
quilts-cut-size = Zuschnitt
quilts-for = Für
quilts-looking-for-the-best-pressing = Das beste Bügeln des ganzen Tops wird gesucht …
quilts-sewing-the-top = Das Top nähen
quilts-by-rows = in Reihen
quilts-by-quarters-smaller-pieces-at = in Vierteln: kleinere Stücke an der Maschine
quilts-the-top-as-it-is = Das Top, wie es genäht wird; jeder Pfeil kreuzt eine Naht zu der Seite, zu der sie gebügelt wird
quilts-how-is-sewn = Wie { $name } genäht wird
quilts-all-done = { $total ->
    [one] fertig
   *[other] alle { $total } fertig
}
quilts-done-so-far = bisher fertig
quilts-cloth-for-the-whole-top = Stoff für das ganze Top
quilts-from-the-shelf-first = Zuerst aus dem Regal
quilts-some-is-wider-than-the = etwas ist breiter als der Stoff
quilts-how-it-is-made = Wie es gemacht wird
quilts-long-strips = Lange Streifen
quilts-greys = grau
quilts-border = Rand { $number }
quilts-throw-of = Decke aus { $name }
quilts-how-it-is-set = Anordnung
quilts-back-of-it = Rückseite
quilts-how-it-is-sewn = Genäht
quilts-blocks-and-fabrics-to-put-in = Blöcke und Stoffe zum Einlegen
quilts-width-of-part = Breite: { $part }
quilts-what-is-in-hand-and-chosen = was in der Hand und gewählt ist
quilts-block-in-hand = { $name } in der Hand: einen Platz berühren oder über mehrere ziehen
quilts-fabric-in-hand = { $name } in der Hand: berühren, worauf er soll
quilts-onto-part = auf { $part }
quilts-lay-it-down = hinlegen
quilts-places-chosen = { $places ->
    [one] 1 Platz
   *[other] { $places } Plätze
}
quilts-empty = Leeren
quilts-another-layout = eine andere Verteilung
quilts-rules = { $rules ->
    [0] Regeln
    [one] 1 Regel
   *[other] { $rules } Regeln
}
quilts-rule-never = { $one } berührt nie { $other }
quilts-rule-together = { $one } berührt immer { $other }
quilts-rule-one = Block oder Stoff
quilts-rule-how = nie oder immer
quilts-rule-other = der andere
quilts-never-touches = berührt nie
quilts-always-touches = berührt immer
quilts-add-the-rule = Regel hinzufügen
quilts-picture-of-way = so sieht es aus: { $words }
quilts-pieces-cut = { $pieces ->
    [one] 1 Teil
   *[other] { $pieces } Teile
} zu schneiden
quilts-places-let-go = { $places ->
    [one] 1 von Hand gelegter Platz geht
   *[other] { $places } von Hand gelegte Plätze gehen
} verloren
quilts-block-and-how-many = { $name }, { $count }
quilts-the-quilt-is-sewn = Der Quilt ist genäht
quilts-more-blocks = mehr Blöcke
quilts-fewer-blocks = weniger
quilts-a-new-border = einen neuen Rand
quilts-new-sashing = Zwischenstreifen zwischen die Blöcke
quilts-a-block-of-the-shelf-in-hand = Ein Block aus dem Regal ist in der Hand: Plätze berühren oder darüberstreichen
quilts-columns-and-rows-by-arrows = { $columns } × { $rows } Plätze: an der Ecke ziehen oder die Pfeile nehmen für mehr oder weniger
quilts-menu-of-fabric = aus { $fabric }
quilts-menu-lay = { $block } hierher legen
quilts-menu-border-off = Den Rand wegnehmen
