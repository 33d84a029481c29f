## Einheiten und wie sie entstehen

about-so-long = etwa { $size }
work-gives = { $step } = { $sum }
work-by = { $width } mal { $height }
size-between-marks = { $exact } (zwischen { $low } und { $high })
in-lengths = {" "}in { $strips } Längen, denn eine Stoffbreite ist { $usable }
is-no-kind-of-unit = ist keine Art von Einheit; es gibt { $kinds }

## wie die Arten heißen

kind-checker = Schachbrett
kind-corner-flip = angesetzte Ecke
kind-flying-geese = Flying-Geese-Einheit
kind-half-rectangle-triangle = Halbrechteck-Dreiecke
kind-half-square-triangle = Halbquadrat-Dreiecke
kind-patch = glatter Flicken
kind-pieced = zusammengesetzte Einheit
kind-quarter-square-triangle = Viertelquadrat-Dreiecke
kind-split-quarter-square = geteiltes Viertelquadrat
kind-square-in-a-square = Quadrat im Quadrat
kind-strip-set = Streifensatz

## wie die Wege heißen

way-two-at-a-time = zwei auf einmal
way-four-at-a-time = vier auf einmal
way-eight-at-a-time = acht auf einmal
way-from-rectangles = aus Rechtecken von Quadraten
way-in-pairs = in Paaren, eins links und eins rechts
way-in-fours = zu vieren, als Paar genäht und noch einmal geschnitten
way-stitch-and-flip = annähen und umklappen
way-strip-sets = Streifensätze, quer geschnitten und gewendet
way-long-strips = lange Streifen, quer geschnitten
way-singly = einzeln zuschneiden und nähen
way-squares = Quadrate zuschneiden und nähen
way-triangles = Dreiecke zuschneiden und nähen
way-corners = Ecken abschneiden und Dreiecke annähen
way-patches = Flicken einzeln zuschneiden und nähen
way-template = Flicken mit Schablone zuschneiden und nähen
way-foundation = auf gedruckter Nähvorlage
work-box-of-patch = das Rechteck um den Flicken, wie er am besten liegt: { $size } fertig
work-rough-all-round = + { $more } an jeder Seite, wird später auf der Vorlage beschnitten = { $size }
foundation-sew = Das nächste Stück rechts auf rechts auf die vorhandenen legen, an der gedruckten Linie, und von hinten auf der Linie nähen, an beiden Enden eine Nahtzugabe darüber hinaus.
foundation-press = Das neue Stück über seine Naht klappen und mit trockenem Eisen flach bügeln; auf und ab drücken, nie schieben.
foundation-trim-seam = Die Vorlage an der Linie zurückfalten und beide Zugaben auf { $allowance } schneiden.
foundation-trim-round = Den Abschnitt an der äußeren Linie beschneiden.
foundation-join = Einen Abschnitt rechts auf rechts auf den anderen legen, durch die Marken an beiden Enden stecken und auf der Linie nähen.
way-cut-to-size = auf Maß zuschneiden

## wie ein Maß zustande kommt

