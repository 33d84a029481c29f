## block file

file-is-too-large = the file is larger than { $most_block_bytes } MB
file-is-no-text = the file is not UTF-8 text
file-is-no-json-here = the file is not JSON here ({ $msg })
file-is-too-deep = the file is nested too deep or holds too long a number
file-holds-no-block = the file holds no block; it begins with {"{"} and has a format, a name, …
and-so-many-faults-more = and { $count } faults more
move-it-inside = lies on a seam; move it inside { $what ->
    [unit] the unit
   *[patch] the patch
} it is for
is-written-otherwise = is written another way
must-be-a-photo-of-the-parcel = must be the path of a photo in the parcel, such as photos/1.jpg
seam-has-no-length = begins and ends at the same point
point-lies-outside-grid = { $at } lies outside the grid of { $columns } columns by { $rows } rows
key-of-several-fabrics = “{ $key }” stands for more than one fabric
key-is-kept = “{ $unassigned }” is kept for patches without a fabric; use another
method-makes-no-such-unit = “{ $method }” is no way to make it; the ways are { $ways }
method-makes-no-unit = “{ $method }” is no way to make a unit

## the card of the trial block

card-how = Press the trial block and let it cool. Measure from raw edge to raw edge, as many lines as you like, and write down what you read.
trial-block-of = { $block }: trial block
card-of-the-trial-block = { $block }: card of the trial block

## the cover

in-here = In here
page-and-sheet = { $page }: { $sheet }
everything-of = { $block }: everything
finished-and-unfinished = { $finished } finished, { $unfinished } unfinished
so-many-as-drafted = { $count } as drafted
so-many-in-colouring = { $count } in { $colouring }
blocks-by-colouring = { $blocks }: { $counts }
blocks-with-seam = { $blocks }, with a seam allowance of { $seam }

## the cutting list

names-no-piece = names nothing that can lie on a table; send it as it was told
names-no-cut = names no cut; send it as it stands on the list
cutting-list-for = { $block }: cutting list for { $stage }
from-the-trial-block = From the trial block:
buy = Buy { $length }.
buy-or-quarters = Buy { $length } or { $quarters }.
nothing-to-buy = Nothing to buy.
from-the-shelf-first = From the shelf first: { $pieces }.
cut-from-strips = from { $strips }
cut-for = for { $purposes }
layout-of-cloth = { $cloth ->
    [new] New cloth
   *[shelf] From the shelf
}, { $width } by { $length }
cutting-list = Cutting list
to-buy = To buy
column-fabric = fabric
column-line = line
column-count = count
column-shape = shape
column-width = width
column-height = height
column-unit = unit
column-size = size
column-further = cut further
column-from = from
column-for = for
column-done = done
column-buy = buy
column-or = or
column-shelf = from the shelf
column-left = left over

## the sheets of everything

sheet-cover = The block, its fabrics and what to buy
sheet-cutting = Cutting list with its layouts
sheet-labels = Labels for the stacks
sheet-steps = Step sheets of the recipes
sheet-sewing = Sewing sheet
sheet-card = Card of the trial block
sheet-templates = Templates at true size

## what is foretold, as a list

foretold-of = { $block }: what it will come out as, nine of ten
foretold-side = { $low } to { $high }{ $unit }
foretold-within = { $share } % within { $tolerance }{ $unit }
foretold-ease = Most must be eased at { $join }: { $most }{ $unit } at most.

## labels

nothing-to-label = Nothing is cut, so there is nothing to label.
labels-of = { $block }: labels
label-of-a-cut = { $count } { $what } { $size }

## log file

parcel-is-damaged = the parcel is damaged; take it along anew
is-not-in-parcel = is not in the parcel
part-is-too-large = is larger than { $most } MB

## measures file

sizes-are-no-json = the file with the sizes is not JSON
block-has-no-such-measure = this block has no “{ $what }”; measure one of { $some }, …
the-verdict = Verdict: { $verdict ->
    [good] good
    [ease] ease
    [trim] trim
    [take-back] take back
    [press-again] press again
    [measure-again] measure again
   *[cut-again] cut again
}.
to-decide-measure = To decide, measure { $what }.

## photo

photo-is-too-large = This photo is larger than { $most_photo_bytes } MB; send less.
photo-is-none = This is no photo; send a JPEG, PNG or WebP picture.
photo-is-damaged = This photo is damaged; send it anew.
photo-has-too-many-pixels = This photo has more than { $most_pixels } million pixels; send a smaller one.

## quilt file

file-is-not-json = the file is not JSON
either-fabric-or-block = must have either a fabric or a block
tells-a-second-time = tells a second time what lies at row { $row }, column { $column }
key-of-several-blocks = “{ $key }” stands for more than one block
is-in-a-unit = is { $its }, the quilt is in { $ours }
is-none-of-the-colourings = is none of the block's colourings

## the top

everything-for-the-top = { $quilt }: everything for the whole top
fabrics-heading = Fabrics
blocks-heading = Blocks
count-of-block = { $count } × { $block }
how-units-are-made = { $block }: how its units are made
sewing-the-top = { $quilt }: sewing the top
diagram-how = The numbers are those of the rows; each mark crosses a seam toward the side that it is pressed to, where its dot lies.

## the sewing sheet

