## for which blocks it is cut

stage-all = all blocks
stage-trial = one trial block
stage-rest = the blocks after the trial
cutting-summary = { $size } finished, { $seam } seam allowance, { $blocks ->
    [one] 1 block
   *[other] { $blocks } blocks
}

## cloth and strips

new-cloth = new cloth
fat-quarters = { $count ->
    [one] 1 fat quarter
   *[other] { $count } fat quarters
}
so-many-strips = { $count ->
    [one] 1 strip
   *[other] { $count } strips
} { $height }
so-many-of = { $count } of { $size }
strip-and-its-cuts = { $height } strip: { $cut }
bought-nothing = nothing
bought-yards = { $length } yd
bought-metres = { $length } m
bought-centimetres = { $length } cm
