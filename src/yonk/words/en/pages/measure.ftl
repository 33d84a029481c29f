# What the pages of measure say.

measure-the-block-is-marked = The block; { $words } is marked
measure-to-change-next-time = to change next time
measure-what-was-left-of-a = what was left of a strip
measure-the-entry-was-taken-out = The entry was taken out.
measure-the-photo-was-taken-out = The photo was taken out.
measure-fetching-the-log = Fetching the log …
measure-the-log-of = The log of { $name }
measure-to-change-next-time-2 = To change next time
measure-what-was-noted = What was noted
measure-seams-that-were-taken-back = Seams that were taken back
measure-photos = Photos
measure-a-photo-of-the-block = A photo of the block
measure-take-out-the-photo = Take out the photo { $caption }
measure-take-out = Take out: { $slice }
measure-the-strip-was-long = The strip was long
measure-and-gave-so-many-pieces = and gave so many pieces
measure-what-was-left = What was left
measure-pieces-wanted-of-the-next = Pieces wanted of the next
measure-what-is-noted = What is noted
measure-which-strip = Which strip
measure-in-your-words = In your words
measure-note-it = Note it
measure-what-it-shows = What it shows
measure-sending = Sending …
measure-add-a-photo = Add a photo
measure-kept-with-the-block-without = Kept with the block, without the place where it was taken; at most 8 MB.
measure-of-the-blocks-will-be = { $chance } of the blocks will be within { $within }
measure-there-is-nothing-to-sew = There is nothing to sew
measure-nine-of-ten-measure = Nine of ten measure { $fr }.
measure-across-and-down = { $width } across and { $height } down
measure-see-that-step = See that step
measure-do-so = Do so
measure-what-each-checkpoint-will-measure = What each checkpoint will measure, unfinished
measure-step = Step
measure-what-is-made = What is made
measure-must-be = Must be
measure-nine-of-ten-are-across = Nine of ten are, across
measure-and-down = and down
measure-within = Within { $within }
measure-what-this-stands-on = What this stands on
measure-nothing-of-this-was-measured = Nothing of this was measured. Sew a test strip, and it is yours:
measure-test-again-in-the = Test again in the
measure-seam-log = seam log
measure-the-trial-block = The trial block
measure-what-to-expect = What to expect
measure-log-and-photos = Log and photos
measure-parts-of-measuring = Parts of measuring
measure-block-log-and-photos-zip = Block, log and photos (ZIP)
measure-working-out-what-the-block = Working out what the block measures … You can go to another step meanwhile.
measure-the-trial-block-pressed-and = The trial block, pressed and cool
measure-empty-the-card = empty the card
measure-measure-from-raw-edge-to = Measure from raw edge to raw edge, as many lines as you like. Enter goes on to the next.
measure-where = Where
measure-must-be-2 = must be
measure-is = is
measure-off-by = off by
measure-measures = { $words } measures
measure-measured-before-the-block-was = Measured before the block was changed
measure-no-verdict-yet = No verdict yet
measure-two-or-three-sizes-tell = Two or three sizes tell most: a row, a column, a unit.
measure-one-more-size-decides = One more size decides: { $button }
measure-measure = measure { $next_words }
measure-a-seam-was-taken-back = A seam was taken back { $more } already; { $more_2 } is your most.
measure-times = { $taken_back ->
    [one] once
   *[other] { $taken_back } times
}
measure-times-taken-back-limit = { $taken_back_limit ->
    [one] once
   *[other] { $taken_back_limit } times
}
measure-for-the-rest = For the rest
measure-the-cutting-list-of-the = The cutting list of the rest
measure-a-note = a note
