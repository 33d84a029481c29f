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
