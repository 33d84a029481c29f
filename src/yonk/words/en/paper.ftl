## measure

length-has-many-signs = is longer than { $most } characters; write a length such as 4 7/8
length-is-empty = is empty; write a length such as 9, 4 7/8 or 4.875
length-could-be-a-thousand = “{ $text }” could mean a thousand or a decimal; write it with a point, such as 1.234
length-is-too-fine = is told finer than any ruler; round it to a few places
length-has-the-other-mark = is marked { $marked }, but { $unit } is meant here; write the number alone
length-cannot-be-read = “{ $text }” is not a length; write it as 9, 4 7/8, 4.875 or 39/8
length-divides-by-nothing = “{ $text }” divides by nothing; write it as 9, 4 7/8, 4.875 or 39/8

## bounds

must-be-more-than-nothing = must be more than nothing
is-less-than-take-more = is less than { $least }; take more
is-more-than-take-less = is more than { $most }; take less
must-be-from-to = must be from { $least } to { $most }

## draft

has-sign-that-cannot-be-seen = has a sign that cannot be seen; type it anew
name-has-too-many-letters = must have from 1 to { $longest_name } letters
so-many-blocks = { $count ->
    [one] one block
   *[other] { $count } blocks
}
is-no-whole-number = “{ $text }” is no whole number; write one such as 12
is-no-setting = is no setting
must-be-a-colour = must be a colour such as #a3262a
is-no-picture-of-cloth = is no picture of a cloth; take one from the fabric shelf
is-no-colour = “{ $text }” is no colour; write one such as #a3262a or teal
fabric-needs-a-name = is missing; give the fabric a name
key-stands-for-no-fabric = stands for patches without a fabric; choose another
is-longer-than-letters = “{ $plain }…” is longer than { $longest_label } letters

## settings

must-be-one-of = must be one of { $choices }
must-be-whole-number = must be a whole number

## settings: each by the name of its field

setting-care = What you care for most
setting-care-balance = a fair balance
setting-care-cloth = saving cloth
setting-care-time = saving time
setting-care-exact = exact units
setting-care-why = Decides which way is proposed. Bias on outer edges and prints that turn are kept out first, whatever you choose.
setting-trim-margin = Trim margin
setting-trim-margin-why = 0 cuts true and trusts the seam. 1⁄8″ (¼ cm) is usual: the sums are easy and every unit is trimmed to size. More suits who sews less straight than she cuts.
setting-trimmed = Trim half-square triangles
setting-trimmed-pressed = pressed first, then trimmed square
setting-trimmed-folded = trimmed while still folded, then pressed
setting-trimmed-why = Pressed first shows what is trimmed; folded, two cuts do for four, and the iron cannot stretch what is not yet trimmed.
setting-seam = Seam allowance
setting-seam-why = The usual is 1⁄4″ (¾ cm), sewn a thread narrower to give back what the fold takes up.
setting-ruler-step = Steps
setting-ruler-width = Standard ruler
setting-ruler-length = by
setting-ruler-length-why = Cuts are rounded to its steps. A cut wider than the ruler is said, so that you can lay a second one beside it.
setting-rulers = Other rulers
setting-rulers-why = Trimming is told and drawn with the smallest of yours that covers the unit. Some rulers are numbered by finished sizes, with the seams counted in: then the finished size is what you read.
mark-the-wrong-side = Mark the wrong side of each piece of { $fabric }: its right side is hard to see.
ruler-marks = { $marks ->
    [finished] finished sizes
   *[unfinished] unfinished sizes
}
ruler-has-four-parts = “{ $text }” is no ruler; write width | length | finest mark | unfinished or finished
too-many-rulers = these are more than { $most } rulers; keep those that you use
setting-usable = Usable width
setting-usable-why = 40″ (100 cm) is the safe figure after the selvedges are off; 42″ the hopeful one.
setting-straightening = To straighten
setting-shrinkage = Shrinks
setting-keep = Keep leftovers from
setting-squares-in-a-row = Squares sewn at once
setting-squares-in-a-row-why = Long rows save time and turn at every corner; short ones lie flat more easily. Ten is the most.
setting-press = Pressing
setting-press-dark = toward the darker
setting-press-open = open
setting-press-why = Toward the darker hides the allowance and lets seams nest; open lies flatter where many points meet.
setting-pressing = Pressing the block
setting-pressing-nest = so that seams nest
setting-pressing-dark = always to the dark
setting-pressing-open = open everywhere
setting-pressing-spin = spun where they can be
setting-pressing-why = Nested seams lock at a crossing and need no pin. Always to the dark hides every allowance; open lies flattest and must be pinned; spun spreads a crossing's bulk.
setting-stitch = Stitching beside a line
setting-stitch-beside = one line drawn, sewn a seam allowance to either side
setting-stitch-two-lines = two lines drawn, sewn on both, cut between
setting-stitch-why = Beside one line is quicker with a foot that measures the seam allowance; on two lines suits any foot.
school-true-cut = true cut
school-to-trim = to trim

## the groups of settings

settings-care = What you care for most
settings-trimming = True cut, or cut larger and trim
settings-seam = Seam allowance
settings-ruler = Ruler
settings-rulers = Other rulers that you own
settings-width-of-fabric = Width of fabric
settings-rectangles = Triangles from rectangles
settings-pressing = Pressing
settings-pressing-blocks = Pressing the block
settings-stitching = Stitching beside a line

## places of faults, by the names of fields; a numbered one, as a border, has its number

