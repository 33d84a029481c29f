# What the pages of shelf say.

shelf-yonk-the-bin = Yonk: the bin
shelf-the-bin = The bin
shelf-looking-into-the-bin = Looking into the bin …
shelf-nothing-was-deleted = Nothing was deleted.
shelf-bring-back = Bring { $name } back
shelf-start-a-block = Start a block
shelf-in = In
shelf-the-numbers-you-type-are = The numbers you type are in { $unit }; they are not converted.
shelf-what-shows-once-it-is = What shows once it is sewn into the quilt; the height is the width unless you type one. Type 9, 4 7/8, 4-7/8 or 4.875. Seam allowance is added for you.
shelf-how-many-such-as-3 = How many, such as 3; or how wide against each other, such as 1 2 1.
shelf-draft-it = Draft it
shelf-finished = { $finished } finished
shelf-blocks = · { $blocks } blocks
shelf-label = Label { $name }
shelf-label-it = Label
shelf-duplicate = Duplicate { $name }
shelf-duplicate-it = Duplicate
shelf-labels-a-comma-between-them = Labels, a comma between them
shelf-last-changed-first = last changed first
shelf-by-name = by name
shelf-longest-untouched-first = longest untouched first
shelf-was-not-taken = { $name } was not taken. { $words }
shelf-the-block-was-not-deleted = The block was not deleted. { $message }
shelf-open-a-block-file = Open a block file
shelf-the-shelf-of-blocks = The shelf of blocks
shelf-looking-at-the-shelf = Looking at the shelf …
shelf-the-shelf-cannot-be-read = The shelf cannot be read: Yonk's server or its database does not answer.
shelf-in-which-order = In which order
shelf-of-which-label = Of which label
shelf-all-labels = all labels
shelf-no-block-is-called-or = No block is called or labelled so.
shelf-pages-of-the-shelf = Pages of the shelf
shelf-page-of = page { $page } of { $pages }
shelf-on = On
shelf-keeps-what-was-deleted-a = { $bin } keeps what was deleted. A block file can also be dropped anywhere on this page.
shelf-the-shelf-is-empty-begin = The shelf is empty. Begin with a block.
shelf-give-it-a-name-a = { $start }: give it a name, a finished size (what will show in the quilt) and a grid.
shelf-choose-a-unit-from-the = { $draft }: choose a unit from the tray and touch the cells it goes into; paint the fabrics.
shelf-beside-it-it-changes-with = { $read } beside it. It changes with every touch.
shelf-read-the-cutting-list = Read the cutting list
shelf-patches = { $patches ->
    [one] { $patches } patch
   *[other] { $patches } patches
}
