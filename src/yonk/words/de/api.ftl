# Was Listen, Rezepte, Schnittlagen und Schritte sagen.

fabric-is-not-tied = { $fabric } ist an keinen des Stoffregals gebunden
nothing-is-cut-of = von { $fabric } wird nichts geschnitten
leftovers-were-put-back = die Reste von { $fabric } liegen schon im Regal
is-no-piece-of-this-unit = ist kein Stück dieser Einheit
size-cannot-be-read = ist kein Maß; schreib eine Länge für ein Quadrat, 4 1/2 x 2 1/2 für ein Rechteck
left-is-the-whole-strip = ist so lang, wie der Streifen war; sag, was davon übrig blieb
note-is-empty = ist leer; schreib, was du behalten willst
join-is-not-of-this-block = gehört nicht zu diesem Block; öffne den Schritt neu
too-many-sign-in = Gerade melden sich zu viele an; versuch es gleich noch einmal.
no-accounts-here = Dieses Yonk ist für eine Quilterin und hat keine Konten.
work-takes-too-much-memory = Das braucht mehr Speicher, als dafür da ist; zieh weniger Nähte oder nimm weniger Blöcke.
work-takes-too-long = Das dauert länger als { $seconds } Sekunden; zieh weniger Nähte oder nimm weniger Blöcke.
a-text-holds-half-a-sign = Ein Text enthält ein halbes Zeichen, das kein Programm schreiben kann; gib ihn neu ein.
the-database-does-not-answer = Die Datenbank antwortet nicht, also ist nicht sicher, was aufbewahrt wurde. Dein Entwurf wartet im Browser und wird gespeichert, wenn sie wieder da ist; nichts wird doppelt gespeichert.
nothing-at-this-address = Unter dieser Adresse ist nichts.
address-takes-no-such-request = Diese Adresse nimmt so eine Anfrage nicht an.
request-cannot-be-read = Diese Anfrage ist nicht zu lesen; sie wird als JSON geschickt.
something-not-foreseen = Yonk ist auf etwas gestoßen, das nicht vorgesehen war; von deinem Entwurf ist nichts verloren.
request-is-too-large = Das ist größer als { $most } MB, mehr darf es nicht sein.
it-came-too-slowly = Was geschickt wurde, kam zu langsam; schick es noch einmal.
only-at-its-own-addresses = Yonk antwortet nur unter seinen eigenen Adressen.
only-from-its-own-pages = Yonk nimmt Änderungen nur von seinen eigenen Seiten an.
in-a-hundred = {" "}von 100
as-drafted = Wie entworfen
numbers-are-kept = Die Zahlen bleiben: jetzt { $size }, mit Naht, Rand und Lineal, wie sie in { $unit ->
    [in] Zoll
   *[cm] Zentimetern
} üblich sind.
convert-it-to = Umrechnen in { $size }
unit-and-label = { $kind } { $unit }
unit-spoken = { $kind } { $unit }{ $hand ->
    [left] , linke Hand
    [right] , rechte Hand
   *[none] {""}
}, { $fabrics }
one-over-the-other = { $one } über { $other }
on-the-ruler = auf dem Lineal: { $size }
pieces-left-over = { $spare } der { $pieces } Stücke bleiben übrig
running-count = { $count ->
    [one] { $last } von { $whole }
   *[other] { $first } bis { $last } von { $whole }
}
layout-of-new-cloth = Neuer Stoff
layout-from-the-shelf = Aus dem Regal: { $piece }
cut-and-not-needed = { $what } { $count ->
    [one] ist
   *[other] sind
} geschnitten, aber nicht mehr nötig{ $good ->
    [0] {""}
    [one] ; 1 ist noch gut
   *[other] ; { $good } sind noch gut
}.
made-and-not-needed = { $count } × „{ $step }“ { $count ->
    [one] ist
   *[other] sind
} genäht, aber nicht mehr nötig
cut-on-diagonals = { $subcut ->
    [one-diagonal] einmal diagonal geschnitten
   *[both-diagonals] in beiden Diagonalen geschnitten
}
cut-so-often = { $subcut ->
    [one-diagonal] einmal
    [both-diagonals] zweimal
   *[none] {""}
}
under-a-sixteenth = unter 1⁄16″
half-yard = ein halbes Yard
precut-square-10 = fertiges Quadrat 10
precut-square-5 = fertiges Quadrat 5
precut-strip = fertiger Streifen
half-metre = ein halber Meter
precut-square-25 = fertiges Quadrat 25
precut-square-12-5 = fertiges Quadrat 12,5
fat-quarter = Fat Quarter
fat-eighth = Fat Eighth
own-trimmed = { $trimmed ->
    [pressed] erst gebügelt
    [folded] noch gefaltet
   *[block] wie im ganzen Block
}
part-role = { $role ->
    [base] Grundfläche
    [centre] Mitte
    [corner] Ecke
    [goose] Gans
    [half] Hälfte
    [patch] Flicken
    [quarter] Viertel
    [sky] Himmel
    [square] Quadrat
   *[strip] Streifen
}
use-each-as-it-is = nimm jedes Stück { $size }, wie es ist
cut-so-many = schneide { $pieces }
nothing-to-trim = nichts nachzuschneiden
side-is = { $size } { $what ->
    [trim] nachzuschneiden
   *[short] zu klein
}{ $way ->
    [across] {" "}in der Breite
    [down] {" "}in der Höhe
   *[both] {""}
}
finder-too-small-by-far = Viel zu klein: die Nähte nehmen fast das ganze Stück.
finder-cannot-be-sewn = Das lässt sich nicht nähen: die Stücke sind so klein, dass die Nähte sich nicht treffen.
finder-too-small = Zu klein: es wird { $size }, { $short }.
finder-not-as-drafted = Es wird { $size }, aber nicht wie entworfen: eine Spitze oder eine Nahtzugabe wird angeschnitten.
finder-right = Richtig, und nichts nachzuschneiden: es wird { $size }.
finder-loose-flaps = Größer als nötig: es wird { $size }, mit { $trim }; die kleinen Quadrate liegen { $flap } übereinander und lassen in der Mitte lose Lappen, die weggeschnitten werden müssen.
finder-works = Es geht: es wird { $size }, mit { $trim }.
chart-to-trim = { $seam } Nahtzugabe, Lineal in Schritten von { $step }, { $trim } zum Nachschneiden
chart-cut-true = { $seam } Nahtzugabe, Lineal in Schritten von { $step }, genau geschnitten, nichts nachzuschneiden
strips-measured = { $sizes } von Streifen, { $cut } geschnitten
test-cut-strips = Schneide drei Streifen, { $wide } breit und { $long } lang.
test-sew-strips = Näh sie nebeneinander, wie du einen Block nähst, und bügle, wie du einen Block bügelst.
test-measure-middle = Miss den mittleren zwischen seinen Nähten: er muss { $size } sein.
measured-when-block-was-another = { $place }: { $size } wurde gemessen, als der Block ein anderer war; es zählt nicht mehr.
origin-is-gone = Ein Block dieses Quilts ist nicht mehr im Regal; der Quilt behält seine Kopie.
origin-was-changed = { $block } wurde im Regal geändert, seit er übernommen wurde.
alike-neighbours = { $pairs ->
    [0] Keine zwei berühren sich, die es nicht sollen.
    [one] Ein Paar berührt sich{ $how ->
        [proved] : bewiesen, ohne geht es nicht
        [some] {""}
       *[free] {""}
    }.
   *[other] { $pairs } Paare berühren sich{ $how ->
        [proved] : bewiesen, weniger geht nicht
        [some] ; mindestens { $least } müssen
       *[free] {""}
    }.
}
so-many-places = { $columns } × { $rows }, { $blocks ->
    [one] 1 Block
   *[other] { $blocks } Blöcke
}
sashing-so-wide = Zwischenstreifen { $wide }
border-so-wide = Rand { $wide }
no-sashing = keine Zwischenstreifen
no-border = kein Rand
size-differs = { $by } { $way ->
    [wider] breiter
    [narrower] schmaler
    [higher] höher
   *[lower] niedriger
}
just-so = genau so
cloth-of-a-top = { $area } { $unit ->
    [in] Quadratyards
   *[cm] Quadratmeter
} Stoff
a-plain-square = ein glattes Quadrat
row-and-place-and-other = Reihe { $row }, Platz { $place } und Reihe { $other_row }, Platz { $other_place }
pair-vanishes = { $pair } verschwimmen auf { $share } % ihrer Kante fast ineinander.
pairs-vanish = { $which }: { $pairs } Paare verschwimmen auf { $share } % ihrer Kante fast ineinander, das erste { $first }.
one-beside-the-other = { $one } neben { $other }
one-beside-itself = { $one } neben sich selbst
somebody-who-left = jemand, der nicht mehr da ist
so-many-shapes = { $count } { $shapes } { $size }
strip-size = { $wide } × { $long } lang
cut-the-other-way = { $count } davon andersherum, für die Spiegelbilder
prints-lie = { $prints ->
    [upright] bleiben aufrecht
    [stripes] nur gerichtete Muster drehen sich
   *[turned] drehen sich
}
so-likely-within = { $chance } innerhalb { $within }
bias-sides = { $sides ->
    [0] keine
    [one] 1 Seite
    [4] alle vier Seiten
   *[other] { $sides } Seiten
}
bonus = { $count } Quadrate aus zwei Dreiecken, { $size } fertig
is-wider-than-your-ruler = { $cut } ist breiter als dein Lineal { $ruler }: leg ein zweites daneben, oder schneide nach den Linien der Matte.
spare-units = { $spare ->
    [0] keine
   *[other] { $spare }
}{ $mirrored ->
    [0] {""}
   *[other] , { $mirrored } davon Spiegelbilder
}
none-of-it = nichts
area = { $area } { $unit ->
    [in] in²
   *[cm] cm²
}
inches = { $length }″
lot-singly = Schneide die Flicken einzeln; näh sie zusammen, wie der Block es zeigt. { $kind }: schneller geht es nicht.
lot-together = Zusammen ergeben sie alle { $count }.
lot-gives = Das ergibt { $units ->
    [one] 1 × { $kind }
   *[other] { $units } dieser Einheiten
}{ $mirrors ->
    [yes] , die Hälfte davon Spiegelbilder
   *[no] {""}
}; mach es { $times ->
    [one] einmal
   *[other] { $times }-mal
}.
sewn-and-gone = { $count } von „{ $step }“ waren genäht; der Block hat jetzt keine davon.
press-in-lots = Einheit { $unit }: bügle { $first } zur einen Seite und { $second } zur anderen; { $bulky ->
    [0] jeder Treffpunkt greift ineinander
   *[other] nur { $bulky } bleiben dick
}.
open-the-seam = Öffne die Naht von Schritt { $step }, damit sie flach liegt, wo sie eine andere trifft.
rows-of-columns = { $rows } Reihen zu { $columns }
one-patch-nothing-to-sew = Der Block ist ein einziger Flicken; es gibt nichts zu nähen.
in-one-chain = in einer Kette
in-chains = in { $chains ->
    [one] 1 Kette
   *[other] { $chains } Ketten
} zu { $size }{ $last ->
    [0] {""}
   *[other] {" "}und einer zu { $last }
}
stack-and-stack = Stapel { $one } und Stapel { $other }
from-stacks = von { $stacks }{ $more ->
    [yes] ; …
   *[no] {""}
}
letter-invites-head = { $who } lädt dich zu Yonk ein
letter-invites =
    { $who } lädt dich ein, bei Yonk mitzunähen.

    Öffne diesen Link, um einen Namen und ein Passwort zu wählen; er gilt bis { $until }:
    { $link }
