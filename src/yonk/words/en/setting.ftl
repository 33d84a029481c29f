block-in-colouring = { $block } in { $colouring }
## add colourings

has-no-colourings = has no colourings; make some in its draft first

## named

is-no-fabric-of-the-quilt = “{ $key }” is no fabric of the quilt or its blocks
key-is-no-block-of-the-quilt = “{ $key }” is no block of the quilt
is-no-place = is no place of the setting
is-no-border = is no border of the quilt

## set edge

edge-needs-a-fabric = is missing; give the edge a fabric first

## set sashing

sashing-needs-a-fabric = is missing; give the sashing a fabric first

## beginning

blocks-are-missing = are missing; choose at least one
blocks-are-in-two-units = are some in inches and some in centimetres; choose one kind

## borders

a-pieced-border-cannot-be-mitred = cannot be mitred; a pieced border has blocks or plain squares in its corners
is-no-block-of-the-quilt = is no block of the quilt
border-as-high-as-its-block = must be { $height }, as high as the block that it repeats
corners-need-a-fabric = is missing; the block is not square, so plain squares go into the corners
sew-a-spacer-first = { $sides ->
        [1] sew a border of { $spacer } on first
       *[other] sew a border of { $spacer } on first, at the sides and above and below
    }
fill-the-edge-with = fill it with { $fabric }
take-a-width = take { $width }
butt-the-border = butt its corners
cut-squares-more = cut { $squares ->
        [one] 1 square more
       *[other] { $squares } squares more
    } for them
print-turns-in-triangles = The print of { $fabric } cannot stand upright in all side triangles: a square gives one for each side of the quilt. To keep it upright, { $mend }.
print-lies-aslant = { $fabric } is sewn between blocks that stand on point, so its print lies aslant there.
other-halves-left = { $halves ->
        [one] 1 other half
       *[other] { $halves } other halves
    } of { $block } will be left over: each half block is cut from a whole one, beyond its diagonal.
border-eased = The sides that border { $number } goes along are up to { $by } { $way } than its repeats: pin the middle and both ends, and ease it in between.
border-is-of-one-width = goes round the corners, so it is as wide above and below as at the sides
take-another-block-width = take another width of block
border-does-not-fit = does not fit the sides evenly; { $mend }

## drawn

no-seam-along-the-diagonal = the block has no seam along its diagonal; let whole blocks be cut for the halves

## places

names-no-block = names no block of the quilt
is-larger-than-the-module = is larger than the module of { $module }; make the module larger
is-of-another-size = is { $size }, others are { $module }; give the setting a module and a frame
on-point-takes-squares = on point takes square blocks; set these straight
oblong-cannot-be-quartered = a block that is not square cannot be turned by a quarter

## plan

sashing-needs-its-ring = has no two blocks to lie between in a single row on point; give it its outer ring
half-blocks-end-short = half blocks do not reach the ends of the strips; give the sashing its outer ring, or take setting triangles
frame-needs-a-fabric = is missing; smaller blocks need a fabric to frame them
edge-has-no-fabric = The edge has no fabric yet: give the setting triangles one, or set half blocks.
border-corner-not-mitred = Border { $number }: its corner { $fault }.
other-seam = { $block } is cut for a seam of { $its }, the quilt for { $ours }.
of-block = { $block }: { $notice }

## quilt

is-none-of-blocks = is none of the block's
is-in-another-unit = is in { $its }, the quilt in { $ours }

## scrappy

spread-needs-two-blocks = must be at least two, so that they can be spread
spread-has-too-many = are too many to spread over so large a quilt; take fewer

## shared out

were-taken-over = were taken over
are-cut = are cut
are-sewn = are sewn
cannot-be-more-than-before = cannot be { $number }, since only { $most } { $words }
to-be-taken-over = { $left } to be taken over
all-taken-over = all taken over
more-taken-over-than-there-are = { $left } more taken over than there are
progress = Of { $wanted } blocks { $cut } are cut, { $sewn } sewn, { $handed_in } handed in; { $open_ones }.
few-left = only { $left } of { $wanted } blocks are
none-left = none of { $wanted } blocks is
cannot-take-so-many = cannot be { $count }: { $few } left to take
people-are-missing = are missing; choose who sews

## off the ruler

off-strips-that-frame = Strips that frame { $title }
off-framed-block = a framed block comes out { $whole } { $larger ->
    [larger] larger
   *[smaller] smaller
}
off-sashing-strips = Sashing strips
off-sashing-across = { $across } across the top make it { $whole } { $larger ->
    [larger] larger
   *[smaller] smaller
}
off-plain-squares = Plain squares
off-row = a row with { $across } comes out { $whole } { $larger ->
    [larger] larger
   *[smaller] smaller
}
off-quilt = the quilt comes out { $whole } { $larger ->
    [larger] larger
   *[smaller] smaller
}
off-border = Border { $number }
off-ending = ; { $does }
off-a-module = a module
off-a-width = a width
off-setting = { $what }: exactly { $exact } to be cut, { $cut } on the ruler, each { $by } too { $way ->
    [wide] wide
   *[narrow] narrow
}{ $ending }. To mend it: { $field } of { $sizes }.

## in words

purpose-side-triangle = side triangles
purpose-sashing = sashing
purpose-cornerstone = cornerstones
purpose-frame = frames
purpose-binding = binding
purpose-backing = backing
purpose-border = border { $number }
purpose-corner-triangle = corner triangles
purpose-alternate = every other place
takes-no-such-thing = takes no such thing; drag it onto a border, sashing, cornerstones, frames, the edge or plain squares
has-no-width = has no width; name a border, the sashing or the frames
