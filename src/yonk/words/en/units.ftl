about-so-long = about { $size }
work-gives = { $step } = { $sum }
work-by = { $width } by { $height }
## carrying out

size-between-marks = { $exact } (between { $low } and { $high })
in-lengths = {" "}in { $strips } lengths, since a width of fabric is { $usable }

## checkerboard

sew-strip-set = Sew strip set { $number }: { $fabrics }, along their long edges.
join-segments = Join the segments; the seams nest.
join-segments-turned = Join the segments; turn number { $ends } end for end; the seams nest.
sew-squares-into-rows = Sew the squares into rows.
join-rows = Join the rows; the seams nest.
way-strip-sets = strip sets, cut across and turned
way-squares = cut squares and sew

## corner flip

cut-the-corner-off = Cut the corner off, lay the triangle on the cut edge, right sides together, middles matched, and sew.
kind-corner-flip = corner flip
way-stitch-and-flip = stitch and flip
way-corners = cut the corners off and sew triangles on

## flying geese

work-finished-width = { $width } finished width
work-seams-and-points-of-a-square = + { $seam } × (2 + 2√2) for the seams and points
work-twice-to-trim = + 2 × { $trim } to trim{ $set ->
    [part] , as set for this part
    [unit] , as set for this unit
    [kind] , as set for this kind of unit
   *[block] {""}
}
work-finished-height = { $height } finished height
work-seams-and-points = + { $seam } × (2 + √2) for the seams and points
work-to-trim = + { $trim } to trim{ $set ->
    [part] , as set for this part
    [unit] , as set for this unit
    [kind] , as set for this kind of unit
   *[block] {""}
}
work-point-needs-more = { $sky } = { $small }, but half of the goose square's { $goose } and { $seam } are more
work-point-keeps-its-seam = so that the point keeps its seam allowance: its side
lay-sky-on-goose = Lay a sky triangle on the goose, right sides together, its long edge even with the goose's side and their outer points together; sew.
lay-sky-at-the-point = Lay a sky triangle on the goose, right sides together, its long edge even with the goose’s side and its upper point a seam allowance’s diagonal past the goose’s; sew.
do-the-same-on-the-other-side = Do the same on the other side; the seams cross a seam allowance below the raw edge.
lay-two-squares = Lay two squares of { $one } on opposite corners of { $goose }, right sides together; they overlap in the middle.
cut-apart-on-the-line = Cut apart on the line.
lay-a-square-on-the-corner = Lay a square of { $other } on the corner that is left.
diagonal-from-the-corner = its diagonal from that corner
flip-lay = { $corner ->
    [1] First corner: lay
    [2] Second corner: lay
    [3] Third corner: lay
    [4] Fourth corner: lay
   *[0] Lay
} a square of { $fabric } on the corner, right sides together. Draw its diagonal across the corner and sew a thread outside the line, toward the corner.
print-lies-sideways-now = Its print lies sideways now, and stands when the corner is flipped.
cut-the-corner-away = Cut the corner away { $allowance } outside the seam.
only-then-the-next-corner = Only then comes the next corner.
flip-open = Flip the triangle open and press it.
kind-flying-geese = flying geese unit
way-four-at-a-time = four at a time
way-triangles = cut triangles and sew

## half rectangle triangle

work-legs = legs { $longer } and { $shorter } finished
work-offset-three-sides = × { $grown }, which offsets all three sides by { $seam }
work-offset-three-sides-and-trim = × { $grown }, which offsets all three sides by { $seam } and both legs by another { $margin } to trim{ $set ->
    [part] , as set for this part
    [unit] , as set for this unit
    [kind] , as set for this kind of unit
   *[block] {""}
}
lay-triangles-points-out = Lay the triangles right sides together, long edges even, so that the sharp point of each sticks out { $past } past the blunt one of the other; sew along the long edge.
kind-half-rectangle-triangle = half-rectangle triangle

## half square triangle

work-unfinished = { $finished } finished + 2 × { $seam } = { $unfinished } unfinished
work-to-trim-gives = + { $trim } to trim{ $set ->
    [part] , as set for this part
    [unit] , as set for this unit
    [kind] , as set for this kind of unit
   *[block] {""}
} = { $sum }
work-seam-on-diagonal = + { $seam } × √2 for the seam on the diagonal
work-cut-on-both-diagonals = × √2, since the square is cut on both diagonals
work-seams-along-edges = + 2 × { $seam } for the seams along the edges
work-two-by-two = × 2, two by two units
work-squares-drawn = + { $seam } × √2 for the seam on the diagonal = { $side }, drawn as squares of { $drawn }
work-side-by-side = × { $squares }, side by side
lay-two-triangles = Lay the two triangles right sides together, long edges even, and sew along the long edge.
cut-apart-on-diagonal = Cut apart on the diagonal.
lay-one-on-the-other = Lay { $dark } on { $light }, right sides together.
lay-rectangles = Lay the rectangles right sides together and draw the squares.
a-zigzag = a zigzag of diagonals through them
cut-the-squares-apart = Cut the squares apart, then each on its diagonal.
lay-and-sew-all-round = Lay { $dark } on { $light }, right sides together. Sew { $seam } inside all four edges.
cut-on-both-diagonals = Cut on both diagonals.
both-diagonals = both diagonals
cut-through-the-middle = Cut through the middle both ways, then on both diagonals.
kind-half-square-triangle = half-square triangle
kind-checker = checker
way-two-at-a-time = two at a time
way-eight-at-a-time = eight at a time
way-from-rectangles = from rectangles of squares

