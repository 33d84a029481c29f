## a pattern's list

list-has-many-lines = has more than { $most } lines; leave out what is not of one block
list-is-empty = is empty; write a piece a line, such as “4 squares 3 1/2 Fog”
list-line-has-no-count = does not say how many; begin it with a count, such as “4 squares 3 1/2”
list-line-has-no-size = tells no size; write it as “4 squares 3 1/2” or “4 rectangles 2 1/2 x 4 1/2”
list-line-has-sizes = tells more than one size; give each a line of its own
list-line-is-no-square = is cut twice on the diagonal, but is no square
pattern-line-read = { $count } { $what } { $size }
pattern-line-verdict = { $word ->
    [too-small] too small: cut { $size }
    [larger] larger than needed: { $size } would do
   *[right] right
}
pattern-line-left = nothing is made of { $count ->
    [one] one piece
   *[other] { $count } pieces
}
pattern-made = { $count } × { $what }, { $size } finished
pattern-made-smaller = they come out { $real }, not { $meant }
pattern-made-larger = they could be { $real }, and are trimmed for { $meant }
pattern-makes = These make a block of { $really } finished.
pattern-makes-as-told = These make { $really } finished, as the pattern says.
pattern-makes-not = These make { $really } finished, not { $wanted }.
pattern-sizes-differ = These do not go together: not all of them come out as large as the others need.
pattern-fills-no-block = These fill no block: their sizes and counts leave a gap or something over.
