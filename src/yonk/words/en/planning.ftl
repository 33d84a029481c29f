## how a cut size came about

work-on-the-ruler = { $size } lies on the ruler
work-rounded = { $way ->
    [up] up
   *[nearest] to the nearest mark
}, to { $size }, on a ruler of { $step } steps

## strips that are longer than the cloth is wide

strip-one = 1 strip
strip-longer = longer than a width of fabric ({ $width })
strips-several = { $sets } strips of { $width } width of fabric, each for { $full ->
    [one] 1 unit
   *[other] { $full } units
}{ $last ->
    [0] {""}
   *[other] , the last for { $last }
}

## what is cut

shapes = { $shape ->
    [square] { $count ->
        [one] square
       *[other] squares
    }
    [rectangle] { $count ->
        [one] rectangle
       *[other] rectangles
    }
    [strip] { $count ->
        [one] strip
       *[other] strips
    }
    [triangle] { $count ->
        [one] triangle
       *[other] triangles
    }
   *[template] { $count ->
        [one] template
       *[other] templates
    }
}
shapes-cut = { $shapes } cut
cut-from = from { $rotary }
then-cut-each = { $subcut ->
    [one-diagonal] then cut each once on the diagonal
   *[both-diagonals] then cut each on both diagonals
}
then-cut-off = then cut off { $off }
corner-cut-off = the { $corner ->
    [top-left] top left
    [top-right] top right
    [bottom-right] bottom right
   *[bottom-left] bottom left
} corner, { $off } along each side
print-lies = { $lie ->
    [stands] longer side the way the print points
   *[lies] longer side across the print
}
diagonal-cut = { $hand ->
    [right] from bottom left to top right
   *[left] from top left to bottom right
}, right side up, { $laid ->
    [print] the print upright
   *[across] longer side across
}
strip-set-cut-into = sewn to its set, then cut across into { $count ->
    [one] 1 segment
   *[other] { $count } segments
} of { $size }
strip-set-last-short = { $strips ->
    [one] the last
   *[other] the last { $strips }
} only { $long } long; sewn to its set, then cut across into { $count ->
    [one] 1 segment
   *[other] { $count } segments
} of { $size }
segments-of-a-strip = { $count ->
    [one] 1 segment
   *[other] { $count } segments
} of a { $fabric } strip { $height } wide
so-many-cuts = { $count } { $fabric } { $shapes } { $size }{ $finished ->
    [yes] {" "}finished
   *[no] {""}
}{ $hand ->
    [right] , cut from bottom left to top right
    [left] , cut from top left to bottom right
   *[none] {""}
}
purpose-of-a-cut = { $letter }, { $kind } { $units }

## notices

column-and-row = column { $column }, row { $row }
from-to = { $start } to { $end }
loose-seam = A seam at { $where } ends at nothing and divides no patch; draw it on or rub it out.
more-loose-seams = { $count ->
    [one] One more seam ends
   *[other] { $count } more seams end
} at nothing.
set-in-seam = Near { $where } no straight seam joins patches { $letters }: one of them is set in, or a seam is sewn part way first and finished last.
to-mend-it = To mend it: { $ways }.
mend-size = take { $sizes } wide, where every cut is on the ruler
mend-width = take { $width } wide
mend-ruler = use a ruler of { $step } steps
mend-both-lines = make the columns and rows { $lines }
mend-lines = make the columns { $columns } and the rows { $rows }
template-needed = { $count ->
    [one] Patch
   *[other] Patches
} { $letters } cannot be cut with a ruler alone; print a template{ $foundations ->
    [0] {""}
    [one] , or sew unit { $units } on a printed foundation
   *[other] , or sew units { $units } on printed foundations
}.
patch-of-two-fabrics = A patch { $letter } is given { $kept } and then { $other }; { $kept } is kept.
method-not-suited = Unit { $unit }, a { $kind }, cannot be made { $chosen }; it is planned { $planned }.
made-in-mirrored-pairs = Unit { $unit } is { $hand ->
    [left] left
   *[right] right
}-handed and made in mirrored pairs: { $pairs }
mirror-images-come-with-them = { $count } mirror images come with them; they make a second, mirrored block, or are left over.
both-hands-from-the-same-lots = units { $one } and { $other } come out of the same lots, { $spare ->
    [0] none
   *[other] { $spare }
} over.
spares = Unit { $unit } ({ $kind }): { $method } makes { $makes }, { $needed ->
    [one] 1 is
   *[other] { $needed } are
} needed, { $spare } left over{ $mirrored ->
    [0] {""}
   *[other] , { $mirrored } of them mirror images
}.
loose-flap = Unit { $unit }: its small squares lie over each other by { $by }, more than { $most }; cut the loose corners away in the middle before you sew on, or set a smaller margin for its sky.
bias-on-outer-edges = Unit { $unit }, made { $method }, has bias on its outer edges: starch the cloth before cutting, with the room aired and as its maker says; press up and down, never push the iron.
made-so-it-stays-upright = { $method } it stays upright
more-lots-to-choose-from = { $lots ->
    [one] one lot
   *[other] { $lots } lots
} more to choose from would keep it upright{ $too ->
    [yes] {" "}too
   *[no] {""}
}{ $asks ->
    [cloth] {" "}({ $cloth } more)
   *[none] {""}
}
pieces-more = { $count } of { $fabric } { $size }
print-turns = Unit { $unit }, made { $method }: the print of { $fabrics } { $how ->
    [upside-down] lies upside down in some
    [strips] runs along its strips, which stand in the block
   *[turned] does not lie the same way in all
}; { $mend }.
hard-to-tell-apart = { $one } and { $other } lie side by side and are hard to tell apart; the seam between them will not show.

