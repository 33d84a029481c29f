## why a seam is pressed as it is

pressed-by-hand = Turned by hand.
pressed-open = Open, as { $why ->
    [others] the others of its kind
   *[all] you press all
}.
pressed-toward = Toward the { $where }{ $wish ->
    [own] , as you set it for this unit
    [never] , so that no allowance lies under a fabric that you want kept clear
    [nest] , so that its end nests where it meets another seam
    [to-dark] , toward the darker cloth, as you always press
    [spin] , so that its neighbours along the seam can be spun as well
    [point] , away from the point or the middle, so that the next seam lies flat
    [dark] , so that no dark allowance lies under a lighter patch
    [bulk] , away from the side with more seam ends and points, which is bulkier
    [row] , the same way as the other seams of its row
    [alike] , as the joins that are alike
    [habit] , toward the darker cloth, out of habit
   *[none] ; the other way would serve as well
}.
side-of-a-join = { $way ->
    [up] top
    [down] bottom
    [left] left
   *[right] right
}, under { $fabrics }
so-many-fabrics = { $count } fabrics

## what the parts of a block are called

part-patch = { $fabric } { $letter }
part-unit = unit { $unit }
part-piece = piece
named-piece-of-step = { $place } of step { $step }
middle-of-a-block = the middle
round-of-a-block = { $number ->
    [1] the first round
   *[other] round { $number }
}
quarter-of-a-block = the { $vertical ->
    [upper] upper
   *[lower] lower
} { $across ->
    [left] left
   *[right] right
} quarter
line-of-a-block = { $where ->
    [first] { $kind ->
        [row] the top row
       *[column] the left column
    }
    [last] { $kind ->
        [row] the bottom row
       *[column] the right column
    }
    [middle] { $kind ->
        [row] the middle row
       *[column] the middle column
    }
   *[inner] { $kind ->
        [row] row { $number }
       *[column] column { $number }
    }
}
lines-of-a-block = { $kind ->
    [row] rows { $first } to { $last }
   *[column] columns { $first } to { $last }
}
piece-of-step = the piece of step { $step }

## how seams meet

meeting-means = { $state ->
    [nested] the seams nest: their allowances lie to opposite sides
    [spun] spun: all four allowances turn round the crossing
    [open] one seam is open: pin it, it neither nests nor clashes
   *[bulky] bulky: both allowances lie to the same side
}
so-many-meetings = { $count } { $state ->
    [nested] nested
    [spun] spun
    [open] open
   *[bulky] bulky
}
no-seams-meet = No seam meets another inside a third.
seams-meet = Seams meet in { $places ->
    [one] one place
   *[other] { $places } places
}: { $states }.
dark-under-light = { $dark } lies dark under { $light }
dark-at-seams = { $dark }, at { $seams ->
    [one] one seam
   *[other] { $seams } seams
}.

## the order of joining

order-the-one = The block can be joined in one order.
order-proposed = By { $order ->
    [rows] rows
    [columns] columns
    [quarters] quarters
    [chained] columns in one chain over all rows
   *[units] units
} is proposed{ $why ->
    [bulky] : it leaves the fewest bulky meetings
    [across] : it has the fewest seams right across the block
   *[same] ; the other orders come to the same
}.

## how good a pressing is

pressing-all-open = All seams are pressed open.
pressing-proved = Proved: under your wishes no other pressing is better.
pressing-in-doubt = The time for looking ran out; this is the best found. By the wish “{ $wish }” it costs { $costs }; no pressing could cost less than { $least }.

## blocks side by side

beside-none = No seams end on edges that lie beside each other in a straight set.
beside-open = Pressed open, the blocks' edges do not nest; pin them.
beside-one-plan = One plan does for all blocks.
beside-plan-1 = Press the block by plan 1.
beside-two-plans = Press { $first ->
    [one] one block
   *[other] { $first } blocks
} by plan 1 and { $second ->
    [one] one block
   *[other] { $second } blocks
} by plan 2, and lay them like the squares of a board.
beside-nests = Their edges nest side by side.
beside-place = { $at } along the { $edge ->
    [side] side
   *[top] top
}
beside-cannot-nest = { $left } of { $met } places on the edges cannot nest: { $places }.

## stacks, and what is laid wrong

stack-lies = Stack { $stack } lies { $turned ->
    [quarter] a quarter turn too far
    [half] upside down
   *[three-quarters] a quarter turn short
}.
turn-back = { $turned ->
    [quarter] Turn it back a quarter, to the left.
    [half] Turn it half round.
   *[three-quarters] Turn it on a quarter, to the right.
}
stack-is-a-spare-mirror-image = Stack { $stack } is a mirror image of unit { $unit }, which comes along as a spare.
stack-is-the-mirror-image = Stack { $stack } is unit { $unit }, the mirror image.
take-the-unit = Take unit { $unit } for it.
stacks-are-swapped = Stacks { $one } and { $other } are swapped.
change-them-over = Change them over.

## steps

make-by-recipe = Make the { $kind } { $unit } by its recipe: { $method }.
sew-one-to-the-other = Sew { $one } to { $other }, { $up } up.
sew-two-alike = Sew two together: { $one } to { $other }, the { $side ->
    [up] upper
    [down] lower
    [left] left
   *[right] right
} one up.
sew-part-of-the-seam = Sew only part of this seam now; it is finished later.
trip-to-the-iron = Trip { $trip } to the iron: { $seams ->
    [one] one seam
   *[other] { $seams } seams
}{ $from_stacks ->
    [0] {""}
    [one] , from stack { $stacks }
   *[other] , from stacks { $stacks }
}
then-to-the-iron = Then to the iron: press what { $count ->
    [one] step { $steps }
   *[other] steps { $steps }
} sewed.
start-at-the-point = At the point, where it must be exact; sew away from it.
that-makes-the-unit = That makes the { $kind } { $unit }.
set-it-in = Set it in: stop at the dot before the corner and sew each side by itself.
why-pressed = { $count ->
    [0] {""}
   *[other] { $count } of{" "}
}{ $one } to { $other }: { $why }
