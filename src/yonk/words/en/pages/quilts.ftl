# What the pages of quilts say.

quilts-blocks-of-the-quilt = Blocks of the quilt
quilts-take-it-anew = take it anew
quilts-take-one-more-block-in = Take one more block in
quilts-a-block = + a block
quilts-new-quilt = New quilt
quilts-a-new-quilt = A new quilt
quilts-its-blocks = Its blocks
quilts-search-blocks = Search blocks
quilts-search = search
quilts-set-them = Set them
quilts-a-fabric = + a fabric
quilts-a-fabric-for-the-quilt = A fabric for the quilt
quilts-together = Together
quilts-all-alike = all alike
quilts-quarter-turns-round-each-four = quarter turns round each four
quilts-every-other-one-turned = every other one turned
quilts-mirrored-in-the-middle = mirrored in the middle
quilts-back-to-the-quilts = Back to the quilts
quilts-fetching-the-quilt = Fetching the quilt …
quilts-name-of-the-quilt = Name of the quilt
quilts-quilt-file = Quilt file
quilts-the-top = The top
quilts-setting = Setting { $name }
quilts-finished = { $size } finished, { $blocks }
quilts-without-borders = ; { $top } without borders
quilts-look-at-it = Look at it
quilts-far-away = far away
quilts-the-quilt-top-arrows-go = The quilt top; arrows go from place to place, with Shift they swap it with the next one, R turns, M mirrors
quilts-row-place = Row { $row }, place { $column }
quilts-block-at-this-place = Block at this place
quilts-plain = plain
quilts-mirror = Mirror
quilts-hold-it-fast = hold it fast
quilts-touch-a-place-to-turn = Touch a place to turn it; drag one onto another to swap them.
quilts-turn-them = Turn them
quilts-spread-them = Spread them
quilts-corners-count-too = corners count too
quilts-take-in-the-colourings-of = take in the colourings of { $name }
quilts-pairs-of-neighbours-nearly-vanish = { $pairs ->
    [one] Two neighbours nearly vanish
   *[other] { $pairs } pairs of neighbours nearly vanish
}
quilts-setting-and-list = Setting and list
quilts-was-not-taken-it-is = { $name } was not taken: it is not JSON.
quilts-quilts-yonk = Quilts · Yonk
quilts-open-a-quilt-file = Open a quilt file
quilts-start-a-quilt = Start a quilt
quilts-fetching-the-quilts = Fetching the quilts …
quilts-no-quilt-yet-start-one = No quilt yet. Start one from the blocks of your shelf.
quilts-the-quilts-that-is-in = The quilts that { $name } is in
quilts-none-yet = None yet.
quilts-set-it-into-a-new = Set it into a new quilt
quilts-part-setting = Setting
quilts-straight-or-on-point = Straight or on point
quilts-straight = straight
quilts-on-point = on point
quilts-columns = columns
quilts-rows = rows
quilts-everywhere = Everywhere
quilts-block-everywhere = Block everywhere
quilts-the-same = the same
quilts-every-other = every other
quilts-sashing = Sashing
quilts-sashing-fabric = Sashing fabric
quilts-wide = wide
quilts-cornerstones = Cornerstones
quilts-no-cornerstones = no cornerstones
quilts-round-the-outside-too = round the outside too
quilts-edge = Edge
quilts-fabric-of-the-setting-triangles = Fabric of the setting triangles
quilts-blocks-float-by = blocks float by
quilts-what-fills-the-sides = What fills the sides
quilts-setting-triangles = setting triangles
quilts-half-blocks-a-whole-one = half blocks, a whole one cut for each
quilts-half-blocks-pieced-as-drafted = half blocks, pieced as drafted
quilts-frame-to = Frame to
quilts-module = Module
quilts-frame-fabric = Frame fabric
quilts-fabric-of-border = Fabric of border { $number }
quilts-pieced-from = pieced from
quilts-corners-of-pieced-border = Corners of pieced border { $number }
quilts-a-block-in-each-corner = a block in each corner
quilts-width-of-border = Width of border { $number }
quilts-corners-of-border = Corners of border { $number }
quilts-sides-first = sides first
quilts-top-first = top first
quilts-where-half-blocks-lie = where half blocks lie
quilts-all-round = all round
quilts-left-and-right = at the left and right
quilts-above-and-below = above and below
quilts-width-of-border-above-and-below = width of border { $number } above and below
quilts-with-a-spacer-that-makes-it-fit = with a spacer that makes it fit
quilts-mitred = mitred
quilts-take-off = take off
quilts-borders = Borders
quilts-a-border = + a border
quilts-backing = Backing
quilts-no-backing = no backing
quilts-over-on-each-side = over on each side
quilts-binding = Binding
quilts-no-binding = no binding
quilts-cut = cut
quilts-grain-of-the-binding = Grain of the binding
quilts-straight-grain = straight grain
quilts-on-the-bias = on the bias
quilts-a-size-to-reach = A size to reach
quilts-as-wide-as = as wide as
quilts-as-long-as = as long as
quilts-how = How?
quilts-the-bed-and-its-drop = The bed and its drop, or the wall; finished.
quilts-the-whole-top = The whole top
quilts-to-cut-for-the-whole = To cut for the whole top
quilts-cut-size = Cut size
quilts-for = For
quilts-looking-for-the-best-pressing = Looking for the best pressing of the whole top …
quilts-sewing-the-top = Sewing the top
quilts-by-rows = by rows
quilts-by-quarters-smaller-pieces-at = by quarters: smaller pieces at the machine
quilts-the-top-as-it-is = The top as it is sewn; each arrow crosses a seam toward the side that it is pressed to
quilts-how-is-sewn = How { $name } is sewn
quilts-all-done = { $total ->
    [one] done
   *[other] all { $total } done
}
quilts-done-so-far = done so far
quilts-cloth-for-the-whole-top = Cloth for the whole top
quilts-from-the-shelf-first = From the shelf first
quilts-some-is-wider-than-the = some is wider than the cloth
quilts-how-it-is-made = How it is made
quilts-long-strips = Long strips
quilts-greys = greys
quilts-border = Border { $number }
quilts-throw-of = { $name } throw
quilts-how-it-is-set = Set
quilts-back-of-it = Back
quilts-how-it-is-sewn = Sewn
quilts-blocks-and-fabrics-to-put-in = blocks and fabrics to put in
quilts-width-of-part = width: { $part }
quilts-what-is-in-hand-and-chosen = what is in hand and chosen
quilts-block-in-hand = { $name } in hand: touch a place, or drag over several
quilts-fabric-in-hand = { $name } in hand: touch what it goes onto
quilts-onto-part = onto { $part }
quilts-lay-it-down = lay it down
quilts-places-chosen = { $places ->
    [one] 1 place
   *[other] { $places } places
}
quilts-empty = Empty
quilts-another-layout = another layout
quilts-rules = { $rules ->
    [0] rules
    [one] 1 rule
   *[other] { $rules } rules
}
quilts-rule-never = { $one } never touches { $other }
quilts-rule-together = { $one } always touches { $other }
quilts-rule-one = block or fabric
quilts-rule-how = never or always
quilts-rule-other = the other one
quilts-never-touches = never touches
quilts-always-touches = always touches
quilts-add-the-rule = add the rule
quilts-picture-of-way = how it looks: { $words }
quilts-pieces-cut = { $pieces ->
    [one] 1 piece
   *[other] { $pieces } pieces
} cut
quilts-places-let-go = { $places ->
    [one] 1 place that was laid by hand is
   *[other] { $places } places that were laid by hand are
} let go
quilts-block-and-how-many = { $name }, { $count }
quilts-the-quilt-is-sewn = The quilt is sewn
quilts-more-blocks = more blocks
quilts-fewer-blocks = fewer
quilts-a-new-border = a new border
quilts-new-sashing = sashing between the blocks
quilts-a-block-of-the-shelf-in-hand = A block of the shelf is in hand: touch or sweep over places
quilts-columns-and-rows-by-arrows = { $columns } × { $rows } places: drag the corner, or use the arrows, for more or less
quilts-menu-of-fabric = of { $fabric }
quilts-menu-lay = Lay { $block } here
quilts-menu-border-off = Take the border off
