## what was not foreseen, and what cannot be

fabric-is-not-tied = { $fabric } is tied to none of the fabric shelf
nothing-is-cut-of = nothing is cut of { $fabric }
leftovers-were-put-back = the leftovers of { $fabric } were put on the shelf already
is-no-piece-of-this-unit = is no piece of this unit
size-cannot-be-read = is not a size; write one length for a square, 4 1/2 x 2 1/2 for a rectangle
left-is-the-whole-strip = is as long as the strip was; tell what was left of it
note-is-empty = is empty; write what you want to keep
join-is-not-of-this-block = is none of this block's; open the step anew
too-many-sign-in = Too many try to sign in just now; try again in a moment.
no-accounts-here = This Yonk is for one quilter and has no accounts.
work-takes-too-much-memory = This takes more memory than there is for it; draw fewer seams or take fewer blocks.
work-takes-too-long = This takes longer than { $seconds } seconds; draw fewer seams or take fewer blocks.

a-text-holds-half-a-sign = A text holds half a sign, which no program can write; type it anew.
the-database-does-not-answer = The database does not answer, so it is not sure what was kept. Your draft waits in the browser and is saved when it is back; nothing is saved twice.
nothing-at-this-address = There is nothing at this address.
address-takes-no-such-request = This address does not take such a request.
request-cannot-be-read = This request cannot be read; it is sent as JSON.
something-not-foreseen = Yonk came upon something it did not foresee; nothing of your draft is lost.
request-is-too-large = This is larger than { $most } MB, the most there can be.
it-came-too-slowly = What was sent came too slowly; send it again.
only-at-its-own-addresses = Yonk answers only at its own addresses.
only-from-its-own-pages = Yonk takes changes only from its own pages.

## the draft

in-a-hundred = {" "}in 100
as-drafted = As drafted
numbers-are-kept = The numbers are kept: { $size } now, with the seam, margin and ruler that are usual in { $unit ->
    [in] inches
   *[cm] centimetres
}.
convert-it-to = Convert it to { $size }
unit-and-label = { $kind } { $unit }
unit-spoken = { $kind } { $unit }{ $hand ->
    [left] , left-handed
    [right] , right-handed
   *[none] {""}
}, { $fabrics }
one-over-the-other = { $one } over { $other }
on-the-ruler = on the ruler: { $size }
pieces-left-over = { $spare } of the { $pieces } pieces left over

## cutting

running-count = { $count ->
    [one] { $last } of { $whole }
   *[other] { $first } to { $last } of { $whole }
}
layout-of-new-cloth = New cloth
layout-from-the-shelf = From the shelf: { $piece }
cut-and-not-needed = { $what } { $count ->
    [one] is
   *[other] are
} cut, but not needed any more{ $good ->
    [0] {""}
    [one] ; 1 is still good
   *[other] ; { $good } are still good
}.
made-and-not-needed = { $count } × “{ $step }” { $count ->
    [one] is
   *[other] are
} made, but not needed any more
cut-on-diagonals = { $subcut ->
    [one-diagonal] cut once on the diagonal
   *[both-diagonals] cut on both diagonals
}
cut-so-often = { $subcut ->
    [one-diagonal] once
    [both-diagonals] twice
   *[none] {""}
}
under-a-sixteenth = under 1⁄16″
half-yard = half a yard
precut-square-10 = precut square 10
precut-square-5 = precut square 5
precut-strip = precut strip
half-metre = half a metre
precut-square-25 = precut square 25
precut-square-12-5 = precut square 12.5
fat-quarter = fat quarter
fat-eighth = fat eighth

## the finder

own-whole-unit = the whole unit
own-margin-counts = { $margin }{ $set ->
    [part] , as set for this part
    [unit] , as set for this unit
    [kind] , as set for its kind
   *[block] , as for the whole block
}
own-press = { $press ->
    [dark] to the darker
    [open] open
    [outward] away from the point or the middle
    [side-then-open] first to one side, then open
   *[block] as the block’s pressing has it
}