place-alternate = every other place
place-at = place
place-fill = block everywhere
place-floats = float
place-half-blocks = half blocks
place-outer = ring
place-save-key = save

no-fabric-yet = No fabric yet

## the words of the trade, and what they mean

trade-word-finished = finished
trade-word-finished-means = What shows once it is sewn into the quilt. A block is drafted finished.
trade-word-unfinished = unfinished
trade-word-unfinished-means = What a sewn unit or block measures before it is joined to others: finished and a seam allowance on each side.
trade-word-cut = cut
trade-word-cut-means = What is cut from cloth, with everything added that seams and trimming take away.
trade-word-seam-allowance = seam allowance
trade-word-seam-allowance-means = The cloth between a seam and the edge; each seam takes it from both pieces. Sew a thread inside it, since the fold takes a little too.
trade-word-trim-margin = trim margin
trade-word-trim-margin-means = How much larger pieces of a unit are cut, so that the sewn unit can be trimmed to its exact size.
trade-word-true-cut = true cut
trade-word-true-cut-means = Pieces cut exactly as large as the sums say. It trusts the seam.
trade-word-ruler-step = ruler step
trade-word-ruler-step-means = The finest marks of the ruler in use; cut sizes are rounded to them.
trade-word-mates = mates
trade-word-mates-means = The places of the block that match the one touched: turned or mirrored. What is done is done at all of them at once.
trade-word-patch = patch
trade-word-patch-means = One piece of cloth in the drawing, between seams. Alike patches share a letter.
trade-word-unit = unit
trade-word-unit-means = A few patches that are made together, such as a half-square triangle.
trade-word-colouring = colouring
trade-word-colouring-means = The same draft in other fabrics, for some of the blocks.
trade-word-strip-set = strip set
trade-word-strip-set-means = Long strips sewn side by side, then cut across into segments.
trade-word-width-of-fabric = width of fabric
trade-word-width-of-fabric-means = How wide cloth comes from the bolt, from woven edge to woven edge.
trade-word-woven-edge = woven edge
trade-word-woven-edge-means = The tight edges along the length of cloth; they are cut away.
trade-word-bias = bias
trade-word-bias-means = Aslant to the threads of the cloth. An edge cut so stretches.
trade-word-directional-print = directional print
trade-word-directional-print-means = A print that shows which way a piece lies: stripes look the same upside down, a print with an up and a down does not. Pieces are cut so that it lies as drafted.
trade-word-nest = nest
trade-word-nest-means = Two seams that meet and are pressed opposite ways lock into each other.
trade-word-bulky = bulky
trade-word-bulky-means = Where seams meet that are pressed the same way and lie on each other.
trade-word-spin = spin
trade-word-spin-means = To open the stitches in the seam where four patches meet, so that its allowances turn around the point and lie flat.
trade-word-set-in-seam = set-in seam
trade-word-set-in-seam-means = A seam that turns a corner: sewn to a dot, turned, and sewn on.
trade-word-checkpoint = checkpoint
trade-word-checkpoint-means = A place in the sewing order where what is sewn can be measured.
trade-word-chain = chain
trade-word-chain-means = Pairs sewn one after the other without cutting the thread between them.
trade-word-ease = ease
trade-word-ease-means = To take up a small difference in length along a seam, with pins.
trade-word-sashing = sashing
trade-word-sashing-means = Strips between the blocks of a quilt top.
trade-word-cornerstone = cornerstone
trade-word-cornerstone-means = The small square where strips of sashing cross.
trade-word-on-point = on point
trade-word-on-point-means = Blocks set standing on a corner.
trade-word-setting-triangle = setting triangle
trade-word-setting-triangle-means = The triangles that fill the edge of a top set on point.
trade-word-float = float
trade-word-float-means = How far an edge lies beyond the points of blocks on point.
trade-word-mitred = mitred
trade-word-mitred-means = Borders whose corners meet in a seam at 45°.
trade-word-butted = butted
trade-word-butted-means = Borders whose ends meet the side of the next.
trade-word-binding = binding
trade-word-binding-means = The strip folded over the raw edges of a quilted top.

place-divide = how it is divided
place-part = part
place-parts = parts
place-kinds = kinds of unit
place-never-under = fabrics kept clear
place-width = width
place-height = height
place-columns = columns
place-rows = rows
place-name = name
place-fabric = fabric
place-fabrics = fabrics
place-seams = seams
place-patches = patches
place-borders = borders
place-colourings = colourings
place-units = units
place-blocks = blocks
place-unit = unit
place-cells = cells
place-grid = grid
place-count = count
place-piles = piles
place-picture = picture
place-colour = colour
place-value = value
place-print = print
place-direction = direction
place-format = format
place-password = password
place-pieces = pieces
place-sashing = sashing
place-setting = setting
place-edge = edge
place-finished = finished
place-length = length
place-text = text
place-point = point
place-start = start
place-end = end
place-step = step
place-module = module
place-binding = binding
place-backing = backing
place-corner = corner
place-label = label
place-note = note
place-sewn = sewn
place-middle = middle
place-left = left
place-right = right
place-aimed = aimed
place-cut = cut
place-fabrics-numbered = fabric { $number }
place-line-numbered = line { $number }
place-seams-numbered = seam { $number }
place-patches-numbered = patch { $number }
place-borders-numbered = border { $number }
place-colourings-numbered = colouring { $number }
place-columns-numbered = column { $number }
place-rows-numbered = row { $number }
place-units-numbered = unit { $number }
place-blocks-numbered = block { $number }
place-pieces-numbered = piece { $number }
place-cells-numbered = cell { $number }
