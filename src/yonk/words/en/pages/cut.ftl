# What the pages of cut say.

cut-one-trial-block = one trial block
cut-the-rest-after-it = the rest after it
cut-all-at-once = all at once
cut-nothing-is-to-be-cut = Nothing is to be cut at this stage. { $see_all }
cut-see-all-blocks = see all blocks
cut-all-from-the-shelf = all from the shelf
cut-all-cut = all cut
cut-of-lines-cut = { $done } of { $lines } { $lines ->
    [one] line
   *[other] lines
} cut
cut-from-the-trial-block = From the trial block
cut-head-from-the-trial-block = From the trial block:
cut-see-what-was-measured = See what was measured
cut-how-this-cloth-is-bought = How this cloth is bought
cut-from-the-fabric-shelf = From the fabric shelf
cut-not-tied-to-any = not tied to any
cut-the-strip-before = The strip before
cut-the-next-strip = The next strip
cut-strips-cut-alike-drawn-once = , strips cut alike drawn once
cut-layout-of = Layout of { $name }
cut-straighten-the-end-here-first = Straighten the end here first
cut-strip-of = Strip { $place } of { $strips }: { $strip }
cut-cutting-list-of = Cutting list of { $name }
cut-the-print-points-arrows-show = The print points: arrows show where to.
cut-all-is-cut = All cut.
cut-nothing-to-buy = Nothing to buy
cut-the-strips-need-no-layout = the strips need { $needed }; no layout could do with less than { $least }
cut-from-the-shelf-first = From the shelf first: { $pieces }
cut-wider-than-the-cloth-take = Wider than the cloth: { $cuts }. Take wider cloth or join it first.
cut-layouts = Layouts
cut-out-of = from { $strips };
cut-for-pieces = for { $purpose }; pieces { $running }
cut-cut-so-far = ; { $done } cut so far
cut-left-over-and-worth-keeping = Left over and worth keeping: { $pieces }
cut-the-leftovers-are-on-the = The leftovers are on the shelf.
cut-the-cutting-is-done-put = The cutting is done: put the leftovers on the shelf
cut-sheets = Sheets
