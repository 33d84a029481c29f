is-as-wide-as-the-cloth = is as wide as the cloth; take a narrower strip

## the list of the whole top

whole-top = the whole top
wide-cloth-of = { $fabric }, wide
of-block-a-purpose = { $block }: { $purpose }
to-be-joined = { $purpose }, to be joined
bias-binding = bias binding

## what long strips are joined from

join-strips = { $purpose }: join strips { $wide } wide, { $strips }, { $how ->
    [straight] straight across
   *[diagonal] on the diagonal
}; cut { $lengths } from it.
join-at-seams = { $purpose }: cut strips { $wide } wide, { $strips }; join them { $how ->
    [straight] straight across
   *[diagonal] on the diagonal
}, each join at a seam of the blocks, where it shows least: { $places }.
join-from-one-end = { $count } of { $length } with the join { $places } from one end
mitres-have-slack = Mitred borders are cut { $slack } longer at each end: it is cut away when their corners are sewn.
joins-way = { $how ->
    [straight] joined straight across: the quickest
    [diagonal] joined on the diagonal: shows less, lies flatter
   *[whole] cut along the cloth in one piece
}
binding-on-the-bias = Binding: { $length } of { $width } wide, once round and some over for corners and the join; on the bias from { $squares ->
    [one] a square
   *[other] { $squares } squares
} of { $size }.
binding-of-strips = Binding: { $length } of { $width } wide, once round and some over for corners and the join; from { $strips }{ $joins ->
    [0] {""}
    [one] , joined on the diagonal once
   *[other] , joined on the diagonal { $joins } times
}.
backing-panels = { $count } of { $across } × { $along }
backing-seams = , joined with { $seam } seams
backing-way = { $lay ->
    [upright] upright seams
    [level] level seams
    [upright-even] upright seams, all panels of one width
    [level-even] level seams, all panels of one width
    [upright-pieced] upright seams, the last panel pieced of strips across the cloth
    [level-pieced] level seams, the last panel pieced of strips across the cloth
   *[wide] wide cloth, in one piece
}: { $panels }{ $seam }; takes { $length } of cloth { $across } wide
measure-before-borders = Borders are listed as long as the top is planned to be: measure it through the middle, not along its edge, before they are cut to length.
the-backing-so = Backing, { $way }.
the-batting-so = Batting: { $size }.
trial-counts = The trial block of { $block } is one of its { $count }.

## how the seams of blocks meet

top-seams-none = No seams meet where the blocks are joined.
top-seams = { $nested } of { $places } places where seams meet between blocks nest{ $bulky ->
    [0] {""}
   *[other] ; { $bulky } lie to the same side ({ $proved ->
        [yes] fewer cannot be
       *[no] the best that was found
    }): open one of the two seams there
}{ $second ->
    [0] {""}
   *[other] . { $second } of the blocks are pressed by plan 2, marked in the picture
}.

## how far a top is

top-done = { $done } of { $total } { $what ->
    [blocks] blocks made
    [rows] rows and strips sewn
    [joins] joins between them sewn
   *[borders] borders on
}
done-and-gone = { $step }: { $count } done, and no part of the quilt as it is now.

## what rows are called

row-names = { $count ->
    [one] { $kind ->
        [diagonal] diagonal row { $first }
       *[row] row { $first }
    }
   *[other] { $kind ->
        [diagonal] diagonal rows { $first } to { $last }
       *[row] rows { $first } to { $last }
    }
}
row-half = the { $half ->
    [upper] upper
   *[lower] lower
} half
row-quarter = the { $quarter ->
    [0] upper left
    [1] upper right
    [2] lower left
   *[3] lower right
} quarter
row-of-quarter = { $row } of { $quarter }
strip-below = the strip below { $kind ->
    [diagonal] diagonal row { $number }
   *[row] row { $number }
}
strip-above = the strip above { $kind ->
    [diagonal] diagonal row { $number }
   *[row] row { $number }
}
strips-alike = { $count } strips between the rows, alike
row-parts = { $count } { $what ->
    [block] { $count ->
        [one] block
       *[other] blocks
    }
    [alternate] { $count ->
        [one] plain square
       *[other] plain squares
    }
    [cornerstone] { $count ->
        [one] cornerstone
       *[other] cornerstones
    }
    [side-triangle] { $count ->
        [one] setting triangle
       *[other] setting triangles
    }
    [half-block] { $count ->
        [one] half block
       *[other] half blocks
    }
   *[strip] { $count ->
        [one] strip
       *[other] strips
    }
}

