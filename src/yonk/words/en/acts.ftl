## put

is-drawn-with-seams-not-put = is drawn with seams, not put in

## grid

cannot-all-be-removed-block-has = cannot all be removed; a block has at least one
are-already-the-most = are { $most } already, the most there can be

## checks

lies-outside-grid = lies outside the grid
is-none-of-blocks-fabrics = “{ $key }” is none of the block's fabrics
comes-out-finer-than-can-be = comes out finer than can be kept; take a rounder length
are-more-than-rub-some-out = are more than { $most_seams }; rub some out first
have-no-such-line = have no such line
is-no-colouring-of-this-block = is no colouring of this block

## beginning

say-how-many-such-as-3 = say how many, such as 3, or their proportions, such as 1 2 1

## move line

have-no-such-place = have no such place

## put colouring


## line length

whole-block = the whole block { $fault }
leaves-nothing-for-others-take-less = leaves nothing for the others; take less, or let the block grow

## move edge

have-no-such-line-between-them = have no such line between them
would-leave-column-or-row-with = would leave a column or row with nothing

## paint

lies-on-seam-touch-inside-of = lies on a seam; touch the inside of a patch

## mates

need-as-many-rows-as-columns = need as many rows as columns to turn by a quarter; choose a half turn or a mirror

## sew

is-where-seam-begins-choose-another = is where the seam begins; choose another point

## repeat quarter

needs-even-number-of-columns-and = needs an even number of columns and rows for a quarter to be repeated

## proportions

need-proportions-one-for-each = need { $lines } proportions, one for each

## choose method

is-no-way-to-make-it = is no way to make it; the ways are { $names }
lies-on-seam-touch-inside-of-2 = lies on a seam; touch the inside of a unit

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