## off the ruler

off-in-a-row = ; { $across } in a row come out { $by } { $way ->
    [larger] larger
   *[smaller] smaller
}
patch-off-the-ruler = { $part ->
    [corner] A corner cut off patch { $letter }
   *[patch] Patch { $letter }
} is { $exact } exactly and { $on_ruler } on the ruler, { $by } { $way ->
    [larger] larger
   *[smaller] smaller
}{ $row }.

## the way proposed, and why

the-one-way = { $way }: the one way to make a { $kind }.
patches-one-by-one = { $way }: its patches are cut one by one, by ruler where a ruler serves and else by template.
as-you-chose = { $way }, as you chose.
so-many-made = { $count } made { $method }
because-a-print-turns-least = a directional print turns least so
because-corners-lie-on-marks = every corner is cut off at a mark
because-no-edge-is-on-the-bias = no outer edge is on the bias
because-small-ones-are-trimmed = so small a unit is better trimmed
way-makes-all = { $way }: { $pieces } make { $wanted ->
    [one] it
   *[other] all { $wanted }
}{ $spare ->
    [0] {""}
   *[other] {" "}with { $spare } to spare
}
way-and-why = { $made }, and { $why }.
way-and-the-next = { $made }; { $next }.
pairs-of-squares = { $pairs ->
    [one] 1 pair
   *[other] { $pairs } pairs
} of { $side } squares
pieces-cut = { $count ->
    [one] 1 piece
   *[other] { $count } pieces
} cut
next-has-nothing-to-trim = they are trimmed with { $trim } to spare, { $other } has nothing to trim
more-cloth = { $cloth } { $unit ->
    [in] in²
   *[cm] cm²
} more cloth
next-would-need = { $other } would need { $more }
next-comes-to-nearly-the-same = { $other } comes to nearly the same
more-of = { $count } more { $what ->
    [piece] { $count ->
        [one] piece
       *[other] pieces
    }
    [cut] { $count ->
        [one] cut
       *[other] cuts
    }
    [seam] { $count ->
        [one] seam
       *[other] seams
    }
   *[loose] { $count ->
        [one] loose bias edge
       *[other] loose bias edges
    }
}
more-things-to-do = { $count } more things to do

## what cannot be

squares-without-fabric = squares without a fabric
is-no-unit-of-this-block = is no unit of this block
way-is-not-there = is no way to make it
end-before-start = is smaller than the start; turn them round
chart-has-too-many-rows = makes more than { $most_rows } rows; take a larger step
seams-must-run-round-it = The chosen cells are not closed by seams: a patch reaches out of them. Choose them so that seams run all round.
nothing-to-unite = No plain patches of one fabric lie side by side there so that a rectangle comes of them.
part-not-closed = What was to be made as one unit at { $where } is not closed by seams any more; it is made as the seams run. Choose it anew, or make it apart again.
