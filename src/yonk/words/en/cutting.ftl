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
cloth-costs = { $parts ->
    [both] { $whole }: { $bought } to buy, { $shelf } from the shelf
   *[one] { $way ->
        [bought] { $whole } to buy
       *[shelf] { $whole } from the shelf
    }
}
money = { $amount } { $currency }
no-price = must be a price with at most { $digits } figures before the point and two after it, or empty
costs-of-some = { $priced } of { $all } fabrics have a price on the shelf
