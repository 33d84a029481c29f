## für welche Blöcke geschnitten wird

stage-all = alle Blöcke
stage-trial = einen Probeblock
stage-rest = die Blöcke nach der Probe
cutting-summary = { $size } fertig, { $seam } Nahtzugabe, { $blocks ->
    [one] 1 Block
   *[other] { $blocks } Blöcke
}

## Stoff und Streifen

new-cloth = neuer Stoff
fat-quarters = { $count ->
    [one] 1 Fat Quarter
   *[other] { $count } Fat Quarters
}
so-many-strips = { $count ->
    [one] 1 Streifen
   *[other] { $count } Streifen
} { $height }
so-many-of = { $count } × { $size }
strip-and-its-cuts = Streifen { $height }: { $cut }
bought-nothing = nichts
bought-yards = { $length } yd
bought-metres = { $length } m
bought-centimetres = { $length } cm
cloth-costs = { $parts ->
    [both] { $whole }: { $bought } zu kaufen, { $shelf } aus dem Regal
   *[one] { $way ->
        [bought] { $whole } zu kaufen
       *[shelf] { $whole } aus dem Regal
    }
}
money = { $amount } { $currency }
no-price = muss ein Preis mit höchstens { $digits } Stellen vor dem Komma und zweien danach sein, oder leer
costs-of-some = { $priced } von { $all } Stoffen haben im Regal einen Preis
