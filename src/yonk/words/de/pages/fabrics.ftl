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
fabrics-taken-by-looks = Vom Stoffregal
fabrics-any-value = alle
fabrics-like-this-colour = Ähnlich wie
fabrics-none-is-so = Kein Stoff im Regal ist so.
fabrics-is-in-it = schon da
fabrics-a-photo-of-it = Ein Foto davon
fabrics-how-to-measure-a-photo = Die blaue Linie über eine bekannte Länge ziehen, etwa ein Lineal im Foto. Den roten Rahmen um einen Rapport des Musters ziehen oder um ein schlichtes Stück.
fabrics-the-photo = Das Foto des Stoffs
fabrics-so-long-is-the-line = So lang ist die Linie ({ $unit ->
    [in] Zoll
   *[cm] cm
})
fabrics-make-the-picture = Das Bild machen
fabrics-without-the-picture = Ohne das Bild
fabrics-spot-part-upper-left = Oben links am Ausschnitt mit dem Muster
fabrics-spot-part-lower-right = Unten rechts am Ausschnitt mit dem Muster
fabrics-spot-line-one = Ein Ende der bekannten Länge
fabrics-spot-line-other = Das andere Ende der bekannten Länge
fabrics-piles = Stapel, mit Kommas
fabrics-pile = Stapel
fabrics-any-pile = alle
fabrics-take-the-pile = { $count ->
    [one] Ihn nehmen
   *[other] Alle { $count } nehmen
}
fabrics-price = Preis für { $unit ->
    [cm] einen Meter
   *[in] ein Yard
}
fabrics-currency = Währung
fabrics-bought-at = Wo gekauft
fabrics-so-much = { $price } { $currency } { $unit ->
    [cm] der Meter
   *[in] das Yard
}
fabrics-changed-on-the-shelf = { $names } { $count ->
    [one] ist
   *[other] sind
} im Regal inzwischen anders.
fabrics-take-as-on-the-shelf = { $count ->
    [one] so nehmen
   *[other] alle so nehmen
}
