# Dateien und Papier.

file-is-too-large = die Datei ist größer als { $most_block_bytes } MB
file-is-no-text = die Datei ist kein UTF-8-Text
file-is-no-json-here = die Datei ist hier kein JSON ({ $msg })
file-is-too-deep = die Datei ist zu tief verschachtelt oder enthält eine zu lange Zahl
file-holds-no-block = die Datei enthält keinen Block; einer beginnt mit {"{"} und hat ein Format, einen Namen, …
and-so-many-faults-more = und { $count } Fehler mehr
move-it-inside = liegt auf einer Naht; rück es in { $what ->
    [unit] die Einheit
   *[patch] den Flicken
}, um den es geht
is-written-otherwise = wird anders geschrieben
must-be-a-photo-of-the-parcel = muss der Pfad eines Fotos im Paket sein, etwa photos/1.jpg
seam-has-no-length = beginnt und endet im selben Punkt
point-lies-outside-grid = { $at } liegt außerhalb des Rasters von { $columns } Spalten und { $rows } Reihen
key-of-several-fabrics = „{ $key }“ steht für mehr als einen Stoff
key-is-kept = „{ $unassigned }“ steht für Flicken ohne Stoff; nimm etwas anderes
method-makes-no-such-unit = „{ $method }“ ist keine Machart dafür; es gibt { $ways }
method-makes-no-unit = „{ $method }“ ist keine Machart für eine Einheit
card-how = Bügle den Probeblock und lass ihn abkühlen. Miss von Schnittkante zu Schnittkante, so viele Zeilen du magst, und schreib auf, was du abliest.
trial-block-of = { $block }: Probeblock
card-of-the-trial-block = { $block }: Karte des Probeblocks
in-here = Darin
page-and-sheet = { $page }: { $sheet }
everything-of = { $block }: alles
finished-and-unfinished = { $finished } fertig, { $unfinished } unvernäht
so-many-as-drafted = { $count } wie entworfen
so-many-in-colouring = { $count } in { $colouring }
blocks-by-colouring = { $blocks }: { $counts }
blocks-with-seam = { $blocks }, mit einer Nahtzugabe von { $seam }
names-no-piece = nennt nichts, was auf einem Tisch liegen kann; schick es so, wie es gesagt wurde
names-no-cut = nennt keinen Zuschnitt; schick ihn so, wie er auf der Liste steht
cutting-list-for = { $block }: Zuschneideliste für { $stage }
from-the-trial-block = Aus dem Probeblock:
buy = Kauf { $length }.
buy-or-quarters = Kauf { $length } oder { $quarters }.
nothing-to-buy = Nichts zu kaufen.
from-the-shelf-first = Zuerst aus dem Regal: { $pieces }.
cut-from-strips = aus { $strips }
cut-for = für { $purposes }
layout-of-cloth = { $cloth ->
    [new] Neuer Stoff
   *[shelf] Aus dem Regal
}, { $width } mal { $length }
cutting-list = Zuschneideliste
to-buy = Zu kaufen
column-fabric = Stoff
column-line = Zeile
column-count = Anzahl
column-shape = Form
column-width = Breite
column-height = Höhe
column-unit = Einheit
column-size = Maß
column-further = weiter geschnitten
column-from = aus
column-for = für
column-done = erledigt
column-buy = kaufen
column-or = oder
column-shelf = aus dem Regal
column-left = übrig
sheet-cover = Der Block, seine Stoffe und was zu kaufen ist
sheet-cutting = Zuschneideliste mit ihren Schnittlagen
sheet-labels = Schilder für die Stapel
sheet-steps = Blätter mit den Schritten der Rezepte
sheet-sewing = Nähblatt
sheet-card = Karte des Probeblocks
sheet-templates = Schablonen in wahrer Größe
foretold-of = { $block }: was daraus wird, neun von zehn
foretold-side = { $low } bis { $high }{ $unit }
foretold-within = { $share } % innerhalb { $tolerance }{ $unit }
foretold-ease = Am meisten einzuhalten ist bei { $join }: höchstens { $most }{ $unit }.
nothing-to-label = Es ist nichts zugeschnitten, also gibt es nichts zu beschriften.
labels-of = { $block }: Schilder
label-of-a-cut = { $count } { $what } { $size }
parcel-is-damaged = das Paket ist beschädigt; nimm es neu mit
is-not-in-parcel = ist nicht im Paket
part-is-too-large = ist größer als { $most } MB
sizes-are-no-json = die Datei mit den Maßen ist kein JSON
block-has-no-such-measure = dieser Block hat kein „{ $what }“; miss eins von { $some }, …
the-verdict = Urteil: { $verdict ->
    [good] gut
    [ease] einhalten
    [trim] nachschneiden
    [take-back] auftrennen
    [press-again] noch einmal bügeln
    [measure-again] noch einmal messen
   *[cut-again] neu zuschneiden
}.
to-decide-measure = Um zu entscheiden, miss { $what }.
photo-is-too-large = Dieses Foto ist größer als { $most_photo_bytes } MB; schick weniger.
photo-is-none = Das ist kein Foto; schick ein Bild als JPEG, PNG oder WebP.
photo-is-damaged = Dieses Foto ist beschädigt; schick es neu.
photo-has-too-many-pixels = Dieses Foto hat mehr als { $most_pixels } Millionen Pixel; schick ein kleineres.
file-is-not-json = die Datei ist kein JSON
either-fabric-or-block = muss entweder einen Stoff oder einen Block haben
tells-a-second-time = sagt zum zweiten Mal, was in Reihe { $row }, Spalte { $column } liegt
key-of-several-blocks = „{ $key }“ steht für mehr als einen Block
is-in-a-unit = ist in { $its }, der Quilt ist in { $ours }
is-none-of-the-colourings = ist keine der Farbstellungen des Blocks
everything-for-the-top = { $quilt }: alles für das ganze Top
fabrics-heading = Stoffe
blocks-heading = Blöcke
count-of-block = { $count } × { $block }
how-units-are-made = { $block }: wie seine Einheiten gemacht werden
sewing-the-top = { $quilt }: das Top nähen
diagram-how = Die Zahlen sind die der Reihen; jedes Zeichen kreuzt eine Naht zu der Seite, zu der sie gebügelt wird, wo sein Punkt liegt.
joined-by = { $blocks }, zusammengenäht nach { $order ->
    [rows] Reihen
    [columns] Spalten
    [quarters] Vierteln
    [chained] Spalten in einer Kette über alle Reihen
   *[units] Einheiten
}.
sewing-of = { $block }: nähen
pressing-map-how = Die Vorderseite des Blocks; jeder Pfeil sagt, wohin die Zugaben einer Naht gebügelt werden, die Zahl ist ihr Schritt.
sewing-sheet-of = { $block }: Nähblatt
in-all = { $count } im Ganzen
to-start = Anfang: { $where }
to-measure = Miss: { $size }
block-joined-by = { $block }: { $blocks }, zusammengenäht nach { $order ->
    [rows] Reihen
    [columns] Spalten
    [quarters] Vierteln
    [chained] Spalten in einer Kette über alle Reihen
   *[units] Einheiten
}
meetings-counted = { $meetings } Treffpunkte: { $nested } ineinander, { $spun } gewirbelt, { $open } offen, { $bulky } dick{ $proved ->
    [yes] {""}
   *[no] ; nicht als bestes bewiesen
}
join-line = { $number }. { $join } ({ $times }-mal)
join-of-parts = { $join }: { $one } an { $other }{ $kind ->
    [partial] , ein Teil der Naht
    [set-in] , eingesetzt
   *[straight] {""}
}
part-of-a-join = { $part } ({ $join })
no-step-sheets = Jeder Flicken dieses Blocks wird auf Maß geschnitten; keine Einheit wird nach einem eigenen Rezept genäht.
step-sheets-of = { $block }: Blätter mit den Schritten
units-of-a-size = { $count } × { $kind } { $unit }, { $size } fertig
share-of-units = { $method }, { $units } Einheiten: { $times ->
    [one] einmal
   *[other] { $times }-mal
}
svg-seams-taken = { $seams } Nähte aus { $lines } geraden Linien genommen.
svg-points-moved = Punkte wurden um bis zu { $farthest } eines Felds verschoben, um auf dem Raster zu liegen.
svg-curves-left-out = { $curves } gebogene Stücke wurden weggelassen; eine gepatchte Naht ist gerade.
svg-shapes-left-out = { $other } Formen, die keine Linien sind, wurden weggelassen.
svg-lines-too-short = { $lost } Linien waren kürzer als das Raster und wurden weggelassen.
svg-is-too-large = die Zeichnung ist größer als 2 MB
svg-cannot-be-read = das ist keine lesbare SVG-Zeichnung
svg-has-no-straight-line = die Zeichnung enthält keine gerade Linie; zeichne die Nähte als Linien oder Pfade
svg-has-too-many-lines = die Zeichnung enthält mehr als { $most_seams } Linien
svg-defines-entities = die Zeichnung definiert Entitäten; speichere sie als einfaches SVG
svg-moves-too-often = die Zeichnung verschiebt ihre Teile in zu vielen Schritten; speichere sie als einfaches SVG
svg-holds-more-than-seams = die Zeichnung enthält mehr als die Nähte eines Blocks; lass die anderen Ebenen weg
svg-has-no-size = die Zeichnung hat keine Breite oder keine Höhe; zeichne auch den Umriss des Blocks
are-more-than = sind mehr als { $most_seams }
templates-of = { $block }: Schablonen
templates-print-true = Druck mit 100 %, nicht an die Seite angepasst. Dann miss beide Quadrate: stimmen sie nicht, stimmen auch die Schablonen nicht.
templates-lines = Die äußere Linie ist die Schnittlinie, die gestrichelte die Naht. Leg den Pfeil entlang der Fäden.
foundations-of = { $block }: Nähvorlagen
foundations-mirrored = Jede Vorlage ist gespiegelt: der Stoff liegt auf ihrer leeren Seite, genäht wird auf der bedruckten.
foundations-lines = Näh auf den Linien in der Reihenfolge der Zahlen. Die gestrichelte Linie ist die Nahtzugabe; die Kreuze sind die Ecken, an denen Abschnitte sich treffen.
foundation-section = Einheit { $unit }{ $of ->
    [1] {""}
   *[other] , Abschnitt { $number } von { $of }
}{ $sheets ->
    [1] {""}
   *[other] , Blatt { $sheet } von { $sheets }
}
foundation-print-so-many = { $count }-mal drucken.
templates-over-pages = Wo eine Schablone über mehrere Seiten geht, schneide eine Seite an ihrem Rand und leg die Kreuze aufeinander.
letter-and-sheet = { $letter }{ $sheets ->
    [one] {""}
   *[other] , Blatt { $number } von { $sheets }
}
chart-column-finished = fertig
chart-column-unfinished = unvernäht
chart-column-cut = Zuschnitt { $piece }
given-missing = fehlt
given-not-known = ist hier nicht bekannt; nimm es heraus
given-no-list = muss eine Liste sein, in [ und ]
given-no-object = muss ein Objekt sein, in {"{"} und {"}"}
given-no-whole-number = muss eine ganze Zahl sein, ohne Anführungszeichen
given-too-large = ist zu groß; nimm weniger
given-not-true-or-false = muss true oder false sein
given-no-text = muss ein Text sein, in Anführungszeichen
given-not-as-it-must-be = ist nicht so geschrieben, wie es sein muss
given-empty = ist leer; schreib etwas
given-too-many-letters = hat mehr als { $most } Buchstaben; kürze es
given-too-many = enthält { $count }; höchstens { $most } gehen
given-too-few = enthält { $count }; mindestens { $least } müssen es sein
length-in-quotes = ist kein Text; schreib die Länge in Anführungszeichen, etwa "9" oder "39/8", denn Zahlen sind nicht genau
holds-half-a-sign = enthält ein halbes Zeichen, das kein Programm schreiben kann; gib es neu ein
seam-cannot-be-so-far-off = ist so viel wie die Naht selbst; sieh nach, ob es richtig geschrieben ist
card-asks = { $what ->
    [date] Genäht am
    [machine] Maschine, Fuß, Nadel
   *[seam-test] Letzte Nahtprobe
}
card-looks = Bevor du misst: wie sieht er aus?
card-more = { $rows ->
    [one] Eins mehr ist auf dem Bildschirm.
   *[other] { $rows } mehr sind auf dem Bildschirm.
}
only-what-there-is = Da ist nur dies: { $pieces }.
no-cloth-for = Kein Stoff für { $cuts }.
sheet-comes-back = Mit dunklem Stift ankreuzen; ein Foto der Seite sagt Yonk, was fertig ist.
sheet-is-too-large = ist größer als { $most } MB; sende ein kleineres Foto oder weniger Seiten des Scans
sheet-is-damaged = ist ein beschädigtes PDF; scanne es noch einmal
sheet-has-too-many-pages = hat mehr als { $most } Seiten; sende es in Teilen
strip-of-fabric = { $fabric }: { $strip }
picture-corners-cross = Die Ecken fassen keinen Block; leg jede auf eine seiner Ecken, der Reihe nach ringsum

## cloth picture
known-length-is-too-short = die bekannte Länge ist zu kurz gezeichnet, um danach zu messen; sie über mehr vom Foto ziehen
part-of-cloth-is-too-small = der Ausschnitt mit dem Muster ist zu klein; ihn größer ziehen
