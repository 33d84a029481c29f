# Dateien zum Mitnehmen.

export-cutting-pdf = Zuschneideliste mit Schnittlagen (PDF)
export-steps-pdf = Blätter mit den Schritten der Rezepte (PDF)
export-templates-pdf = Schablonen in wahrer Größe (PDF)
export-foundations-pdf = Nähvorlagen in wahrer Größe (PDF)
export-labels-pdf = Schilder für die Stapel (PDF)
export-cutting-xlsx = Zuschneideliste (XLSX)
export-cutting-csv = Zuschneideliste (CSV)
export-list-csv = Zuschneideliste als CSV
export-layouts-svg = Schnittlagen (SVG)
export-templates-svg = Schablonen (SVG)
export-templates-dxf = Schablonen für eine Schneidemaschine (DXF)
export-sewing-pdf = Nähblatt (PDF)
export-back-svg = Die Rückseite in wahrer Größe (SVG)
export-card-pdf = Karte des Probeblocks (PDF)
export-block-file = Blockdatei
export-block-svg = Zeichnung als SVG, wahre Größe
export-quilt-pdf = Alles: Liste, Schnittlagen, Plan, Schritte (PDF)
export-diagram-svg = Anordnungsplan (SVG)
