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
finder-a-patterns-list = Is this pattern right?
finder-name-from-a-list = From a list
finder-pieces-of-the-pattern = The pieces of the pattern, one a line
finder-pattern-example = { $unit ->
    [cm] Fog:
        4 squares 9
        2 squares 10, cut once diagonally
        Peat:
        2 squares 10, cut once diagonally
        1 square 9
   *[in] 4 squares 3 1/2 Fog
        2 squares 3 7/8 Fog, cut once diagonally
        2 squares 3 7/8 Peat, cut once diagonally
        1 square 3 1/2 Peat
}
finder-pattern-help = How many, the size it is cut to, its fabric, and how it is cut further. A line with a fabric and a colon holds for the lines below it.
finder-finished-width-it-tells = Finished width the pattern tells
finder-each-line-by-itself = Each line by itself
finder-as-it-is-read = As it is read
finder-what-is-to-say = What is to be said of it
finder-what-they-make = What they make
finder-one-way-to-lay-them = One way to lay them; turn and swap them on the board.
finder-draft-this-block = Draft this block
finder-more-ways = { $count ->
    [one] 1 more way
   *[other] { $count } more ways
}
finder-first-way-alone = only the first way
