# What the pages of common say.

common-yonk = { $name } · Yonk
common-draft = Draft
common-cut = Cut
common-sew = Sew
common-measure = Measure
common-set = Set
common-steps = Steps
common-redo = Redo
common-keys = Keys
common-bring-it-back = Bring it back
common-earlier-states = Earlier states
common-to-the-page = To the page
common-yonk-the-shelf-of-blocks = Yonk: the shelf of blocks
common-colour = Colour
common-value = Value
common-light = light
common-medium = medium
common-dark = dark
common-print = Print
common-solid = solid
common-all-over-print = all-over print
common-stripes = stripes (both ways up)
common-directional-print = one way up
common-what-is-meant-by = What is meant by { $word }?
common-all-words = All words
common-close = Close
common-picture-of = Picture of { $name }
common-everything-of-on-paper = Everything of { $name } on paper
common-laying-out-the-pages = Laying out the pages …
common-pages = { $count ->
    [one] 1 page
   *[other] { $count } pages
}
common-the-first-pictured = , the first { $pictures } pictured
common-page-smaller = Page { $number }, smaller
common-page-larger = Page { $number }, larger
common-print-at-100-so-that = Print at 100 %, so that templates keep their size.
common-keep-as-pdf = Keep as PDF
common-open-to-print = Open to print
common-skip = Skip
common-print-and-take-along = Print and take along
common-letter = Letter
common-paper = Paper
common-everything-looked-at-first = Everything, looked at first
common-fetching-the-page = Fetching the page …
common-this-page-could-not-be = This page could not be shown
common-try-again = try again
common-smaller = Smaller
common-larger = Larger
common-the-block = The block
common-fabrics-to-cut = Fabrics to cut
common-for-which-blocks = For which blocks
common-at-the-cutting-table = At the cutting table
common-buy = Buy
common-or = or { $fat_quarters }
common-back = Back
common-the-working = The working
common-handed = , { $hand }-handed
common-finished = finished { $finished }
common-take-out = take out
common-none = none
common-change = Change { $name }
common-change-it = change
common-name = Name
common-keep = Keep
common-block-file = Block file
common-column-finished = Finished
common-finished-width = Finished width
common-finished-height = Finished height
common-unit-of-length = Unit of length
common-inches = inches
common-cm = cm
common-columns = Columns
common-rows = Rows
common-in-steps-of = in steps of
common-take = take
common-turn = Turn
common-fabric-shelf = Fabric shelf
common-size-finder = Size finder
common-whose = { $owner }’s
common-note = Note
common-how-many = How many
common-find-a-block-by-its = Find a block by its name
common-find-by-name = Find by name
common-unfinished = Unfinished
common-seam-allowance = seam allowance
common-pieces = Pieces
common-blocks = Blocks
common-quilts = Quilts
common-times = { $times ->
    [one] once
   *[other] { $times } times
}
common-is-off-the-shelf = { $name } is off the shelf.
common-delete = Delete { $name }
common-delete-it = Delete
common-sewn = Sewn
common-take-words = Take { $words }
common-steps-of-sewing = Steps of sewing
common-done-of-total = { $done } of { $total }
common-of-total = of { $total }
common-cloth = Cloth
common-your-choice = your choice
common-seam-log = Seam log
common-centimetres = centimetres
common-language = Language
common-language-is-for = Pages, answers and paper speak it, from now on and wherever you sign in. Files that other programs read keep their names.
common-button-try-again = Try again
common-block-or-blocks = { $blocks ->
    [one] block
   *[other] blocks
}
common-count-of-blocks = { $blocks ->
    [one] { $blocks } block
   *[other] { $blocks } blocks
}
common-proposed-taken = proposed, taken
common-proposed = proposed
common-and = { $before } and { $last }
common-zoom = Zoom
common-zoom-more = Fit the page, or true size
common-zoom-fit = Fit the page
common-zoom-true-size = True size, as far as the screen tells it
common-print-of-cloth = Print
common-to = to
common-take-away = take away
common-go-to = Go to
common-the-house = Pages
common-open-lately = Open lately
common-find = Find
common-find-anything = Find an act, a page, a block, a fabric, a word
common-find-anything-by-key = Find anything by typing (Ctrl K)
common-what-was-found = What was found
common-nothing-is-called-so = Nothing here is called so.
common-words = Words
common-found-here = here
common-found-page = page
common-found-block = block
common-found-quilt = quilt
common-found-fabric = fabric
common-found-word = word
common-what-can-be-done-here = What can be done here
common-not-now = Not now
common-ground = { $ground ->
    [lamp] Lamp
   *[day] Day
}
common-ground-of-the-page = Light ground by day, dark ground by the lamp
common-undo = Undo
common-undo-by-key = Takes back the last change (Ctrl + Z)
common-redo-by-key = Does it again (Ctrl + Shift + Z)
common-files = Files
common-one-moment = One moment …
common-dyes = Dyes
common-shades = Darker and lighter
common-shade = Shade { $place } of 7, the darkest first
common-from-the-shelf = from the shelf
common-the-cloth-costs = All the cloth:
common-drawn = drawn
common-photographed = photographed
common-drawn-or-photographed = Cloth from drawn to photographed
