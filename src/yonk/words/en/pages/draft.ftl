# What the pages of draft say.

draft-draft-of-arrow-keys-move = Draft of { $name }. Arrow keys move between cells; question mark shows the keys.
draft-colourings-of = Colourings of { $name }
draft-the-same-draft-in-other = The same draft in other fabrics. The cutting list adds all of them up; two that share a fabric share its strips and squares.
draft-blocks = blocks
draft-blocks-as-drafted = Blocks as drafted
draft-name-of-the-colouring = Name of the colouring
draft-blocks-of = Blocks of { $name }
draft-mirror-image = mirror image
draft-fabric-becomes = { $name } is
draft-fabric-in-colouring = { $fabric } in { $colouring }
draft-take-it-away = take it away
draft-colouring = + colouring
draft-trim-margin = Trim margin
draft-seam-allowance = Seam allowance
draft-ruler-step = Ruler step
draft-cutting-list = Cutting list
draft-list-for = for
draft-number-of-blocks = Number of blocks
draft-with-all-colourings = { $all_blocks } with all colourings
draft-how-pieces-of-units-are = How pieces of units are cut
draft-lines-of-the-cutting-list = Lines of the cutting list
draft-what-to-do-first = What to do first
draft-first-put-a-unit = Choose a unit on the left and touch a cell, or drag it there; or draw a seam.
draft-first-paint = Touch a fabric below, then Paint, to give patches their cloth.
draft-first-the-list = What to cut stands here as soon as something is drawn.
draft-from-a-patterns-list = From a pattern’s list …
draft-for-purpose = for { $purpose }
draft-how-each-unit-is-made = How each unit is made
draft-finished-unfinished = { $finished } finished, { $unfinished } unfinished
draft-these = these { $method_words }
draft-how-unit-is-made = How unit { $label }, { $words }, is made
draft-proposed = proposed{ $way }
draft-makes-spare = makes { $makes }, { $spare } spare
draft-before-you-cut = Before you cut
draft-drafting = Drafting { $name }
draft-for-the-server-marked-on = { $changes } for the server, marked on the board. They are kept in this browser; Undo takes back the last.
draft-changes-wait = { $waiting ->
    [one] One change waits
   *[other] { $waiting } changes wait
}
draft-patch = Patch { $face_letters }
draft-in-unfinished = in { $words } { $label }, unfinished { $unfinished }
draft-is-cut = cut { $size }
draft-finished-sizes-of = { $axis ->
    [columns] Finished widths of the columns
   *[rows] Finished heights of the rows
}
draft-finished-size-of = Finished size of { $one } { $index }
draft-add-one-after = add one after
draft-close = Close { $one } { $index }
draft-finished-change-it = { $one } { $index }: { $finished } finished; change it
draft-drag-the-grid-line-it = Drag the grid line; it stops on the ruler
draft-fabrics-in-hand = Fabrics in hand
draft-in-hand = { $slot } in hand: { $fabric }
draft-fabrics-of-the-block = Fabrics of the block
draft-take-in-hand = Take { $name } in hand
draft-take-in-hand-patches = Take { $name } in hand ({ $value }, { $print }, { $patches } { $patches ->
    [one] patch
   *[other] patches
})
draft-fabric = + fabric
draft-colourings = colourings{ $count }
draft-name-of-a-new-fabric = Fabric
draft-next-fabric = Add the next fabric and take it in hand; change its name and colour when you like
draft-right-side-is-hard-to-see = The right side is hard to see: mark the wrong one
draft-points = Points
draft-up = up
draft-right = right
draft-down = down
draft-left = left
draft-swap-everywhere-with = Swap everywhere with
draft-choose-a-fabric = choose a fabric
draft-swap = Swap
draft-take-it-out-of-the = Take it out of the block
draft-take-away = Take away
draft-picture-as-png = Picture as PNG
draft-bring-in = Bring in
draft-seams-from-an-svg-drawing = Seams from an SVG drawing …
draft-an-earlier-state-of-this = An earlier state of this block …
draft-svg-drawing = SVG drawing
draft-seams-from-a-drawing = Seams from a drawing
draft-snap-its-points-to = Snap its points to
draft-parts-of-a-cell = { $count ->
    [one] the corners of the cells
   *[other] { $count } parts of a cell
}
draft-the-drawing-is-fitted-to = The drawing is fitted to the block by its own outline. Its straight lines take the place of all seams here.
draft-look = Look
draft-take-the-seams = Take the seams
draft-move-the-cell-cursor-on = move the cell cursor (on the board)
draft-shift-arrows = Shift + arrows
draft-take-in-more-cells = take in more cells
draft-enter-or-space = Enter or Space
draft-do-what-the-tool-does = do what the tool does at the cursor
draft-go-to-the-board-to = go to the board, to the cutting list
draft-the-step-before-and-after = the step before and after
draft-look-at-a-patch-its = look at a patch: its sizes are said below the board
draft-put-units-in = put units in
draft-turn-what-is-there = turn what is there
draft-choose-cells-to-copy-paste = choose cells, to copy, paste, turn or mirror them
draft-draw-a-seam-enter-at = draw a seam: Enter at its start, Enter at its end
draft-rub-out-a-stretch-of = rub out a stretch of seam
draft-next-patch-in-the-cell = next patch in the cell (to paint) or next stretch (to rub out); with Seam the next seam, whose ends Enter takes in hand
draft-turn-the-unit-in-hand = turn the unit in hand
draft-mirror-the-unit-in-hand = mirror the unit in hand
draft-take-a-fabric-in-hand = take a fabric in hand
draft-key-comma-and-point = , and .
draft-the-unit-before-and-after = the unit before and after in the tray
draft-next-mates = next mates
draft-ctrl-c-ctrl-v = Ctrl + C, Ctrl + V
draft-copy-the-cells-put-the = copy the cells, put the copy at the cursor
draft-ctrl-z = Ctrl + Z
draft-ctrl-shift-z-ctrl-y = Ctrl + Shift + Z, Ctrl + Y
draft-this-sheet = this sheet
draft-mates = Mates
draft-do-it-at-the-matching = Do it at the matching places too (M)
draft-size-and-grid = Size and grid:
draft-finished-finished = { $finished } finished · { $columns } × { $rows }
draft-unfinished = { $unfinished } unfinished
draft-size-chart = size chart
draft-size-chart-of = Size chart of { $name }
draft-finished-width-from = Finished width from
draft-work-it-out = Work it out
draft-cut-sizes-by-letter-a = Cut sizes by letter. A size is marked where every cut lies on the ruler.
draft-on-the-ruler = On the ruler
draft-take-this-size = Take this size
draft-off = { $off } off
draft-take-finished = Take { $finished } finished
draft-touch-a-patch-to-see = Touch a patch to see its sizes; nothing is changed (L)
draft-put-in = Put in
draft-put-the-unit-in-hand = Put the unit in hand into a cell, or drag over a span of cells (U)
draft-turn-what-a-cell-or = Turn what a cell or a dragged span holds (T)
draft-cells = Cells
draft-choose-cells-to-copy-paste-turn = Choose cells, to copy, paste, turn, mirror or repeat them (C)
draft-paint = Paint
draft-give-a-patch-the-fabric = Give a patch the fabric in hand (P)
draft-seam = Seam
draft-draw-a-seam-from-point = Draw a seam from point to point (S)
draft-rub-out = Rub out
draft-rub-out-a-stretch-of-seam = Rub out a stretch of seam (X)
draft-this-patch = this patch
draft-all-of-its-letter = all of its letter
draft-all-of-its-fabric = all of its fabric
draft-letters = Letters
draft-units-outlined = Units outlined
draft-units-apart = Units apart
draft-four-blocks-together = Four blocks together
draft-greyscale-to-judge-values = Greyscale, to judge values
draft-tools = Tools
draft-what-a-touch-does = What a touch does
draft-turn-it = turn it
draft-mirror-it = mirror it
draft-what-is-rubbed-out = What is rubbed out
draft-a-stretch = a stretch
draft-the-whole-seam = the whole seam
draft-what-is-painted = What is painted
draft-ruled-points = Ruled points
draft-view = View
draft-units-to-put-in = Units to put in
draft-no-fabric-yet = no fabric yet
draft-patch-unit = patch { $face_letters }, { $shape }, { $fabric }, unit { $unit_of }
draft-row-column = row { $row }, column { $column }: { $words }
draft-touch-a-patch-to-see-its = Touch a patch to see its sizes; nothing is changed.
draft-touch-a-cell-or-drag = Touch a cell, or drag over a span of cells, to put the unit in hand there.
draft-touch-a-cell-or-drag-over = Touch a cell, or drag over a span, to turn what it holds.
draft-touch-or-drag-over-cells = Touch or drag over cells to choose them; then copy, paste, turn, mirror or repeat.
draft-touch-a-patch-to-give = Touch a patch to give it the fabric in hand.
draft-drag-from-point-to-point = Drag from point to point to draw a seam; touch a seam to move one of its ends.
draft-touch-a-stretch-of-seam = Touch a stretch of seam to rub it out.
draft-turn-the-chosen-cells-by = Turn the chosen cells by a quarter
draft-mirror-the-chosen-cells-left = Mirror the chosen cells left for right
draft-ctrl-c = Ctrl + C
draft-ctrl-v = Ctrl + V
draft-repeat-the-top-left-quarter = Repeat the top left quarter, turned around the middle
draft-repeat-the-top-left-quarter-mirrored = Repeat the top left quarter, mirrored
draft-by = by
draft-seam-short = seam
draft-ruler = ruler
draft-key-brackets = [ and ]
draft-keys-paint = paint
draft-undo = undo
draft-redo = redo
draft-column-or-row = { $axis ->
    [columns] column
   *[rows] row
}
draft-move-back = { $axis ->
    [columns] ← move
   *[rows] ↑ move
}
draft-move-on = { $axis ->
    [columns] move →
   *[rows] move ↓
}
draft-first = first
draft-second = second
draft-third = third
draft-a-seam = a seam
draft-all-on-the-ruler = ● all
draft-corners = corners
draft-halves = halves
draft-thirds = thirds
draft-quarters = quarters
draft-eighths = eighths
draft-nothing-is-copied-yet = Nothing is copied yet: choose cells with the cursor and press Ctrl + C.
draft-cells-turn = turn
draft-cells-mirror = mirror
draft-cells-copy = copy
draft-cells-paste = paste
draft-cells-repeat-quarter = repeat quarter
draft-cells-mirror-quarter = mirror quarter
draft-finished-size = Finished
draft-trim-by = by
draft-bars = bars
draft-columns-by-rows = columns × rows
draft-rounds = rounds
draft-cells-unite = unite like
draft-plain-patches-of-one-fabric = Plain patches of one fabric side by side become one patch: the seams between them go
draft-cells-together = one unit
draft-made-as-one-unit = What the chosen cells hold is made as one unit: loose squares from strips, or any part on a printed foundation
draft-cells-apart = apart
draft-made-as-they-come = What was made as one unit there comes apart as the seams run
draft-menu-put-in = Put the unit in hand here
draft-menu-key-enter = Enter
draft-menu-paint = Paint it with the fabric in hand
draft-menu-take-fabric = Take this fabric in hand
draft-a-picture-under = A picture under the paper …
draft-a-picture-under-the-paper = A picture under the paper
draft-drag-the-corners = Drag the four corners to those of the block in the picture, or move one with the arrow keys. The picture stays in this browser.
draft-the-picture = The picture
draft-corner-upper-left = upper left
draft-corner-upper-right = upper right
draft-corner-lower-right = lower right
draft-corner-lower-left = lower left
draft-corner-of-the-block = Corner of the block, { $corner }
draft-lay-it-under = Lay it under the paper
draft-picture = Picture
draft-how-much-cloth-over-it = How much of the cloth is seen over the picture
draft-find-its-seams = Find its seams
draft-so-many-seams-seen = { $count ->
    [0] No seam is seen that is not drawn yet.
    [one] One seam is seen; touch it to take it, leave it with the right button.
   *[other] { $count } seams are seen; touch one to take it, leave it with the right button.
}
draft-take-them-all = Take them all
draft-leave-them = Leave them
draft-take-the-picture-away = Take the picture away
draft-seam-offered = Seam { $number } of { $count } in the picture: Enter takes it, Delete leaves it