## kinds

is-no-kind-of-unit = is no kind of unit; the kinds are { $kinds }

## needs

work-two-seams = + { $seam } seam allowance on two sides each way = { $size }
work-long-edge = long edge
work-the-legs = legs
work-edge-finished = { $edge } { $size } finished
work-finished = { $size } finished
work-seams-by-factor = + { $seam } × ({ $factor }) for the seams and points = { $sum }

## patch

kind-patch = plain patch
way-cut-to-size = cut to size

## pieced

kind-pieced = pieced unit
way-patches = cut patches singly and sew
way-template = cut patches by template and sew

## on a foundation

way-foundation = on a printed foundation
work-box-of-patch = the box of the patch as it lies best: { $size } finished
work-rough-all-round = + { $more } on every side, trimmed later on the foundation = { $size }
foundation-sew = Lay the next piece on those that are there, right sides together, along the printed line, and sew on the line from the back, a seam allowance past both ends.
foundation-press = Flip the new piece over its seam and press it flat with a dry iron; press up and down, never push.
foundation-trim-seam = Fold the foundation back on the line and trim both allowances to { $allowance }.
foundation-trim-round = Trim the section along the outer line.
foundation-join = Lay one section on the other, right sides together, pin through the marks at both ends, and sew on the line.

## quarter square triangle

work-becomes-unfinished = { $finished } finished + 2 × { $seam } unfinished
work-seams-on-both-diagonals = + 2 × { $seam } × √2 for the seams on both diagonals
lay-two-halves = Lay the two halves right sides together, the seams nested, and sew along the long edge.
sew-two-quarters = Sew two quarters along their short edges, right sides together, square corners even.
lay-two-half-square-triangles = Lay the half-square triangles right sides together, fabrics opposed, the seams nested.
centre-the-half-square-triangle = Centre the half-square triangle on { $below }, right sides together.
diagonal-across-the-seam = the diagonal that crosses the seam
cut-apart-on-that-line = Cut apart on that line.
kind-quarter-square-triangle = quarter-square triangle

## shapes

work-template = the finished shape offset outward by the seam allowance, long points cut off
angled-from-a-strip = a strip { $strip } wide, { $along } along its edge, the ends cut { $ends }
angled-end-square = square
angled-end-by-angle = at { $angle }°
angled-end-by-marks = { $along } along for { $across } across
rotary-both-parallel = a strip { $strip } wide, cut at 45° every { $every }
rotary-ends = a strip { $strip } wide; { $ends ->
    [both] both ends
   *[one] one end
} cut at 45°, { $every } from tip to tip along the long edge

## split quarter square

work-seams-of-both-diagonals = + { $seam } × (2 + 2√2) for the seams and points of a square cut on both diagonals
cut-apart-on-both = Cut apart on that diagonal and, before anything is pressed, on the other one.
lay-half-on-a-triangle = Lay a half on a pieced triangle, right sides together, long edges even, and sew along them.
lay-half-on-two-quarters = Lay the half on the two quarters, right sides together, long edges even, and sew along them.
kind-split-quarter-square = split quarter-square
way-in-pairs = in pairs, one left and one right
way-in-fours = in fours, sewn as a pair and cut again

## square in a square

square-up-this-round = Square this round up to { $size }: the ruler's line on the seams first, the points a seam allowance inside.
sew-corners-first = Sew corners on two opposite sides, right sides together, long edge to the raw edge, middles matched.
sew-corners-then = Sew corners on the two other sides.
kind-square-in-a-square = square in a square

## strip set

work-strip-wide = { $finished } finished + 2 × { $seam } = { $wide } wide
work-strip-long = { $segments ->
    [one] 1 segment
   *[other] { $segments } segments
} × { $across } + { $squaring } to square up the ends = { $long } long
cut-across-every = Square up the end, then cut across every { $size }.
sew-strips = Sew the strips side by side along their long edges, right sides together.
sew-pieces = Sew the pieces side by side along their long edges, right sides together.
kind-strip-set = strip set
way-long-strips = long strips, cut across
way-singly = cut singly and sew