work-finished = { $size } fertig
work-finished-width = { $width } fertige Breite
work-finished-height = { $height } fertige Höhe
work-long-edge = lange Kante
work-the-legs = Schenkel
work-edge-finished = { $edge } { $size } fertig
work-legs = Schenkel { $longer } und { $shorter } fertig
work-two-seams = + { $seam } Nahtzugabe an zwei Seiten in jeder Richtung = { $size }
work-unfinished = { $finished } fertig + 2 × { $seam } = { $unfinished } unvernäht
work-becomes-unfinished = { $finished } fertig + 2 × { $seam } unvernäht
work-to-trim = + { $trim } zum Nachschneiden{ $set ->
    [part] , wie für diesen Teil bestimmt
    [unit] , wie für diese Einheit bestimmt
    [kind] , wie für diese Art Einheit bestimmt
   *[block] {""}
}
work-twice-to-trim = + 2 × { $trim } zum Nachschneiden{ $set ->
    [part] , wie für diesen Teil bestimmt
    [unit] , wie für diese Einheit bestimmt
    [kind] , wie für diese Art Einheit bestimmt
   *[block] {""}
}
work-to-trim-gives = + { $trim } zum Nachschneiden{ $set ->
    [part] , wie für diesen Teil bestimmt
    [unit] , wie für diese Einheit bestimmt
    [kind] , wie für diese Art Einheit bestimmt
   *[block] {""}
} = { $sum }
work-seam-on-diagonal = + { $seam } × √2 für die Naht auf der Diagonalen
work-seams-on-both-diagonals = + 2 × { $seam } × √2 für die Nähte auf beiden Diagonalen
work-seams-of-both-diagonals = + { $seam } × (2 + 2√2) für Nähte und Spitzen eines Quadrats, das auf beiden Diagonalen geschnitten wird
work-seams-and-points = + { $seam } × (2 + √2) für Nähte und Spitzen
work-seams-and-points-of-a-square = + { $seam } × (2 + 2√2) für Nähte und Spitzen
work-seams-by-factor = + { $seam } × ({ $factor }) für Nähte und Spitzen = { $sum }
work-seams-along-edges = + 2 × { $seam } für die Nähte an den Kanten
work-cut-on-both-diagonals = × √2, denn das Quadrat wird auf beiden Diagonalen geschnitten
work-two-by-two = × 2, zwei mal zwei Einheiten
work-squares-drawn = + { $seam } × √2 für die Naht auf der Diagonalen = { $side }, als Quadrate zu { $drawn } gezeichnet
work-side-by-side = × { $squares }, nebeneinander
work-offset-three-sides = × { $grown }, das rückt alle drei Seiten um { $seam } hinaus
work-offset-three-sides-and-trim = × { $grown }, das rückt alle drei Seiten um { $seam } hinaus und beide Schenkel noch um { $margin } zum Nachschneiden{ $set ->
    [part] , wie für diesen Teil bestimmt
    [unit] , wie für diese Einheit bestimmt
    [kind] , wie für diese Art Einheit bestimmt
   *[block] {""}
}
work-point-needs-more = { $sky } = { $small }, aber die Hälfte von { $goose } des Gansquadrats und { $seam } sind mehr
work-point-keeps-its-seam = damit die Spitze ihre Nahtzugabe behält: dessen Seite
work-template = die fertige Form, um die Nahtzugabe hinausgerückt, lange Spitzen gekappt
work-strip-wide = { $finished } fertig + 2 × { $seam } = { $wide } breit
work-strip-long = { $segments ->
    [one] 1 Segment
   *[other] { $segments } Segmente
} × { $across } + { $squaring } zum Begradigen der Enden = { $long } lang
angled-from-a-strip = ein Streifen, { $strip } breit, { $along } entlang der Kante, die Enden geschnitten { $ends }
angled-end-square = gerade
angled-end-by-angle = unter { $angle }°
angled-end-by-marks = { $along } längs auf { $across } quer
rotary-both-parallel = einem Streifen { $strip } breit, alle { $every } unter 45° geschnitten
rotary-ends = einem Streifen { $strip } breit; { $ends ->
    [both] beide Enden
   *[one] ein Ende
} unter 45° geschnitten, { $every } von Spitze zu Spitze an der langen Kante

## wie genäht wird