joined-by = { $blocks }, joined by { $order ->
    [rows] rows
    [columns] columns
    [quarters] quarters
    [chained] columns in one chain over all rows
   *[units] units
}.
sewing-of = { $block }: sewing
pressing-map-how = The front of the block; each arrow tells where a seam's allowances are pressed, the number its step.
sewing-sheet-of = { $block }: sewing sheet
in-all = { $count } in all
to-start = Start: { $where }
to-measure = Measure: { $size }

## the joins as a list

block-joined-by = { $block }: { $blocks }, joined by { $order ->
    [rows] rows
    [columns] columns
    [quarters] quarters
    [chained] columns in one chain over all rows
   *[units] units
}
meetings-counted = { $meetings } meetings: { $nested } nested, { $spun } spun, { $open } open, { $bulky } bulky{ $proved ->
    [yes] {""}
   *[no] ; not proved best
}
join-line = { $number }. { $join } ({ $times } times)
join-of-parts = { $join }: { $one } to { $other }{ $kind ->
    [partial] , part of the seam
    [set-in] , set in
   *[straight] {""}
}
part-of-a-join = { $part } ({ $join })

## step sheets

no-step-sheets = Every patch of this block is cut to size; no unit is sewn by a recipe of its own.
step-sheets-of = { $block }: step sheets
units-of-a-size = { $count } × { $kind } { $unit }, { $size } finished
share-of-units = { $method }, { $units } units: { $times ->
    [one] once
   *[other] { $times } times
}

## svg in

svg-seams-taken = { $seams } seams taken from { $lines } straight lines.
svg-points-moved = Points were moved by up to { $farthest } of a cell to lie on the lattice.
svg-curves-left-out = { $curves } curved stretches were left out; a pieced seam is straight.
svg-shapes-left-out = { $other } shapes that are no lines were left out.
svg-lines-too-short = { $lost } lines were shorter than the lattice and were left out.
svg-is-too-large = the drawing is larger than 2 MB
svg-cannot-be-read = this is no SVG drawing that can be read
svg-has-no-straight-line = the drawing holds no straight line; draw the seams as lines or paths
svg-has-too-many-lines = the drawing holds more than { $most_seams } lines
svg-defines-entities = the drawing defines entities; save it as plain SVG
svg-moves-too-often = the drawing moves its parts in too many steps; save it as plain SVG
svg-holds-more-than-seams = the drawing holds more than the seams of a block; leave the other layers out
svg-has-no-size = the drawing has no width or no height; draw the outline of the block as well
are-more-than = are more than { $most_seams }

## templates

templates-of = { $block }: templates
templates-print-true = Print at 100 %, not fitted to the page. Then measure both squares: if they are off, so are the templates.
templates-lines = The outer line is the cut line, the dashed line the seam. Lay the arrow along the threads of the cloth.
foundations-of = { $block }: foundations
foundations-mirrored = Each foundation is mirrored: the cloth lies on its blank side, and you sew on the printed one.
foundations-lines = Sew on the lines in the order of the numbers. The dashed line is the seam allowance; the crosses are the corners where sections meet.
foundation-section = Unit { $unit }{ $of ->
    [1] {""}
   *[other] , section { $number } of { $of }
}{ $sheets ->
    [1] {""}
   *[other] , sheet { $sheet } of { $sheets }
}
foundation-print-so-many = Print { $count }.
templates-over-pages = Where a template runs over several pages, cut one page at its edge and lay the crosses on each other.
letter-and-sheet = { $letter }{ $sheets ->
    [one] {""}
   *[other] , sheet { $number } of { $sheets }
}

## the chart of cut sizes

chart-column-finished = finished
chart-column-unfinished = unfinished
chart-column-cut = cut { $piece }

## what was sent, or stands in a file, is no such thing

given-missing = is missing
given-not-known = is not known here; take it out
given-no-list = must be a list, in [ and ]
given-no-object = must be an object, in {"{"} and {"}"}
given-no-whole-number = must be a whole number, without quotes
given-too-large = is too large; take less
given-not-true-or-false = must be true or false
given-no-text = must be a text, in quotes
given-not-as-it-must-be = is not written as it must be
given-empty = is empty; write something
given-too-many-letters = has more than { $most } letters; shorten it
given-too-many = holds { $count }; { $most } is the most
given-too-few = holds { $count }; { $least } is the least
length-in-quotes = is no text; write the length in quotes, such as "9" or "39/8", since numbers are not exact
holds-half-a-sign = holds half a sign, which no program can write; type it anew
seam-cannot-be-so-far-off = is as much as the seam itself; look whether it was written right
card-asks = { $what ->
    [date] Sewn on
    [machine] Machine, foot, needle
   *[seam-test] Last seam test
}
card-looks = Before you measure: what does it look like?
card-more = { $rows ->
    [one] One more is on the screen.
   *[other] { $rows } more are on the screen.
}
only-what-there-is = There is only this: { $pieces }.
no-cloth-for = No cloth for { $cuts }.
sheet-comes-back = Tick with a dark pen; a photo of the page tells Yonk what is done.
sheet-is-too-large = is larger than { $most } MB; send a smaller photo, or fewer pages of the scan
sheet-is-damaged = is a damaged PDF; scan it again
sheet-has-too-many-pages = has more than { $most } pages; send it in parts
strip-of-fabric = { $fabric }: { $strip }
picture-corners-cross = The corners hold no block; lay one on each corner of it, going round

## cloth picture
known-length-is-too-short = the known length is drawn too short to be measured by; draw it over more of the photo
part-of-cloth-is-too-small = the part that shows the print is too small; draw it larger