letter-password-head = Ein neues Passwort für Yonk
letter-password =
    { $who } gibt dir einen neuen Anfang bei Yonk.

    Öffne diesen Link, um ein neues Passwort zu wählen; er gilt bis { $until }:
    { $link }
what-is-in-the-zip = Blöcke sind Pakete: eine Blockdatei mit ihrem Buch und ihren Fotos, die Yonk so übernimmt. Quilts sind Quiltdateien. Stoffregal und Nahtbuch sind JSON und CSV.
cut-from-a-piece = { $what } aus { $count ->
    [one] einem Stück
   *[other] { $count } Stücken
} { $size }
way-out-spoils = { $count ->
    [one] Ein Stück oder eine Einheit dient
   *[other] { $count } Stücke oder Einheiten, die da sind, dienen
} dann zu nichts.
table-strip = { $count ->
    [one] ein Streifen { $height } × die Breite
   *[other] { $count } Streifen { $height } × die Breite, in Lagen
}
table-strip-into = { $fabrics }: { $strip } → { $pieces }
layout-of-what-there-is = Da ist: { $piece }
sheet-marks-not-seen = Von den vier Marken in den Ecken sind weniger als drei zu sehen. Lege die Seite flach hin und fotografiere sie ganz, in gleichmäßigem Licht.
sheet-code-not-read = Der Code auf der Seite ist nicht lesbar. Tippe die Buchstaben daneben ein, oder fotografiere sie aus der Nähe.
sheet-not-printed-here = Dieses Yonk kennt kein solches Blatt: Es wurde von einem anderen gedruckt, oder von jemand anderem.
sheet-has-no-such-box = nennt ein Kästchen, das das Blatt nicht hat; lies das Foto noch einmal
sheet-tells-cut = { $what } geschnitten
sheet-tells-cut-down = { $what } zugeschnitten auf ein kleineres Maß
sheet-tells-step = { $count } × { $step }
from-a-printed-sheet = vom Papier: { $sheet }
way-out-takes = { $more ->
    [yes] Etwa { $minutes } min länger.
   *[no] Etwa { $minutes } min kürzer.
}
no-unit-is-made-on-a-foundation = hat keine Einheit, die auf einer Nähvorlage genäht werden kann: gerade Nähte müssen sie zerlegen
own-whole-unit = die ganze Einheit
own-margin-counts = { $margin }{ $set ->
    [part] , wie für diesen Teil bestimmt
    [unit] , wie für diese Einheit bestimmt
    [kind] , wie für ihre Art bestimmt
   *[block] , wie für den ganzen Block
}
own-press = { $press ->
    [dark] zum dunkleren
    [open] offen
    [outward] weg von der Spitze oder der Mitte
    [side-then-open] erst zu einer Seite, dann offen
   *[block] wie es das Bügeln des Blocks ergibt
}
border-at-sides-and-ends = Rand { $sides } an den Seiten, { $ends } oben und unten
blocks-redrafted = Blöcke umgezeichnet auf { $side }
cloth-of-a-fabric = { $fabric } { $area } { $unit ->
    [in] yd²
   *[cm] m²
}
