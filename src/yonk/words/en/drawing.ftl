## faces

divide-block-into-patches-is-most = divide the block into { $count } patches; { $most } is the most
cross-each-other-too-often-to = cross each other too often to be worked on; rub some out
come-too-near-each-other-to = come too near each other to be told apart; snap them to the ruled points

## motif

lies-outside-the-grid-of = lies outside the grid of { $columns } columns by { $rows } rows
