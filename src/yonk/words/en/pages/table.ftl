# What the pages of the table say.

table-was-not-kept = What you told was not kept. { $message }
table-waits = { $count ->
    [one] One entry waits
   *[other] { $count } entries wait
} for Yonk’s server. Nothing is lost; it is told when the server answers.
table-take-back = Take back: { $words }
table-what-was-told = what was told last
table-cut-so-far = cut so far
table-so-many = { $count } cut of { $words }
table-one-went-wrong = One went wrong
table-one-wrong = one went wrong of { $words }
table-it-is-now = It is now
table-width-of-it = width of what is left of it
table-height-of-it = height of what is left of it
table-keep-it = Keep that
table-of-no-use = It is of no use
table-serves = { $pieces } lie there and serve: cut them down. Ticking the line tells that it is done.
table-what-there-is-of = What there is of { $name }
table-all-there-is-of = this is all there is of { $name }
table-more-of = there is more of { $name }
table-there-is-only = There is only { $pieces }.
table-used-up = { $name } is used up.
table-there-is-more = There is more, or more is bought
table-missing = No cloth for { $cuts }.
table-it-suffices = It suffices for all that is still to be cut.
table-recut = What went wrong still gives:
table-cut-so = it is cut so
table-usable-pieces-of = Pieces of { $name }, straightened and without selvages
table-piece-width = width
table-piece-length = length
table-piece-count = how many
table-not-there = not there
table-another-piece = another piece
table-that-is-all = That is all there is
table-this-is-all-there-is = This is all there is
table-looking-for-ways = Looking for ways out; each is tried …
table-what-can-be-done = What can be done
table-before = as it is
table-after = as it would be
table-figures = { $blocks ->
    [one] One block
   *[other] { $blocks } blocks
}, { $pieces } pieces still to cut.
table-no-cloth-for = No cloth for { $count } of them.
table-how-it-is-cut-then = How it is cut then
table-do-so = Do so
table-more = Not as planned
table-take-back-keys = Ctrl + Z
table-in-units = ; { $count } of { $wanted } are sewn into units already
table-only-what-there-is = only what there is
table-in-lots = ; { $count } of { $wanted } are not needed: the pieces lie there for another way of making these units
table-step-of = Strip { $place } of { $steps }, { $done } done
table-layers = Layers
table-nothing-to-cut = Nothing is left to cut.
table-done = Done
table-is-done-next = Done already: next
table-space-bar = space bar
table-next-step = Next
table-for = for { $purpose }
table-there = { $there } of { $of } are there.
table-only-so-many = Only so many
table-how-many-are-cut = How many of it are cut?
table-tell-so = So many are cut
table-which-went-wrong = Which one went wrong?
table-what-is-left = What is left of { $piece } that can be used:
table-nothing-is-left-of-it = A strip of a strip set that went wrong is cut again; only what is good is counted.
table-away = Yonk’s server does not answer. This is what was opened last; what you tell waits.
table-on-the-phone = On the phone
table-scan-it = Scan the square with the phone’s camera, or type the address. It lets this phone in once, within ten minutes, and what is told on either adds up.
table-alone = This Yonk can be reached from this machine alone; a phone cannot open it. README tells how Yonk is served on the network.
table-square-of = Square to be scanned: { $address }
table-letting-in = Letting this phone in …
table-from-strip-to-strip = From strip to strip
table-from-paper = From paper: read what was ticked …
table-yonk-from-paper = Yonk: from paper
table-what-was-ticked-on-paper = What was ticked on paper
table-paper-how = Drop a photo or a scan of a printed list or sewing sheet here. It is read on this Yonk’s own machine, and not kept.
table-choose-a-photo = Choose a photo or a scan
table-take-a-photo = Take a photo
table-reading-the-page = Straightening the page and reading its boxes …
table-page-of = { $title }, page { $page }
table-the-page-as-it-was-read = The page as it was read
table-as-it-was-read = What is ticked
table-is-it-ticked = Not sure: is this ticked?
table-yes-it-is = Yes
table-no-it-is-not = No
table-ticked-of = { $ticked } of { $boxes }
table-box-of = box { $number } of { $words }
table-it-tells = This tells the table
table-nothing-new = Nothing that the table does not know already.
table-say-first = { $count ->
    [one] Say first whether the box that is not sure is ticked.
   *[other] Say first whether the { $count } boxes that are not sure are ticked.
}
table-tell-the-table = Tell the table
table-is-told = It is told.
table-to-the-list = To the cutting list
table-to-the-sewing = To the sewing
table-read-another = Read another page
table-letters-beside-the-code = Letters beside the code
table-page-number = page
table-read-it-so = Read it so
table-no-boxes-on-it = There is nothing to tick on this page.
