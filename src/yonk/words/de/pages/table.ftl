# Was die Seiten des Tisches sagen.

table-was-not-kept = Was du gesagt hast, wurde nicht behalten. { $message }
table-waits = { $count ->
    [one] Ein Eintrag wartet
   *[other] { $count } Einträge warten
} auf den Server von Yonk. Nichts geht verloren; es wird gesagt, sobald er antwortet.
table-take-back = Zurücknehmen: { $words }
table-what-was-told = was zuletzt gesagt wurde
table-cut-so-far = bisher geschnitten
table-so-many = { $count } geschnitten von { $words }
table-one-went-wrong = Eins ging daneben
table-one-wrong = eins ging daneben von { $words }
table-it-is-now = Es ist jetzt
table-width-of-it = Breite von dem, was übrig ist
table-height-of-it = Höhe von dem, was übrig ist
table-keep-it = Das aufheben
table-of-no-use = Es taugt zu nichts
table-serves = { $pieces } liegen da und taugen: schneide sie zu. Mit dem Häkchen sagst du, dass es getan ist.
table-what-there-is-of = Was von { $name } da ist
table-all-there-is-of = das ist alles von { $name }
table-more-of = von { $name } ist mehr da
table-there-is-only = Da ist nur { $pieces }.
table-used-up = { $name } ist aufgebraucht.
table-there-is-more = Es ist mehr da, oder mehr wird gekauft
table-missing = Kein Stoff für { $cuts }.
table-it-suffices = Es reicht für alles, was noch zu schneiden ist.
table-recut = Was danebenging, gibt noch:
table-cut-so = so ist es geschnitten
table-usable-pieces-of = Stücke von { $name }, begradigt und ohne Webkanten
table-piece-width = Breite
table-piece-length = Länge
table-piece-count = wie viele
table-not-there = nicht da
table-another-piece = noch ein Stück
table-that-is-all = Das ist alles
table-this-is-all-there-is = Das ist alles, was da ist
table-looking-for-ways = Suche Auswege; jeder wird versucht …
table-what-can-be-done = Was man tun kann
table-before = wie es ist
table-after = wie es wäre
table-figures = { $blocks ->
    [one] Ein Block
   *[other] { $blocks } Blöcke
}, noch { $pieces } Stücke zu schneiden.
table-no-cloth-for = Kein Stoff für { $count } davon.
table-how-it-is-cut-then = Wie dann geschnitten wird
table-do-so = So machen
table-more = Nicht wie geplant
table-take-back-keys = Strg + Z
table-in-units = ; { $count } von { $wanted } sind schon in Einheiten vernäht
table-only-what-there-is = nur, was da ist
table-in-lots = ; { $count } von { $wanted } braucht es nicht: die Stücke für eine andere Art, diese Einheiten zu nähen, liegen da
table-step-of = Streifen { $place } von { $steps }, { $done } fertig
table-layers = Lagen
table-nothing-to-cut = Nichts mehr zu schneiden.
table-done = Fertig
table-is-done-next = Schon fertig: weiter
table-space-bar = Leertaste
table-next-step = Weiter
table-for = für { $purpose }
table-there = { $there } von { $of } liegen da.
table-only-so-many = Nur so viele
table-how-many-are-cut = Wie viele davon sind geschnitten?
table-tell-so = So viele sind geschnitten
table-which-went-wrong = Welches ging daneben?
table-what-is-left = Was von { $piece } brauchbar ist:
table-nothing-is-left-of-it = Ein Streifen eines Streifensatzes, der danebenging, wird noch einmal geschnitten; gezählt wird nur, was gut ist.
table-away = Yonks Server antwortet nicht. Das hier wurde zuletzt geöffnet; was du sagst, wartet.
table-on-the-phone = Aufs Telefon
table-scan-it = Scann das Quadrat mit der Kamera des Telefons oder tipp die Adresse. Es lässt dieses Telefon einmal ein, innerhalb von zehn Minuten; was auf beiden gesagt wird, zählt zusammen.
table-alone = Dieses Yonk ist nur auf diesem Rechner zu erreichen; ein Telefon kann es nicht öffnen. README sagt, wie man Yonk im Netz anbietet.
table-square-of = Quadrat zum Scannen: { $address }
table-letting-in = Lasse dieses Telefon ein …
table-from-strip-to-strip = Von Streifen zu Streifen
table-from-paper = Vom Papier: lesen, was angekreuzt ist …
table-yonk-from-paper = Yonk: vom Papier
table-what-was-ticked-on-paper = Was auf dem Papier angekreuzt ist
table-paper-how = Zieh ein Foto oder einen Scan einer gedruckten Liste oder eines Nähblatts hierher. Es wird auf dem Rechner gelesen, auf dem dieses Yonk läuft, und nicht behalten.
table-choose-a-photo = Foto oder Scan wählen
table-take-a-photo = Foto aufnehmen
table-reading-the-page = Die Seite wird gerade gerichtet, ihre Kästchen werden gelesen …
table-page-of = { $title }, Seite { $page }
table-the-page-as-it-was-read = Die Seite, wie sie gelesen wurde
table-as-it-was-read = Was angekreuzt ist
table-is-it-ticked = Nicht sicher: Ist das angekreuzt?
table-yes-it-is = Ja
table-no-it-is-not = Nein
table-ticked-of = { $ticked } von { $boxes }
table-box-of = Kästchen { $number } von { $words }
table-it-tells = Das sagt es dem Tisch
table-nothing-new = Nichts, was der Tisch nicht schon weiß.
table-say-first = { $count ->
    [one] Sag zuerst, ob das Kästchen angekreuzt ist, das nicht sicher ist.
   *[other] Sag zuerst, ob die { $count } Kästchen angekreuzt sind, die nicht sicher sind.
}
table-tell-the-table = Dem Tisch sagen
table-is-told = Es ist gesagt.
table-to-the-list = Zur Schnittliste
table-to-the-sewing = Zum Nähen
table-read-another = Noch eine Seite lesen
table-letters-beside-the-code = Buchstaben neben dem Code
table-page-number = Seite
table-read-it-so = So lesen
table-no-boxes-on-it = Auf dieser Seite gibt es nichts anzukreuzen.
