# Was die Seiten von sew sagen.

sew-of-steps = von { $steps }
sew-about-left = , noch etwa { $span }
sew-stop-the-clock = Die Uhr anhalten
sew-start-the-clock = Die Uhr starten
sew-just-one-more = nur noch eine
sew-the-blocks-are-sewn = Die Blöcke sind genäht
sew-next-step = Nächster Schritt
sew-these-are-sewn = { $chain ->
    [one] Diese ist genäht
   *[other] Diese { $chain } sind genäht
}
sew-space-bar = Leertaste
sew-turning-it-over = Es wird umgedreht …
sew-at-the-thickest-place-layers = { $label }; an der dicksten Stelle { $most } Lagen
sew-the-thickest-place-has-layers = Die dickste Stelle hat { $most } { $most ->
    [one] Lage
   *[other] Lagen
}.
sew-nowhere-do-seams-lie-over = Nirgends liegen Nähte übereinander.
sew-seam-of-step-pressed = Naht von Schritt { $step }, gebügelt { $toward }
sew-its-two-pieces = ihre beiden Stücke
sew-right-sides-together-pinned-and = rechts auf rechts, gesteckt und genäht
sew-opened-and-pressed = geöffnet und gebügelt
sew-drawing-it = Es wird gezeichnet …
sew-the-block-laid-out = Der Block ausgelegt
sew-all-stacks = alle Stapel
sew-lay-one-unit-of-each = Leg von jedem Stapel eine Einheit an ihren Platz, bevor du nähst. Wähl einen Stapel, um nur seine Verwechslungen zu sehen.
sew-does-it-look-like-one = Sieht es aus wie eins von diesen?
sew-nothing-in-this-block-looks = Nichts in diesem Block sieht anders aus, wenn es gedreht oder vertauscht wird.
sew-no-slip-of-this-stack = Keine Verwechslung dieses Stapels würde man sehen.
sew-the-block-spread-with-gaps = Der Block mit Abständen ausgelegt
sew-stack = Stapel { $number }: { $words }
sew-all-sewn = alle { $total } genäht
sew-sewn-so-far = bisher genäht
sew-sewn-in-one-chain = in einer Kette genäht
sew-press = Bügeln
sew-match = Anpassen
sew-places-where-seams-meet = { $to_match ->
    [one] eine Stelle, an der Nähte sich treffen
   *[other] { $to_match } Stellen, an denen Nähte sich treffen
}
sew-nine-of-ten-measure-across = Neun von zehn messen { $width } in der Breite und { $height } in der Höhe; { $chance } sind gut.
sew-over-a-block = { $total } auf { $blocks }, { $per_block } je Block
sew-blocks = { $blocks ->
    [one] einen Block
   *[other] { $blocks } Blöcke
}
sew-where-the-step-is-in = Wo der Schritt im Block ist
sew-where-it-is-in-the = Wo es im Block ist; wähl eine andere Naht, um zu ihrem Schritt zu gehen.
sew-longest-seam = längste Naht
sew-seams-as-long = Nähte dieser Länge
sew-places-to-match = Stellen zum Anpassen
sew-checkpoints-before-the-last = Messpunkte vor dem letzten
sew-meetings-that-nest = Treffpunkte, die ineinanderliegen
sew-bulky-meetings = dicke Treffpunkte
sew-joined-by = Zusammengenäht nach …
sew-take-the-proposal = den Vorschlag nehmen
sew-the-part-from-column-row = Der Teil ab Spalte { $column }, Reihe { $row }: { $order }
sew-as-the-block = wie der Block
sew-other-steps = Andere Schritte
sew-before = davor
sew-next = danach
sew-open-to-be-pinned = offen, zu stecken
sew-front-and-back = Vorder- und Rückseite
sew-the-front-of-the-block = Die Vorderseite des Blocks, ein Pfeil an jeder Naht
sew-numbers-of-the-steps = Nummern der Schritte
sew-the-front-an-arrow-tells = Die Vorderseite. Ein Pfeil zeigt, wohin beide Zugaben liegen; wähl eine Naht, um zu sehen, warum, oder um sie umzulegen.
sew-the-back-before-your-choice = Die Rückseite vor deiner Wahl
sew-and-now = Und jetzt
sew-the-back = Die Rückseite
sew-about-the-pressing = Zum Bügeln
sew-no-seam-is-chosen-click = Keine Naht ist gewählt. Klick eine an, oder geh zum Bild und nimm die Pfeiltasten.
sew-how-it-lies = Wie sie liegt
sew-about-a-seam-that-the = { $choices } eine Naht, die der Block nicht mehr hat.
sew-choices-are = { $misplaced ->
    [one] Eine Wahl betrifft
   *[other] { $misplaced } Entscheidungen betreffen
}
sew-never-under = Keine Zugabe unter
sew-do-so = so machen
sew-block-beside-block = Block neben Block
sew-plan-2-seams-are-pressed = Plan 2: { $second } Nähte werden anders gebügelt
sew-plan-2-the-seams-that = Plan 2, die Nähte, die anders gebügelt werden
sew-seam-of-step = Naht von Schritt { $step }
sew-in-unit = , in Einheit { $unit }
sew-seams-are-turned-on-the = Nähte werden am Block wie entworfen umgelegt; seine Farbstellungen folgen.
sew-press-it = Bügle sie
sew-leave-it-to-the-plan = dem Plan überlassen
sew-all-in-one-lot-again = wieder alle in einem
sew-see-step = siehe Schritt { $number }
sew-looking-for-the-best-pressing = Das beste Bügeln wird gesucht … Ein großer Block braucht eine Weile; du kannst inzwischen zu einem anderen Schritt gehen.
sew-as-drafted = wie entworfen
sew-order-and-pressing = Reihenfolge und Bügeln
sew-lay-it-out-first = Zuerst auslegen
sew-of-joins-and-units-sewn = { $sewn } von { $to_sew } Nähten und Einheiten genäht
sew-at-the-machine = An der Maschine
sew-solving-the-pressing-anew-what = Das Bügeln wird neu gelöst … was du siehst, ist von vorher.
sew-sewing = { $name } nähen
sew-taken-back = aufgetrennt { $times } { $buttons }
sew-once-more = noch einmal
sew-one-less = einmal weniger
sew-min = { $minutes } Min.
sew-h-min = { $hours } Std. { $minutes } Min.
sew-chained = Spalten, in einer Kette über alle Reihen
sew-quarters = Viertel
sew-joins = Nähte
sew-nested = ineinander
sew-spun = gewirbelt
sew-bulky = dick
sew-never = nie
sew-measure-it = Miss
sew-of-the-trial-block = Beim Probeblock, bevor es weiter verbunden wird
sew-what-can-be-done-this-evening = Heute Abend
sew-i-have = Ich habe
sew-minutes-an-evening = Minuten am Abend
sew-on = am
sew-done-by = fertig bis
sew-looking-at-what-is-left = Sehe nach, was noch fehlt …
sew-evening-by-evening = Die Abende danach
sew-as-a-calendar-file = Als Kalenderdatei
sew-on-paper = Auf Papier
sew-day-and-minutes = { $day }: { $minutes } Minuten
sew-to-the-step = zum Schritt
sew-monday = Mo
sew-tuesday = Di
sew-wednesday = Mi
sew-thursday = Do
sew-friday = Fr
sew-saturday = Sa
sew-sunday = So
sew-the-evening-of = Der Abend vom { $day }
sew-one-went-wrong-for-good = Eine ist misslungen: ihre Teile sind verloren
sew-start = Anfang
sew-after-it = Dann
sew-more-slips = { $count } weitere zeigen
