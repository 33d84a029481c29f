## on hand

must-be-no-more-than-the-pieces = must be from 1 to the number of pieces

## samples

kind-has-no-size-by-itself = is none that has a size by itself; take one of { $kinds }
must-be-less-than-the-width = must be less than the width; for a square take a half-square triangle

sample-fabric = the { $number ->
    [first] first
    [second] second
   *[third] third
} fabric
