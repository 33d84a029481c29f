# What the pages of words say.

words-words-and-sizes-yonk = Words and sizes · Yonk
words-words-and-sizes = Words and sizes
words-finished-unfinished-cut = Finished, unfinished, cut
words-in = in
words-the-words = The words
words-a-finished-unfinished-cut-from = A { $kind }: { $finished } finished, { $unfinished } unfinished, cut from squares of { $cut }.
words-unfinished = unfinished { $unfinished }
words-cut = cut { $cut }
words-is-what-shows-in-the = { $finished_word } is what shows in the quilt: { $finished }.
words-is-what-it-measures-once = { $unfinished_word } is what it measures once it is sewn and trimmed, before it is joined: a seam allowance of { $seam } on each side makes { $unfinished }.
words-is-what-is-cut-from = { $cut_word } is what is cut from cloth. The seam along the diagonal takes some too: cut true it is { $true_cut }; with { $margin } to trim { $cut }.
words-cut-word = Cut
words-finished-word = Finished
