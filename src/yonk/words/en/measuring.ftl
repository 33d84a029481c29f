## what can be measured

measure-block = { $where ->
    [top] along the top edge
    [middle] across the middle
    [bottom] along the bottom edge
    [left] along the left edge
    [center] down the middle
    [right] along the right edge
    [diagonal-down] from the top left corner to the bottom right
   *[diagonal-up] from the bottom left corner to the top right
}
measure-unit = a { $kind } { $unit }{ $way ->
    [across] , across
    [down] , from top to bottom
   *[none] {""}
}
measure-part = { $part }{ $way ->
    [across] , across
    [down] , from top to bottom
   *[none] {""}
}
measure-between = { $patch }, from seam to seam { $way ->
    [across] across
   *[down] from top to bottom
}
measure-made = { $join ->
    [none] the piece { $where }
   *[other] the piece { $where }, of join { $join }
}
measure-place = { $place ->
    [first-first] at the top left
    [first-middle] at the top
    [first-last] at the top right
    [middle-first] on the left
    [middle-middle] in the middle
    [middle-last] on the right
    [last-first] at the bottom left
    [last-middle] at the bottom
   *[last-last] at the bottom right
}
patch-alone = patch { $letter }
patch-there = patch { $letter } { $where }
unit-there = unit { $unit } { $where }
measure-kind-unit = As you sew: units, trimmed
measure-kind-row = As you sew: rows, before they are joined
measure-kind-column = As you sew: columns, before they are joined
measure-kind-part = As you sew: parts, before they are joined
measure-kind-block = The finished block, from raw edge to raw edge
measure-kind-between = The finished block, from seam to seam
size-cannot-be-so-far = cannot be so far from { $meant }; look whether it was read right

## the verdict on a trial block

verdict = { $verdict ->
    [good] Good: everything is within a reading of what it must be.
    [ease] Ease it: what is off is little enough to be eased where it is joined.
    [trim] Trim it: it is too large, and can be trimmed to its size.
    [take-back] Take back the seams that are named, and sew them anew.
    [press-again] Press it again, folds opened and corners square, and measure anew.
    [measure-again] Measure once more: nothing explains these sizes yet.
   *[cut-again] Cut these pieces again: what is too small cannot be mended.
}
a-hair = a hair
cause-where = { $kind ->
    [letter] patch { $which }
    [unit] unit { $which }
    [row] row { $which }
    [column] column { $which }
   *[other] { $kind } { $which }
}
cause-patch = { $patch }
cause-line = what is cut by line { $line } of the list
cause-seam = the seam between { $one } and { $other }
whole-seam = along the whole of it
seam-end = at its { $side ->
    [left] left end
    [right] right end
    [top] upper end
   *[bottom] lower end
}
cause = { $kind ->
    [one-seam] { $what } takes up { $by } { $way ->
        [more] too much
       *[less] too little
    } { $end }
    [press-somewhere] the folds inside { $what } are not opened, { $by } at each seam
    [trim-somewhere] { $what } was trimmed { $by } { $way ->
        [more] too large
       *[less] too small
    }
    [stretch] { $what } was stretched on the bias, { $by } along its slant
    [seam] each seam takes up { $by } { $way ->
        [more] too much
       *[less] too little
    }
    [cut] { $what } was cut { $by } { $way ->
        [more] too large
       *[less] too small
    }
    [trim] the units were trimmed { $by } { $way ->
        [more] too large
       *[less] too small
    }
    [press] { $way ->
        [more] the folds are not opened, { $by } at each seam
       *[less] the cloth was stretched by { $by } a seam
    }
   *[skew] the block is { $by } out of square{ $way ->
        [more] {""}
       *[less] , the other way
    }
}
nothing-explains = Nothing that usually goes wrong explains these sizes; measure once more.
may-also-be = It may also be that { $causes } ({ $chance }).
something-else = That it is something else: { $chance }.
look-at = { $what ->
   *[fold] Lift a fold with a pin and look: where it is not opened, it is the pressing, else the seam.
}
looks = { $looks ->
    [bowed-in] bowed in
    [bowed-out] bowed out
    [wedge] a wedge
    [wavy] wavy
    [all-small] all small
    [all-large] all large
    [leaning] leaning
   *[good] good
}
so-sure = { $causes }; { $chance } sure.
percent = { $chance } %
percent-over-99 = over 99 %
percent-under-1 = under 1 %

## what is foretold

range = { $low } to { $high }
most-to-ease = Most must be eased at step { $step }: { $usual } on average, { $most } at most in nine of ten.
predict-one-patch = One patch has no seams that could go wrong.
no-change-helps-much = No single change helps much: { $before } of the blocks will be good.
change-helps = { $change ->
    [seam] Correct the seam by what it is off
    [trim] Cut the units larger and trim them
    [cut] Cut twice as exactly
    [steady] Sew twice as steadily
   *[ruler] Use a ruler that has marks for the plain patches
}: then { $after } of the blocks will be good, not { $before }.

