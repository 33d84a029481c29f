## faces

patches-are-too-many = divide the block into { $count } patches; { $most } is the most
seams-cross-too-often = cross each other too often to be worked on; rub some out
seams-come-too-near = come too near each other to be told apart; snap them to the ruled points

## motif

lies-outside-the-grid-of = lies outside the grid of { $columns } columns by { $rows } rows
