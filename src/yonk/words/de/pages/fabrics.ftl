# Was die Seiten von fabrics sagen.

fabrics-fabric-shelf-yonk = Stoffregal · Yonk
fabrics-put-a-fabric-on-the = Einen Stoff ins Regal legen
fabrics-was-taken-off-the-shelf = { $name } wurde aus dem Regal genommen.
fabrics-the-fabric-shelf-is-empty = Das Stoffregal ist leer. Leg hinein, was du hast: Ballenenden, Fat Quarters, fertig geschnittene Quadrate, Reste. Der Stoff eines Blocks, der an einen von ihnen gebunden ist, wird zuerst aus diesen Stücken geschnitten.
fabrics-no-pieces-on-hand = keine Stücke da
fabrics-a-fabric-for-the-shelf = Ein Stoff für das Regal
fabrics-fibre = Faser
fabrics-pieces-on-hand-usable-all = Vorhandene Stücke, ganz brauchbar
fabrics-of-piece = { $side } von Stück { $number }
fabrics-width = Breite
fabrics-length = Länge
fabrics-another-size = + andere Größe
fabrics-take-it-off-the-shelf = Aus dem Regal nehmen
fabrics-shopping-list = Einkaufsliste
fabrics-for = für { $blocks }
fabrics-from-the-shelf = ; aus dem Regal { $pieces }
