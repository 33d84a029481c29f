# Die Anordnung eines Quilts.

block-in-colouring = { $block } in { $colouring }
has-no-colourings = hat keine Farbstellungen; mach erst welche in seinem Entwurf
is-no-fabric-of-the-quilt = „{ $key }“ ist kein Stoff des Quilts oder seiner Blöcke
key-is-no-block-of-the-quilt = „{ $key }“ ist kein Block des Quilts
is-no-place = ist kein Platz der Anordnung
is-no-border = ist kein Rand des Quilts
edge-needs-a-fabric = fehlt; gib erst der Kante einen Stoff
sashing-needs-a-fabric = fehlt; gib erst den Zwischenstreifen einen Stoff
blocks-are-missing = fehlen; wähl mindestens einen
blocks-are-in-two-units = sind teils in Zoll, teils in Zentimetern; wähl eine Art
a-pieced-border-cannot-be-mitred = lässt sich nicht auf Gehrung nähen; ein gepatchter Rand hat Blöcke oder glatte Quadrate in den Ecken
is-no-block-of-the-quilt = ist kein Block des Quilts
border-as-high-as-its-block = muss { $height } sein, so hoch wie der Block, den er wiederholt
corners-need-a-fabric = fehlt; der Block ist nicht quadratisch, also kommen glatte Quadrate in die Ecken
sew-a-spacer-first = { $sides ->
        [1] näh vorher einen Rand von { $spacer } an
       *[other] näh vorher einen Rand von { $spacer } an, an den Seiten und oben und unten
    }
fill-the-edge-with = füll ihn mit { $fabric }
take-a-width = nimm { $width }
butt-the-border = Ecken stumpf ansetzen
cut-squares-more = schneide dafür { $squares ->
        [one] 1 Quadrat
       *[other] { $squares } Quadrate
    } mehr
print-turns-in-triangles = Der Druck von { $fabric } kann nicht in allen Seitendreiecken aufrecht stehen: Ein Quadrat gibt für jede Seite des Quilts eines. Damit er aufrecht bleibt: { $mend }.
print-lies-aslant = { $fabric } liegt zwischen Blöcken, die auf der Spitze stehen; sein Druck läuft dort schräg.
other-halves-left = { $halves ->
        [one] 1 andere Hälfte
       *[other] { $halves } andere Hälften
    } von { $block } bleiben übrig: Jeder halbe Block wird jenseits der Diagonale aus einem ganzen geschnitten.
border-eased = Die Seiten, an denen Rand { $number } liegt, sind bis zu { $by } { $way ->
        [longer] länger
       *[other] kürzer
    } als seine Rapporte: Mitte und beide Enden feststecken, dazwischen einhalten.
border-is-of-one-width = geht um die Ecken, ist also oben und unten so breit wie an den Seiten
take-another-block-width = nimm eine andere Blockbreite
border-does-not-fit = geht an den Seiten nicht auf; { $mend }
no-seam-along-the-diagonal = der Block hat keine Naht in der Diagonale; lass für die Hälften ganze Blöcke schneiden
names-no-block = nennt keinen Block des Quilts
is-larger-than-the-module = ist größer als das Modul von { $module }; mach das Modul größer
is-of-another-size = ist { $size }, andere sind { $module }; gib der Anordnung ein Modul und einen Rahmen
on-point-takes-squares = auf der Spitze gehen nur quadratische Blöcke; setz diese gerade
oblong-cannot-be-quartered = ein Block, der nicht quadratisch ist, lässt sich nicht um ein Viertel drehen
sashing-needs-its-ring = hat in einer einzigen Reihe auf der Spitze keine zwei Blöcke, zwischen denen er liegt; gib ihm seinen äußeren Ring
half-blocks-end-short = halbe Blöcke reichen nicht bis ans Ende der Streifen; gib den Zwischenstreifen ihren äußeren Ring, oder nimm Randdreiecke
frame-needs-a-fabric = fehlt; kleinere Blöcke brauchen einen Stoff, der sie rahmt
edge-has-no-fabric = Die Kante hat noch keinen Stoff: gib den Randdreiecken einen, oder setz halbe Blöcke.
border-corner-not-mitred = Rand { $number }: seine Ecke { $fault }.
other-seam = { $block } ist für eine Naht von { $its } geschnitten, der Quilt für { $ours }.
of-block = { $block }: { $notice }
is-none-of-blocks = gehört nicht zum Block
is-in-another-unit = ist in { $its }, der Quilt in { $ours }
spread-needs-two-blocks = müssen mindestens zwei sein, damit sie sich verteilen lassen
spread-has-too-many = sind zu viele, um sie über einen so großen Quilt zu verteilen; nimm weniger
were-taken-over = sind übernommen
are-cut = sind zugeschnitten
are-sewn = sind genäht
cannot-be-more-than-before = kann nicht { $number } sein, denn nur { $most } { $words }
to-be-taken-over = { $left } sind noch zu übernehmen
all-taken-over = alle sind übernommen
more-taken-over-than-there-are = { $left } mehr übernommen, als da sind
progress = Von { $wanted } Blöcken sind { $cut } zugeschnitten, { $sewn } genäht, { $handed_in } abgegeben; { $open_ones }.
few-left = nur { $left } von { $wanted } Blöcken
none-left = keiner von { $wanted } Blöcken
cannot-take-so-many = kann nicht { $count } sein; zu übernehmen: { $few }
people-are-missing = fehlen; wähl, wer näht
off-strips-that-frame = Streifen, die { $title } rahmen
off-framed-block = ein gerahmter Block wird { $whole } { $larger ->
    [larger] größer
   *[smaller] kleiner
}
off-sashing-strips = Zwischenstreifen
off-sashing-across = { $across } in der Breite machen es { $whole } { $larger ->
    [larger] größer
   *[smaller] kleiner
}
off-plain-squares = Glatte Quadrate
off-row = eine Reihe mit { $across } wird { $whole } { $larger ->
    [larger] größer
   *[smaller] kleiner
}
off-quilt = der Quilt wird { $whole } { $larger ->
    [larger] größer
   *[smaller] kleiner
}
off-border = Rand { $number }
off-ending = ; { $does }
off-a-module = ein Modul
off-a-width = eine Breite
off-setting = { $what }: genau { $exact } zuzuschneiden, auf dem Lineal { $cut }, jeder { $by } zu { $way ->
    [wide] breit
   *[narrow] schmal
}{ $ending }. Abhilfe: { $field } von { $sizes }.
purpose-side-triangle = Randdreiecke
purpose-sashing = Zwischenstreifen
purpose-cornerstone = Eckquadrate
purpose-frame = Rahmen
purpose-binding = Einfassung
purpose-backing = Rückseite
purpose-border = Rand { $number }
purpose-corner-triangle = Eckdreiecke
purpose-alternate = jeder zweite Platz
takes-no-such-thing = nimmt so etwas nicht; zieh es auf einen Rand, Zwischenstreifen, Ecksteine, Rahmen, die Kante oder glatte Quadrate
has-no-width = hat keine Breite; nenn einen Rand, die Zwischenstreifen oder die Rahmen