lay-one-on-the-other = Leg { $dark } auf { $light }, rechts auf rechts.
lay-and-sew-all-round = Leg { $dark } auf { $light }, rechts auf rechts. Näh { $seam } innerhalb aller vier Kanten.
lay-two-triangles = Leg die zwei Dreiecke rechts auf rechts, die langen Kanten bündig, und näh an der langen Kante.
lay-rectangles = Leg die Rechtecke rechts auf rechts und zeichne die Quadrate.
lay-triangles-points-out = Leg die Dreiecke rechts auf rechts, die langen Kanten bündig, sodass die scharfe Spitze jedes Dreiecks { $past } über die stumpfe des anderen ragt; näh an der langen Kante.
lay-two-halves = Leg die zwei Hälften rechts auf rechts, die Nähte ineinander, und näh an der langen Kante.
sew-two-quarters = Näh zwei Viertel an ihren kurzen Kanten zusammen, rechts auf rechts, die rechten Winkel bündig.
lay-two-half-square-triangles = Leg die Halbquadrat-Dreiecke rechts auf rechts, Stoff gegen anderen Stoff, die Nähte ineinander.
centre-the-half-square-triangle = Leg das Halbquadrat-Dreieck mittig auf { $below }, rechts auf rechts.
lay-half-on-a-triangle = Leg eine Hälfte auf ein zusammengesetztes Dreieck, rechts auf rechts, die langen Kanten bündig, und näh daran entlang.
lay-half-on-two-quarters = Leg die Hälfte auf die zwei Viertel, rechts auf rechts, die langen Kanten bündig, und näh daran entlang.
both-diagonals = beide Diagonalen
a-zigzag = ein Zickzack von Diagonalen hindurch
diagonal-across-the-seam = die Diagonale, die die Naht kreuzt
diagonal-from-the-corner = seine Diagonale von dieser Ecke aus
cut-apart-on-the-line = Schneid auf der Linie auseinander.
cut-apart-on-that-line = Schneid auf dieser Linie auseinander.
cut-apart-on-diagonal = Schneid auf der Diagonalen auseinander.
cut-apart-on-both = Schneid auf dieser Diagonalen auseinander und, bevor gebügelt wird, auf der anderen.
cut-on-both-diagonals = Schneid auf beiden Diagonalen.
cut-the-squares-apart = Schneid die Quadrate auseinander, dann jedes auf seiner Diagonalen.
cut-through-the-middle = Schneid in beiden Richtungen durch die Mitte, dann auf beiden Diagonalen.
lay-sky-on-goose = Leg ein Himmeldreieck auf die Gans, rechts auf rechts, seine lange Kante bündig mit der Seite der Gans und die äußeren Spitzen aufeinander; näh.
lay-sky-at-the-point = Leg ein Himmeldreieck auf die Gans, rechts auf rechts, seine lange Kante bündig mit der Seite der Gans, seine obere Spitze um die Diagonale einer Nahtzugabe über die der Gans hinaus; näh.
do-the-same-on-the-other-side = Mach es auf der anderen Seite ebenso; die Nähte kreuzen sich eine Nahtzugabe unter der Schnittkante.
lay-two-squares = Leg zwei Quadrate aus { $one } auf gegenüberliegende Ecken von { $goose }, rechts auf rechts; in der Mitte überlappen sie.
lay-a-square-on-the-corner = Leg ein Quadrat aus { $other } auf die Ecke, die übrig ist.
flip-lay = { $corner ->
    [1] Erste Ecke: leg
    [2] Zweite Ecke: leg
    [3] Dritte Ecke: leg
    [4] Vierte Ecke: leg
   *[0] Leg
} ein Quadrat aus { $fabric } auf die Ecke, rechts auf rechts. Zeichne seine Diagonale über die Ecke und näh eine Fadenbreite außerhalb der Linie, zur Ecke hin.
print-lies-sideways-now = Sein Muster liegt jetzt quer und steht, wenn die Ecke umgeklappt ist.
cut-the-corner-away = Schneid die Ecke { $allowance } außerhalb der Naht ab.
only-then-the-next-corner = Erst dann kommt die nächste Ecke.
flip-open = Klapp das Dreieck auf und bügle es.
cut-the-corner-off = Schneid die Ecke ab, leg das Dreieck an die Schnittkante, rechts auf rechts, Mitte auf Mitte, und näh.
square-up-this-round = Schneid diese Runde auf { $size } nach: die Linie des Lineals zuerst auf die Nähte, die Spitzen eine Nahtzugabe innerhalb.
sew-corners-first = Näh Ecken an zwei gegenüberliegende Seiten, rechts auf rechts, die lange Kante an die Schnittkante, Mitte auf Mitte.
sew-corners-then = Näh Ecken an die zwei anderen Seiten.
sew-strips = Näh die Streifen nebeneinander an ihren langen Kanten zusammen, rechts auf rechts.
sew-pieces = Näh die Stücke nebeneinander an ihren langen Kanten zusammen, rechts auf rechts.
cut-across-every = Begradige das Ende, dann schneid alle { $size } quer durch.
sew-strip-set = Näh den Streifensatz { $number } an den langen Kanten: { $fabrics }.
join-segments = Näh die Segmente zusammen; die Nähte greifen ineinander.
join-segments-turned = Näh die Segmente zusammen; wende Nummer { $ends } Ende gegen Ende; die Nähte greifen ineinander.
sew-squares-into-rows = Näh die Quadrate zu Reihen.
join-rows = Näh die Reihen zusammen; die Nähte greifen ineinander.
