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
