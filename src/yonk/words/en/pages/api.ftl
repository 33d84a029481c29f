# What the pages of api say.

api-yonks-server-does-not-answer = Yonk's server does not answer.
api-nothing-is-usual-in = Nothing is usual in { $unit }.
