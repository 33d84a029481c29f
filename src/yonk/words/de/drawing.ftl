# Was eine Zeichnung nicht hergibt.

patches-are-too-many = teilen den Block in { $count } Flicken; höchstens { $most } gehen
seams-cross-too-often = kreuzen sich zu oft, um damit zu arbeiten; radiere einige weg
seams-come-too-near = kommen sich zu nahe, um sie zu unterscheiden; lass sie auf den Rasterpunkten einrasten
lies-outside-the-grid-of = liegt außerhalb des Rasters von { $columns } Spalten und { $rows } Reihen
