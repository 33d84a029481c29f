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
fabrics-taken-by-looks = From the fabric shelf
fabrics-any-value = any
fabrics-like-this-colour = Like
fabrics-none-is-so = No fabric of the shelf is so.
fabrics-is-in-it = there already
fabrics-a-photo-of-it = A photo of it
fabrics-how-to-measure-a-photo = Draw the blue line over a length that you know, such as a ruler in the photo. Draw the red frame around one repeat of the print, or around a plain part.
fabrics-the-photo = The photo of the cloth
fabrics-so-long-is-the-line = The line is so long ({ $unit ->
    [in] inches
   *[cm] cm
})
fabrics-make-the-picture = Make the picture
fabrics-without-the-picture = Without the picture
fabrics-spot-part-upper-left = Upper left of the part that shows the print
fabrics-spot-part-lower-right = Lower right of the part that shows the print
fabrics-spot-line-one = One end of the known length
fabrics-spot-line-other = The other end of the known length
fabrics-piles = Piles, by commas
fabrics-pile = Pile
fabrics-any-pile = any
fabrics-take-the-pile = { $count ->
    [one] Take it
   *[other] Take all { $count }
}
fabrics-price = Price of { $unit ->
    [cm] a metre
   *[in] a yard
}
fabrics-currency = Currency
fabrics-bought-at = Where bought
fabrics-so-much = { $price } { $currency } { $unit ->
    [cm] a metre
   *[in] a yard
}
fabrics-changed-on-the-shelf = { $names } { $count ->
    [one] is
   *[other] are
} otherwise on the shelf by now.
fabrics-take-as-on-the-shelf = { $count ->
    [one] take it so
   *[other] take them so
}