## the seam

off-by-nothing = right
a-thread = a thread
seam-off = { $size } too { $way ->
    [wide] wide
   *[narrow] narrow
}
size-off = { $size } { $way ->
    [over] over
   *[short] short
}
seam-never-tested = No seam was tested yet; whatever is foretold stands on first guesses.
seam-has-changed = Something has changed: { $before ->
    [one] the test
   *[other] the { $before } tests
} before do not count any more.
seam-each-is = Each seam is { $off }, by { $tests ->
    [one] one test
   *[other] the last { $tests } tests
}.
seam-unsteady = Right on average, but unsteady: one seam in three is off by more than { $spread }.
seam-learnt = Learnt: { $count } in a row are within { $within }.
seam-within = { $off }, which is within { $within }, by { $tests ->
    [one] one test
   *[other] the last { $tests } tests
}.
seam-is-right = The seam is right, by { $tests ->
    [one] one test
   *[other] the last { $tests } tests
}.
change-sew-the-first = Sew the first test strip.
change-cut-strips-anew = The strips were cut { $was }, not { $meant }: cut them anew before you change the machine.
change-move-the-needle = Move the needle one step to the { $way ->
    [right] right
   *[left] left
}, or the guide { $by } { $way ->
    [right] nearer
   *[left] farther away
}; then test again.
change-nothing-and-test-again = Change nothing, and test again: three tests tell how steady it is.
change-sew-slower = Leave the needle where it is; sew slower along a guide, and watch the guide.
change-nothing-or-the-blocks = Change nothing, or cut your blocks for the seam that you sew.
change-nothing = Change nothing.
guess = { $what ->
    [seam_error] a seam is { $size }
    [seam_spread] seams spread by { $size }
    [cut_spread] cuts by { $size }
   *[trim_spread] trimmed sides by { $size }
} ({ $whose ->
    [guess] a first guess
    [trial] by the trial block
   *[hers] yours
})
setup-not-told = nothing told of machine or cloth
strips-too-narrow = leaves nothing between two such seams; cut wider strips
far-from-the-left-one = is far from what the left one measures; look whether it was read right
far-from-what-is-meant = is far from { $meant }; look whether it was read right
day-to-come = lies in days to come; tell the day when it was sewn

## how exactly she works

figure-within = A seam may be off by
figure-cut-spread = Cut pieces spread by
figure-trim-spread = Trimmed sides spread by
figure-tolerance = A block may be off by
so-many-times = { $count ->
    [0] never
    [1] once
    [2] twice
    [3] three times
    [4] four times
   *[5] five times
}

## what a trial block says for the rest

rest-mind = { $kind ->
    [one-seam] Pin that seam in the rest, and measure it before you sew on.
    [cut] Measure the first pieces of the rest before you cut the others.
    [trim] Measure the first unit of the rest before you trim the others.
    [stretch] Handle slanted edges of the rest as little as you can; press, do not push.
   *[skew] Square each part of the rest before you join it.
}
remedy = { $do ->
    [needle] Set the needle { $by } to the { $way ->
        [right] right
       *[left] left
    }, or the guide as much { $way ->
        [right] nearer
       *[left] farther away
    }.
    [cut-for-seam] Cut for the seam you sew: { $sewn }, not { $seam }{ $finer ->
        [finer] , with a ruler marked to { $step }
       *[same] {""}
    }.
    [margin] Cut the units of the rest { $by } larger and trim them.
    [method] Make another way: { $ways }.
    [press] Open every fold of the rest with the iron before you measure.
   *[nothing] Change nothing.
}
remedy-way = { $kind } { $way }
remedy-good = { $after } of the blocks will be good, { $before } as it is.
remedy-nothing = { $before } of the blocks will be good.
strip-left-over = A strip { $length } long gave { $pieces } and left { $left }: cut the next { $next } long for { $wanted }, with { $squaring } to square it up.

## several trial blocks

look-before-you-join = Look at it before you join it.
nothing-measured = Nothing measured yet.
trial-of-another-size = It was of another size.
trial-of-another-drawing = It was drafted otherwise.
trial-was-cut = It was cut { $how }.
trial-cut = { $what ->
    [seam] for a seam of { $size }
    [trim_margin] with { $size } to trim
   *[ruler_step] by a ruler marked to { $size }
}
remedy-head = { $helps ->
    [some] What helps the rest, foretold
   *[none] Nothing that could be changed brings more good blocks
}