own-trimmed = { $trimmed ->
    [pressed] pressed first
    [folded] while still folded
   *[block] as for the whole block
}
part-role = { $role ->
    [base] base
    [centre] centre
    [corner] corner
    [goose] goose
    [half] half
    [patch] patch
    [quarter] quarter
    [sky] sky
    [square] square
   *[strip] strip
}
use-each-as-it-is = use each { $size } piece as it is
cut-so-many = cut { $pieces }
nothing-to-trim = nothing to trim
side-is = { $size } { $what ->
    [trim] to trim
   *[short] short
}{ $way ->
    [across] {" "}across
    [down] {" "}down
   *[both] {""}
}
finder-too-small-by-far = Too small by far: the seams take up nearly all of these pieces.
finder-cannot-be-sewn = It cannot be sewn: the pieces are so small that the seams do not meet.
finder-too-small = Too small: it comes out { $size }, { $short }.
finder-not-as-drafted = It comes out { $size }, but not as drafted: a point or a seam allowance is cut into.
finder-right = Right, with nothing to trim: it comes out { $size }.
finder-loose-flaps = Larger than need be: it comes out { $size }, with { $trim }; the small squares lie { $flap } over each other and leave loose flaps in the middle, which must be cut away.
finder-works = It works: it comes out { $size }, with { $trim }.
chart-to-trim = { $seam } seam allowance, ruler of { $step } steps, { $trim } to trim
chart-cut-true = { $seam } seam allowance, ruler of { $step } steps, cut true, nothing to trim

## measuring

strips-measured = { $sizes } of strips cut { $cut }
test-cut-strips = Cut three strips { $wide } wide and { $long } long.
test-sew-strips = Sew them side by side, as you sew a block, and press as you press a block.
test-measure-middle = Measure the middle one between its seams: it must be { $size }.
measured-when-block-was-another = { $place }: { $size } was measured when the block was another; it does not count any more.

## quilts

origin-is-gone = A block of this quilt is not on the shelf any more; the quilt keeps its copy.
origin-was-changed = { $block } was changed on the shelf since it was taken.
alike-neighbours = { $pairs ->
    [0] No two touch that should not.
    [one] One pair touches{ $how ->
        [proved] : proved, none cannot be
        [some] {""}
       *[free] {""}
    }.
   *[other] { $pairs } pairs touch{ $how ->
        [proved] : proved, no fewer can
        [some] ; at least { $least } must
       *[free] {""}
    }.
}
so-many-places = { $columns } × { $rows }, { $blocks ->
    [one] 1 block
   *[other] { $blocks } blocks
}
sashing-so-wide = sashing { $wide }
border-so-wide = border { $wide }
no-sashing = no sashing
no-border = no border
size-differs = { $by } { $way ->
    [wider] wider
    [narrower] narrower
    [higher] higher
   *[lower] lower
}
just-so = just so
cloth-of-a-top = { $area } { $unit ->
    [in] square yards
   *[cm] square metres
} of cloth
a-plain-square = a plain square
row-and-place-and-other = row { $row }, place { $place } and row { $other_row }, place { $other_place }
pair-vanishes = { $pair } nearly vanish into each other along { $share } % of their edge.
pairs-vanish = { $which }: { $pairs } pairs nearly vanish into each other along { $share } % of their edge, the first { $first }.
one-beside-the-other = { $one } beside { $other }
one-beside-itself = { $one } beside itself
somebody-who-left = somebody who left

## recipes

