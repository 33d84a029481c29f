# What the pages of sew say.

sew-of-steps = of { $steps }
sew-about-left = , about { $span } left
sew-stop-the-clock = Stop the clock
sew-start-the-clock = Start the clock
sew-just-one-more = just one more
sew-the-blocks-are-sewn = The blocks are sewn
sew-next-step = Next step
sew-these-are-sewn = { $chain ->
    [one] This one is sewn
   *[other] These { $chain } are sewn
}
sew-space-bar = space bar
sew-turning-it-over = Turning it over …
sew-at-the-thickest-place-layers = { $label }; at the thickest place { $most } layers
sew-the-thickest-place-has-layers = The thickest place has { $most } { $most ->
    [one] layer
   *[other] layers
}.
sew-nowhere-do-seams-lie-over = Nowhere do seams lie over each other.
sew-seam-of-step-pressed = Seam of step { $step }, pressed { $toward }
sew-its-two-pieces = its two pieces
sew-right-sides-together-pinned-and = right sides together, pinned and sewn
sew-opened-and-pressed = opened and pressed
sew-drawing-it = Drawing it …
sew-the-block-laid-out = The block laid out
sew-all-stacks = all stacks
sew-lay-one-unit-of-each = Lay one unit of each stack in its place before you sew. Choose a stack to see only its slips.
sew-does-it-look-like-one = Does it look like one of these?
sew-nothing-in-this-block-looks = Nothing in this block looks different when it is turned or changed over.
sew-no-slip-of-this-stack = No slip of this stack would show.
sew-the-block-spread-with-gaps = The block spread with gaps
sew-stack = Stack { $number }: { $words }
sew-all-sewn = all { $total } sewn
sew-sewn-so-far = sewn so far
sew-sewn-in-one-chain = sewn in one chain
sew-press = Press
sew-match = Match
sew-places-where-seams-meet = { $to_match ->
    [one] one place where seams meet
   *[other] { $to_match } places where seams meet
}
sew-nine-of-ten-measure-across = Nine of ten measure { $width } across and { $height } down; { $chance } are good.
sew-over-a-block = { $total } over { $blocks }, { $per_block } a block
sew-blocks = { $blocks ->
    [one] one block
   *[other] { $blocks } blocks
}
sew-where-the-step-is-in = Where the step is in the block
sew-where-it-is-in-the = Where it is in the block; choose another seam to go to its step.
sew-longest-seam = longest seam
sew-seams-as-long = seams as long
sew-places-to-match = places to match
sew-checkpoints-before-the-last = checkpoints before the last
sew-meetings-that-nest = meetings that nest
sew-bulky-meetings = bulky meetings
sew-joined-by = Joined by …
sew-take-the-proposal = take the proposal
sew-the-part-from-column-row = The part from column { $column }, row { $row }: { $order }
sew-as-the-block = as the block
sew-other-steps = Other steps
sew-before = before
sew-next = next
sew-open-to-be-pinned = open, to be pinned
sew-front-and-back = Front and back
sew-the-front-of-the-block = The front of the block, an arrow at each seam
sew-numbers-of-the-steps = numbers of the steps
sew-the-front-an-arrow-tells = The front. An arrow tells where both allowances lie; choose a seam to see why, or to turn it.
sew-the-back-before-your-choice = The back before your choice
sew-and-now = And now
sew-the-back = The back
sew-about-the-pressing = About the pressing
sew-no-seam-is-chosen-click = No seam is chosen. Click one, or go to the picture and use the arrow keys.
sew-how-it-lies = How it lies
sew-about-a-seam-that-the = { $choices } about a seam that the block has no more.
sew-choices-are = { $misplaced ->
    [one] One choice is
   *[other] { $misplaced } choices are
}
sew-never-under = No allowance under
sew-do-so = do so
sew-block-beside-block = Block beside block
sew-plan-2-seams-are-pressed = Plan 2: { $second } seams are pressed otherwise
sew-plan-2-the-seams-that = Plan 2, the seams that are pressed otherwise
sew-seam-of-step = Seam of step { $step }
sew-in-unit = , in unit { $unit }
sew-seams-are-turned-on-the = Seams are turned on the block as drafted; its colourings follow.
sew-press-it = Press it
sew-leave-it-to-the-plan = leave it to the plan
sew-all-in-one-lot-again = all in one lot again
sew-see-step = see step { $number }
sew-looking-for-the-best-pressing = Looking for the best pressing … A large block takes a while; you can go to another step meanwhile.
sew-as-drafted = as drafted
sew-order-and-pressing = Order and pressing
sew-lay-it-out-first = Lay it out first
sew-of-joins-and-units-sewn = { $sewn } of { $to_sew } joins and units sewn
sew-at-the-machine = At the machine
sew-solving-the-pressing-anew-what = Solving the pressing anew … what you see is from before.
sew-sewing = Sewing { $name }
sew-taken-back = taken back { $times } { $buttons }
sew-once-more = once more
sew-one-less = one less
sew-min = { $minutes } min
sew-h-min = { $hours } h { $minutes } min
sew-chained = columns, chained over all rows
sew-quarters = quarters
sew-joins = joins
sew-nested = nested
sew-spun = spun
sew-bulky = bulky
sew-never = never
sew-measure-it = Measure
sew-of-the-trial-block = Of the trial block, before it is joined further
sew-what-can-be-done-this-evening = This evening
sew-i-have = I have
sew-minutes-an-evening = minutes an evening
sew-on = on
sew-done-by = to be done by
sew-looking-at-what-is-left = Looking at what is left …
sew-evening-by-evening = The evenings after it
sew-as-a-calendar-file = As a calendar file
sew-on-paper = On paper
sew-day-and-minutes = { $day }: { $minutes } minutes
sew-to-the-step = to the step
sew-monday = Mon
sew-tuesday = Tue
sew-wednesday = Wed
sew-thursday = Thu
sew-friday = Fri
sew-saturday = Sat
sew-sunday = Sun
sew-the-evening-of = The evening of { $day }
sew-one-went-wrong-for-good = One went wrong: its pieces are lost
sew-start = Start
sew-after-it = Then
sew-more-slips = Show { $count } more
