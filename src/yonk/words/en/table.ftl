# What lies on the table.

## what lies on the table

table-is-no-json = is not JSON; send what lies on the table as a file of the format yonk-table/1
table-no-such-fabric = this block has no fabric “{ $fabric }”
table-no-such-unit = this block has no unit { $unit }
table-need = { $fabric } { $width } × { $height }: { $there } of { $wanted } there, { $left } to cut
table-enough = { $enough ->
    [yes] There is enough.
   *[no] There is not enough.
}
way-out-true-cut = none
way-out-smaller-margin = Cut what is still to be cut with less to trim: { $margin }, not { $before }.
way-out-another-way = Make what is still to be made in another way: { $kind } { $way }.
way-out-fewer-blocks = Make { $blocks ->
    [one] one block
   *[other] { $blocks } blocks
}, not { $before }.
way-out-length = { $length } of { $fabric }
way-out-buy = Buy { $lengths }, { $width } wide as far as it can be used.
table-unit-is-gone = this block has no such unit any more; open the step again
way-out-other-fabric = Make { $changed ->
    [one] one
   *[other] { $changed }
} of { $blocks } blocks with { $other }, not { $fabric }.
way-out-other-fabric-of-letter = Make all patches { $letter } of { $other }, not { $fabric }, the same in every block.
way-out-pieced = { $count } of { $fabric }, { $size } long, from { $longer } × { $across } and a strip { $strip } × { $across }
way-out-pieced-all = Piece patches from two, where it shows least: { $patches }.
pieced-part = patch { $letter }, pieced from { $longer } and { $strip } to { $size }
way-out-blocks-of-quilt = Make { $changed ->
    [one] one
   *[other] { $changed }
} of { $blocks } blocks with { $other }, not { $fabric }: { $pattern ->
    [corners] those in the corners
    [ring] those along the edge
    [middle] those in the middle
    [every-other] every other one
    [every-other-and-corners] every other one, beginning in the corner
    [every-other-row] every other row
    [outer-rows] the first row and the last
   *[all] all of them
}.
way-out-smaller-quilt = Make { $columns } × { $rows } blocks, not { $before } × { $rows_before }: { $size }.
evening-planned-cut = Cut { $what }: { $count ->
    [one] one strip
   *[other] { $count } strips
}{ $left ->
    [0] , then all of it is cut
   *[other] , { $left } left
}
evening-planned-sew = { $what } { $count } of these{ $left ->
    [0] , then the step is done
   *[other] , { $left } left
}; press them.
evening-all-done = All is cut and sewn.
evening-too-many = That takes more than { $evenings } evenings; it is not planned to its end.
evening-done-on = Done on { $day }, in { $evenings ->
    [one] one evening
   *[other] { $evenings } evenings
}.
evening-a-week = { $left } blocks are left: { $blocks } a week to be done by { $day }.
evening-not-in-time = So it will not be done by { $day }; { $minutes ->
    [0] there is no evening until then.
   *[other] it would be with { $minutes } minutes an evening.
}
evening-by-her-pace = By your own pace, as the clock measured it.
evening-by-guess = By a first guess. The clock at the machine and at the cutting table puts it right.
evening-title = { $block }: evening { $number } of { $evenings }
evenings-of = { $block }: evening by evening
evening-and-minutes = { $day }, { $minutes } minutes
evening-line = { $what } ({ $minutes } min)
evening-in-colouring = { $colouring }: { $what }
evening-step-of-top = Step { $step }, { $what }
evening-planned-one-by-one = { $what }{ $whole ->
    [1] {""}
   *[other] : { $count } of { $whole }{ $left ->
        [0] , then the step is done
       *[other] , { $left } left
    }
}
