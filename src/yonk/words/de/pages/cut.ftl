# Was die Seiten von cut sagen.

cut-one-trial-block = ein Probeblock
cut-the-rest-after-it = der Rest danach
cut-all-at-once = alles auf einmal
cut-nothing-is-to-be-cut = Auf dieser Stufe ist nichts zuzuschneiden. { $see_all }
cut-see-all-blocks = alle Blöcke ansehen
cut-all-from-the-shelf = alles aus dem Regal
cut-all-cut = alles zugeschnitten
cut-of-lines-cut = { $done } von { $lines } { $lines ->
    [one] Zeile
   *[other] Zeilen
} zugeschnitten
cut-from-the-trial-block = Aus dem Probeblock
cut-head-from-the-trial-block = Aus dem Probeblock:
cut-see-what-was-measured = Ansehen, was gemessen wurde
cut-how-this-cloth-is-bought = Wie dieser Stoff gekauft wird
cut-from-the-fabric-shelf = Aus dem Stoffregal
cut-not-tied-to-any = an keinen gebunden
cut-the-strip-before = Der Streifen davor
cut-the-next-strip = Der nächste Streifen
cut-strips-cut-alike-drawn-once = , gleich geschnittene Streifen einmal gezeichnet
cut-layout-of = Schnittlage: { $name }
cut-straighten-the-end-here-first = Hier zuerst die Kante gerade schneiden
cut-strip-of = Streifen { $place } von { $strips }: { $strip }
cut-cutting-list-of = Zuschneideliste: { $name }
cut-the-print-points-arrows-show = Das Muster ist gerichtet: Pfeile zeigen, wohin.
cut-all-is-cut = Alles zugeschnitten.
cut-nothing-to-buy = Nichts zu kaufen
cut-the-strips-need-no-layout = die Streifen brauchen { $needed }; keine Schnittlage käme mit weniger als { $least } aus
cut-from-the-shelf-first = Zuerst aus dem Regal: { $pieces }
cut-wider-than-the-cloth-take = Breiter als der Stoff: { $cuts }. Nimm breiteren Stoff oder setz ihn vorher zusammen.
cut-layouts = Schnittlagen
cut-out-of = aus { $strips };
cut-for-pieces = für { $purpose }; Stücke { $running }
cut-cut-so-far = ; { $done } bisher zugeschnitten
cut-left-over-and-worth-keeping = Bleibt übrig und lohnt das Aufheben: { $pieces }
cut-the-leftovers-are-on-the = Die Reste liegen im Regal.
cut-the-cutting-is-done-put = Das Zuschneiden ist fertig: leg die Reste ins Regal
cut-sheets = Bögen
