## on hand

must-be-from-1-to = must be from 1 to { $most_pieces }
must-be-from-1-to-number = must be from 1 to the number of pieces

## samples

is-none-that-has-size-by = is none that has a size by itself; take one of { $kinds }
must-be-less-than-width-for = must be less than the width; for a square take a half-square triangle

sample-fabric = the { $number ->
    [first] first
    [second] second
   *[third] third
} fabric
