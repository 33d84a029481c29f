# What the pages of finder say.

finder-the-chart = The chart
finder-finished-from = Finished from
finder-csv = CSV
finder-cut = Cut { $column }
finder-what-can-i-make-from = What can I make from these?
finder-is-this-number-right = Is this number right?
finder-size-finder-yonk = Size finder · Yonk
finder-questions = Questions
finder-what-you-work-with = What you work with
finder-ruler-steps = ruler steps
finder-trim-margin = trim margin
finder-finished-size = Finished size
finder-you-were-told-to-cut = You were told to cut the { $role }
finder-it-is-right = right: { $size } { $what } { $further }
finder-you-were-told-to-cut-piece = You were told to cut piece { $number }
finder-type-the-number-that-you = Type the number that you were told, and it is sewn and measured.
finder-it-must-measure-unfinished = It must measure { $unfinished } unfinished.
finder-unit = Unit
finder-made = Made
finder-by-square-if-empty = by (square if empty)
finder-of-how-many-fabrics = Of how many fabrics
finder-nothing-the-pieces-are-too = Nothing: the pieces are too small, or too few fabrics are among them.
finder-the-largest-finished-size-of = The largest finished size of each unit, on the ruler. The pieces are shared out evenly over the fabrics.
finder-gives = Gives
finder-from = From
finder-how-to-use-the-pieces = How to use the pieces
finder-trimmed = Trimmed
finder-pieces = { $pieces ->
    [one] { $pieces } piece
   *[other] { $pieces } pieces
}
