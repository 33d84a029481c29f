## put

is-drawn-with-seams = is drawn with seams, not put in

## grid

cannot-all-be-removed = cannot all be removed; a block has at least one
are-already-the-most = are { $most } already, the most there can be

## checks

lies-outside-grid = lies outside the grid
is-none-of-the-blocks-fabrics = “{ $key }” is none of the block's fabrics
comes-out-too-fine = comes out finer than can be kept; take a rounder length
seams-are-too-many = are more than { $most_seams }; rub some out first
have-no-such-line = have no such line
is-no-colouring-of-this-block = is no colouring of this block

## beginning

lines-cannot-be-read = say how many, such as 3, or their proportions, such as 1 2 1

## move line

have-no-such-place = have no such place

## put colouring


## line length

whole-block = the whole block { $fault }
leaves-nothing-for-the-others = leaves nothing for the others; take less, or let the block grow

## move edge

have-no-such-line-between-them = have no such line between them
would-leave-a-line-empty = would leave a column or row with nothing

## paint

touch-the-inside = lies on a seam; touch the inside of { $what ->
    [unit] a unit
   *[patch] a patch
}

## mates

mates-need-a-square-grid = need as many rows as columns to turn by a quarter; choose a half turn or a mirror

## sew

is-where-the-seam-begins = is where the seam begins; choose another point
is-no-seam = is no seam of this block; choose one that is drawn

## repeat quarter

quarter-needs-even-lines = needs an even number of columns and rows for a quarter to be repeated

## proportions

proportions-one-for-each = need { $lines } proportions, one for each

## choose method

is-no-way-to-make-it = is no way to make it; the ways are { $names }
is-no-part-of-it = is no part of it; its parts are { $parts }
no-parts = none that can be set by themselves

## mates


## which places of the block are mates

mates-none = none
mates-half-turn = half turn
mates-quarter-turns = quarter turns
mates-left-right = mirror left and right
mates-top-bottom = mirror top and bottom
mates-both-ways = mirror both ways
mates-diagonals = mirror on the diagonals
mates-all = turns and mirrors
is-divided-one-way = has nothing to tell for this unit: it is divided in one way; leave it empty
bars-are-told-so = are the widths of the bars in proportion, 2 to { $most } of them, such as 1 2 1
checks-are-told-so = are columns by rows, 1 to { $most } of each, such as 3 x 4
rounds-are-told-so = is how many rounds, 1 to { $most }
