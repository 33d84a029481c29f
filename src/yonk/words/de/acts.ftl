# Was an einem Entwurf getan wird.

is-drawn-with-seams = wird mit Nähten gezeichnet, nicht eingesetzt
cannot-all-be-removed = können nicht alle weg; ein Block hat mindestens eine
are-already-the-most = sind schon { $most }, mehr geht nicht
lies-outside-grid = liegt außerhalb des Rasters
is-none-of-the-blocks-fabrics = „{ $key }“ ist keiner der Stoffe des Blocks
comes-out-too-fine = wird feiner, als sich aufbewahren lässt; nimm eine rundere Länge
seams-are-too-many = sind mehr als { $most_seams }; radiere erst einige weg
have-no-such-line = haben so eine nicht
is-no-colouring-of-this-block = ist keine Farbstellung dieses Blocks
lines-cannot-be-read = sag, wie viele, etwa 3, oder ihre Verhältnisse, etwa 1 2 1
have-no-such-place = haben so eine Stelle nicht
whole-block = der ganze Block { $fault }
leaves-nothing-for-the-others = lässt den anderen nichts; nimm weniger, oder lass den Block wachsen
have-no-such-line-between-them = haben so eine nicht zwischen sich
would-leave-a-line-empty = würde eine Spalte oder Reihe ohne Breite lassen
touch-the-inside = liegt auf einer Naht; berühr das Innere { $what ->
    [unit] einer Einheit
   *[patch] eines Flickens
}
mates-need-a-square-grid = brauchen so viele Reihen wie Spalten, um sich um ein Viertel zu drehen; wähl eine halbe Drehung oder einen Spiegel
is-where-the-seam-begins = ist, wo die Naht beginnt; wähl einen anderen Punkt
is-no-seam = ist keine Naht dieses Blocks; wähl eine, die gezeichnet ist
quarter-needs-even-lines = braucht eine gerade Zahl von Spalten und Reihen, damit sich ein Viertel wiederholen lässt
proportions-one-for-each = braucht { $lines } Verhältnisse, eins für jede
is-no-way-to-make-it = ist keine Machart dafür; es gibt { $names }
is-no-part-of-it = ist kein Teil davon; die Teile sind { $parts }
no-parts = keine, die für sich bestimmt werden können
mates-none = keine
mates-half-turn = halbe Drehung
mates-quarter-turns = Vierteldrehungen
mates-left-right = links und rechts gespiegelt
mates-top-bottom = oben und unten gespiegelt
mates-both-ways = in beide Richtungen gespiegelt
mates-diagonals = an den Diagonalen gespiegelt
mates-all = Drehungen und Spiegel
is-divided-one-way = gibt es für diese Einheit nicht, sie ist nur auf eine Art geteilt; lass es leer
bars-are-told-so = sind die Breiten der Streifen im Verhältnis, 2 bis { $most }, etwa 1 2 1
checks-are-told-so = sind Spalten mal Reihen, je 1 bis { $most }, etwa 3 x 4
rounds-are-told-so = ist die Zahl der Runden, 1 bis { $most }
