# Was auf dem Tisch liegt.

## was auf dem Tisch liegt

table-is-no-json = ist kein JSON; schick, was auf dem Tisch liegt, als Datei im Format yonk-table/1
table-no-such-fabric = dieser Block hat keinen Stoff „{ $fabric }“
table-no-such-unit = dieser Block hat keine Einheit { $unit }
table-need = { $fabric } { $width } × { $height }: { $there } von { $wanted } da, { $left } zu schneiden
table-enough = { $enough ->
    [yes] Es reicht.
   *[no] Es reicht nicht.
}
way-out-true-cut = nichts
way-out-smaller-margin = Schneide, was noch fehlt, mit weniger zum Nachschneiden: { $margin } statt { $before }.
way-out-another-way = Mach, was noch fehlt, auf andere Art: { $kind } { $way }.
way-out-fewer-blocks = Mach { $blocks ->
    [one] einen Block
   *[other] { $blocks } Blöcke
} statt { $before }.
way-out-length = { $length } { $fabric }
way-out-buy = Kauf { $lengths }, { $width } breit, soweit nutzbar.
