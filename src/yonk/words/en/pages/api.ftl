# What the pages of api say.

api-yonks-server-does-not-answer = Yonk's server does not answer.
api-the-tick-was-not-kept = The tick was not kept. { $message }
api-nothing-is-usual-in = Nothing is usual in { $unit }.
