## steps

caution-blade = Cut away from yourself, fingers off the ruler's edge, and close the blade each time you put it down. The cutter's own instructions come first.
caution-iron = The iron is hot and steams: stand it up, keep the cord away. The iron's own instructions come first.
caution-needle = Stop the machine before you reach near the needle, and keep count of the pins. The machine's own instructions come first.

## table

the-diagonal = the diagonal
draw-two-lines = Draw lines { $allowance } to either side of { $line } and sew on them.
draw-one-line = Draw { $line } and sew { $allowance } to either side.
line-misses-upper-cloth = the line misses the upper cloth
two-pieces-do-not-meet = the two pieces do not meet
trim-by-landmarks = { $kind ->
    [half-square-triangle] The ruler’s 45° line lies on the seam, which runs into both corners.
    [quarter-square-triangle] The ruler’s 45° line lies on one seam; both run into the corners and cross in the middle.
    [split-quarter-square] The ruler’s 45° line lies on the long seam, which runs into both corners; the short one ends in the corner between them.
    [flying-geese] The point lies { $at } from both ends of its side, { $seam } below the edge; the seams end in the corners, { $seam } inside.
    [square-in-a-square] Each point lies { $at } from the corners of its side, { $seam } inside the edge.
    [corner-flip] The ruler’s 45° line lies on the seam, whose ends are { $at } from the corner along either edge, { $seam } inside.
    [half-rectangle-triangle] The seam runs through the spots { $seam } inside two opposite corners, not into the corners themselves.
    [strip-set] A line of the ruler lies along a seam, { $at } from the edge.
   *[other] {""}
}
trim-to-size = Lay the ruler's line on the seam first, then read the numbers: trim two sides, turn, trim the rest to { $size }.
trimmed-off-all-round = There is { $by } to cut off on each side.
trimmed-off = There is { $sides }.
trimmed-off-at = { $by } to cut off at the { $sides }
side-of-a-work = { $side ->
    [left] left
    [right] right
    [top] top
   *[bottom] bottom
}
trim-with-ruler = Take your ruler of { $ruler }{ $marks ->
    [finished] , which is numbered by finished sizes, and read { $read }
   *[unfinished] {""}
}.
trim-beyond-ruler = It is larger than your widest ruler, { $ruler }: lay two side by side.
trim-folded = Trim it while it is still folded: the ruler’s corner lies on the square corner, its marks for { $size } along both edges lie on the stitching, where it ends. Cut both edges, and the tips beyond the stitching.
check-a-small-one = Check that it measures { $size }; it comes out a little small, since the ruler has no mark for its cuts.
check-nothing-to-trim = Check that it measures { $size }; there is nothing to trim but the points that stick out.
step-cut = Cut { $pieces }.
pieces-to-cut = { $count } of { $fabric } { $size }{ $lengths }{ $then ->
    [one-diagonal] , cut once on the diagonal
    [both-diagonals] , cut on both diagonals
   *[other] {""}
}{ $hand ->
    [right] {" "}from bottom left to top right, right side up
    [left] {" "}from top left to bottom right, right side up
   *[none] {""}
}
the-middle = the middle
press-side-then-open = Set the seam with the iron and press it to one side; then, from the back, open it with the tip of the iron; press up and down, never push.
press-open = Set the seam with the iron, then press it open; press up and down, never push.
press-one-side = to one side
press-toward = toward { $fabrics }, { $why ->
    [darker] the darker
    [bulk] away from the bulk
   *[outward] so that the next seam lies flat
}
press-to = Set the seam with the iron, then press it { $toward }; press up and down, never push.

## work

seam-holds-layers-shut = another seam holds the layers shut
nothing-holds-the-layers = nothing holds the layers together
