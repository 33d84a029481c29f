# Was die Seiten von api sagen.

api-yonks-server-does-not-answer = Yonks Server antwortet nicht.
api-nothing-is-usual-in = In { $unit } ist nichts üblich.
