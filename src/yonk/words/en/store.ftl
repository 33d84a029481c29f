## attempts

wrong-too-often = That was wrong too often; wait a quarter of an hour, then try again.

## block log

not-in-the-log = This is not in the log of the block any more.
log-is-full = The log of this block is full; take out what you do not need any more.

## fabrics

fabric-is-gone = This fabric is not on the shelf any more.
fabric-was-changed = This fabric was changed elsewhere meanwhile; open it again to see how it is now.

## invitations

invitation-has-ended = This invitation is used or has ended; ask for a new one.

## members

is-nobodys-here = is nobody's here
member-has-left = is not in the guild any more
keeper-stays = keeps the guild and cannot be suspended or removed

## passwords

password-has-no-such-length = must have { $least_password } to { $most_password } signs; a few words that you remember make a good one
password-is-guessed-soon = is guessed soon; take a few words that have nothing to do with it

## rights

level-see = look at it, and at what is told of it
level-copy = see it, keep copies of it, and put it into quilts
level-change = copy it and change it, and tell what is cut, sewn and measured
block-is-not-there = There is no such block on the shelf.
is-in-the-bin = This was deleted meanwhile; whoever it belongs to can bring it back.
is-not-yours = This belongs to somebody else, who did not share it for that; ask for it, or keep a copy.

## seam log

seam-test-is-gone = This seam test is not in the log any more.

## sharing

group-is-gone = There is no such group any more.
group-needs-a-name = is missing; give the group a name
people-have-left = are not all here any more; choose anew
shares-name-who-has-left = name somebody who is not here any more; choose anew

## blocks

block-was-deleted = This block was deleted; bring it back from the shelf, or keep your draft as a copy.
block-was-saved-elsewhere = This block was saved from another window meanwhile. Both versions are kept.

## database

schema-is-newer = These blocks were kept by a newer Yonk.
restore-was-cut-short = A restore of these blocks was cut short; run ./yonk restore again.

## people

sign-in-first = Sign in first; what you have drafted waits here.
password-is-wrong = This name and this password do not belong together.
account-is-suspended = This account may not sign in at present; ask who keeps the guild.
name-has-no-such-length = must have 1 to { $most_name } signs
name-is-taken = is taken; choose another one

## revisions

states-are-kept-so = Every state of the last 30 days is kept; then one a day for a year, and one a month for good. A state that you named or opened, the first and the newest always stay.
state-is-gone = This state of the block is not kept any more.
phone-link-has-ended = This link lets nobody in any more. Show a new square at the cutting table.
sheet-is-not-known = This Yonk knows no such sheet: it was printed by another one, or by another person’s account.
cloth-picture-is-gone = This picture of a cloth is not here any more.
cloth-pictures-are-full = So many pictures of cloth are kept that there is no room for another.