so-many-shapes = { $count } { $shapes } { $size }
strip-size = { $wide } × { $long } long
no-unit-is-made-on-a-foundation = has no unit that can be sewn on a foundation: straight seams must take it apart
cut-the-other-way = { $count } of them the other way, for the mirror images
prints-lie = { $prints ->
    [upright] stay upright
    [stripes] only one-way prints turn
   *[turned] turn
}
so-likely-within = { $chance } within { $within }
bias-sides = { $sides ->
    [0] none
    [one] 1 side
    [4] all four sides
   *[other] { $sides } sides
}
bonus = { $count } half-square triangles { $size } finished
is-wider-than-your-ruler = { $cut } is wider than your { $ruler } ruler: lay a second one beside it, or cut by the lines of the mat.
spare-units = { $spare ->
    [0] none
   *[other] { $spare }
}{ $mirrored ->
    [0] {""}
   *[other] , { $mirrored } of them mirror images
}
none-of-it = none
area = { $area } { $unit ->
    [in] in²
   *[cm] cm²
}
inches = { $length }″
lot-singly = Cut the patches singly; join them as the block shows. A { $kind } has no quicker way.
lot-together = Together they give all { $count }.
lot-gives = This gives { $units ->
    [one] 1 { $kind }
   *[other] { $units } of these units
}{ $mirrors ->
    [yes] , half of them mirror images
   *[no] {""}
}; do it { $times ->
    [one] once
   *[other] { $times } times
}.

## sewing

sewn-and-gone = { $count } were sewn of “{ $step }”; the block has none of these now.
press-in-lots = Unit { $unit }: press { $first } to one side and { $second } to the other; { $bulky ->
    [0] every meeting nests
   *[other] only { $bulky } stay bulky
}.
open-the-seam = Open the seam of step { $step }, so that it lies flat where it meets another.
rows-of-columns = { $rows } rows of { $columns }
one-patch-nothing-to-sew = The block is one patch; there is nothing to sew.
in-one-chain = in one chain
in-chains = in { $chains ->
    [one] 1 chain
   *[other] { $chains } chains
} of { $size }{ $last ->
    [0] {""}
   *[other] {" "}and one of { $last }
}
stack-and-stack = stack { $one } and stack { $other }
from-stacks = from { $stacks }{ $more ->
    [yes] ; …
   *[no] {""}
}

## letters

letter-invites-head = { $who } invites you to Yonk
letter-invites =
    { $who } invites you to sew along on Yonk.

    Open this link to choose a name and a password; it holds until { $until }:
    { $link }
letter-password-head = A new password for Yonk
letter-password =
    { $who } gives you a new start on Yonk.

    Open this link to choose a new password; it holds until { $until }:
    { $link }
what-is-in-the-zip = Blocks are parcels: a block file with its log and photos, which Yonk takes in as they are. Quilts are quilt files. The fabric shelf and the seam log are JSON and CSV.
cut-from-a-piece = { $what } from { $count ->
    [one] a piece
   *[other] { $count } pieces
} { $size }
way-out-spoils = { $count ->
    [one] One piece or unit that is there serves
   *[other] { $count } pieces or units that are there serve
} for nothing then.
table-strip = { $count ->
    [one] a strip { $height } × the width
   *[other] { $count } strips { $height } × the width, in layers
}
table-strip-into = { $fabrics }: { $strip } → { $pieces }
layout-of-what-there-is = There is: { $piece }
sheet-marks-not-seen = Of the four marks in the corners fewer than three are seen. Lay the page flat and photograph all of it, in even light.
sheet-code-not-read = The code on the page cannot be read. Type the letters beside it, or photograph it from nearer.
sheet-not-printed-here = This Yonk knows no such sheet: it was printed by another one, or by another person’s account.
sheet-has-no-such-box = names a box that the sheet does not have; read the photo again
sheet-tells-cut = { $what } cut
sheet-tells-cut-down = { $what } cut down
sheet-tells-step = { $count } × { $step }
from-a-printed-sheet = from paper: { $sheet }
way-out-takes = { $more ->
    [yes] About { $minutes } min longer.
   *[no] About { $minutes } min shorter.
}
border-at-sides-and-ends = border { $sides } at the sides, { $ends } above and below
blocks-redrafted = blocks redrafted to { $side }
cloth-of-a-fabric = { $fabric } { $area } { $unit ->
    [in] yd²
   *[cm] m²
}