## the steps: blocks

block-by-plan = { $block }{ $plan ->
    [0] {""}
   *[other] , plan { $plan }
}
make-blocks = Make { $count } of { $block }{ $plan ->
    [0] {""}
   *[other] , pressed by plan { $plan }
}.
each-must-measure = Each must measure { $size }.
make-more-for-the-border = Make { $count } more of { $block }, for the border.
block-for-the-border = { $block } for the border
make-more-for-half-blocks = Make { $count } more of { $block }, for the half blocks.
block-for-half-blocks = { $block } for half blocks
cut-in-half = Cut each{ $count ->
    [0] {""}
   *[other] {" "}of the { $count } for half blocks
} { $seam } beyond its diagonal, so that the seam allowance is kept; one block gives one half.
piece-half-blocks = Piece { $count ->
    [one] 1 half block
   *[other] { $count } half blocks
} of { $block }: sew the patches on one side of its diagonal as drafted, and leave the edge along the diagonal open.
block-half-blocks = { $block }, half blocks
frame-blocks = Frame { $count } of { $block }: first the sides, then above and below.
frames-of = frames of { $block }
frame-half-blocks = Frame { $count ->
        [one] 1 half block
       *[other] { $count } half blocks
    } of { $block }: a strip along one of the two sides that meet at its square corner, then along the other; let their ends reach over the long edge, and trim them with it.
frames-of-half-blocks = frames of half blocks of { $block }
press-toward-frame = Press toward the frame.

## the steps: rows and joins

lay-everything-out = Lay everything out as it is drawn, and look at it from far away before it is sewn.
the-layout = the layout
sew-side-by-side = { $row }: sew { $parts } side by side{ $in_pairs ->
    [yes] , in pairs, the pairs to each other
   *[no] {""}
}.
it-must-be-wide = It must be { $wide } wide.
it-must-measure = It must measure { $size }.
press-toward-strips = Press toward the strips.
press-seams = Press { $count ->
    [one] the seam
   *[other] its seams
} { $way }.
press-some-seams = { $count ->
    [one] seam
   *[other] seams
} { $seams } { $way }
press-by-number = Counted from the left, press { $parts }.
direction = { $way ->
    [left] to the left
    [right] to the right
    [up] upward
    [down] downward
   *[open] open
}
direction-on-point = { $way ->
    [left] to the lower left
    [right] to the upper right
    [up] to the upper left
    [down] to the lower right
   *[open] open
}
a-setting-triangle = a setting triangle
sew-second-to-first = Sew { $second } to { $first }.
it-is-set-in = It is set in: sew to the corner, turn, and sew on.
sew-corner-triangles = Sew the four corner triangles on, each with its middle to the block's middle.
press-toward-triangles = Press toward the triangles.
the-corners = the corners

## the steps: edges, borders, the end

top-must-measure = The top must measure { $size }.
square-the-top-up = Square the top up; trim loose ends.
the-top = the top
trim-beyond-points = Trim every edge { $beyond } beyond the points of the blocks, square at the corners.
trim-beyond-cornerstones = Trim every edge { $beyond } beyond the middle of the outer cornerstones.
the-edges = the edges
press-toward-border = Press toward the border.
border-so = { $border }: { $how }
border-of-repeats = sew the repeats of { $block } to four strips; two to the sides, two with a corner block at either end above and below.
border-mitred = centre each on its side with the ends over the corners; begin and end { $seam } from the corner, then sew each corner at half a right angle and trim it.
border-sides-first = measure the top through its middle from top to bottom ({ $tall } as planned) and cut both sides so long; pin ends and middles and sew them on. Then measure through the middle from side to side ({ $across } as planned) and do the same above and below.
border-top-first = measure the top through its middle from side to side ({ $wide } as planned), cut two so long and sew them on above and below, ends and middles pinned. Then measure through the middle from top to bottom ({ $down } as planned) and do the same at the sides.
press-seams-open = Press the seams open.
the-backing = the backing
baste-and-quilt = Lay the backing wrong side up, the batting ({ $batting }) on it, the top right side up; baste and quilt it.
the-layers = the layers
trim-and-bind = { $binding } Trim the layers to the top and bind it.
finished-it-measures = Finished it is { $size }.
the-binding = the binding
