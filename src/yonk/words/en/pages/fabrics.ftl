# What the pages of fabrics say.

fabrics-fabric-shelf-yonk = Fabric shelf · Yonk
fabrics-put-a-fabric-on-the = Put a fabric on the shelf
fabrics-was-taken-off-the-shelf = { $name } was taken off the shelf.
fabrics-the-fabric-shelf-is-empty = The fabric shelf is empty. Put on it what you have: bolts’ ends, fat quarters, precut squares, offcuts. A block’s fabric tied to one of them is cut from these pieces first.
fabrics-no-pieces-on-hand = no pieces on hand
fabrics-a-fabric-for-the-shelf = A fabric for the shelf
fabrics-fibre = Fibre
fabrics-pieces-on-hand-usable-all = Pieces on hand, usable all over
fabrics-of-piece = { $side } of piece { $number }
fabrics-width = Width
fabrics-length = Length
fabrics-another-size = + another size
fabrics-take-it-off-the-shelf = Take it off the shelf
fabrics-shopping-list = Shopping list
fabrics-for = for { $blocks }
fabrics-from-the-shelf = ; from the shelf { $pieces }
