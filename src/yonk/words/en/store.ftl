## attempts

that-was-wrong-too-often-wait = That was wrong too often; wait a quarter of an hour, then try again.

## block log

this-is-not-in-log-of = This is not in the log of the block any more.
log-of-this-block-is-full = The log of this block is full; take out what you do not need any more.

## fabrics

this-fabric-is-not-on-shelf = This fabric is not on the shelf any more.
this-fabric-was-changed-elsewhere-meanwhile = This fabric was changed elsewhere meanwhile; open it again to see how it is now.

## invitations

this-invitation-is-used-or-has = This invitation is used or has ended; ask for a new one.

## members

is-nobodys-here = is nobody's here
is-not-in-guild-any-more = is not in the guild any more
keeps-guild-and-cannot-be-suspended = keeps the guild and cannot be suspended or removed

## passwords

must-have-to-signs-few-words = must have { $least_password } to { $most_password } signs; a few words that you remember make a good one
is-guessed-soon-take-few-words = is guessed soon; take a few words that have nothing to do with it

## rights

level-see = look at it, and at what is told of it
level-copy = see it, keep copies of it, and put it into quilts
level-change = copy it and change it, and tell what is cut, sewn and measured
there-is-no-such-block-on = There is no such block on the shelf.
this-was-deleted-meanwhile-whoever-it = This was deleted meanwhile; whoever it belongs to can bring it back.
this-belongs-to-somebody-else-who = This belongs to somebody else, who did not share it for that; ask for it, or keep a copy.

## seam log

this-seam-test-is-not-in = This seam test is not in the log any more.

## sharing

there-is-no-such-group-any = There is no such group any more.
is-missing-give-group-name = is missing; give the group a name
are-not-all-here-any-more = are not all here any more; choose anew
name-somebody-who-is-not-here = name somebody who is not here any more; choose anew

## blocks

this-block-was-deleted-bring-it = This block was deleted; bring it back from the shelf, or keep your draft as a copy.
this-block-was-saved-from-another = This block was saved from another window meanwhile. Both versions are kept.

## database

these-blocks-were-kept-by-newer = These blocks were kept by a newer Yonk.
restore-of-these-blocks-was-cut = A restore of these blocks was cut short; run ./yonk restore again.

## people

sign-in-first-what-you-have = Sign in first; what you have drafted waits here.
this-name-and-this-password-do = This name and this password do not belong together.
this-account-may-not-sign-in = This account may not sign in at present; ask who keeps the guild.
must-have-1-to-signs = must have 1 to { $most_name } signs
is-taken-choose-another-one = is taken; choose another one

## revisions

every-state-of-last-30-days = Every state of the last 30 days is kept; then one a day for a year, and one a month for good. A state that you named or opened, the first and the newest always stay.
this-state-of-block-is-not = This state of the block is not kept any more.
