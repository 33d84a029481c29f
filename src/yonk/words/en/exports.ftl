# Files that can be taken along.

export-cutting-pdf = Cutting list with layouts (PDF)
export-steps-pdf = Step sheets of the recipes (PDF)
export-templates-pdf = Templates at true size (PDF)
export-foundations-pdf = Foundations at true size (PDF)
export-labels-pdf = Labels for the stacks (PDF)
export-cutting-xlsx = Cutting list (XLSX)
export-cutting-csv = Cutting list (CSV)
export-list-csv = Cutting list as CSV
export-layouts-svg = Layouts (SVG)
export-templates-svg = Templates (SVG)
export-templates-dxf = Templates for a cutting machine (DXF)
export-sewing-pdf = Sewing sheet (PDF)
export-back-svg = The back at true size (SVG)
export-card-pdf = Card of the trial block (PDF)
export-block-file = Block file
export-block-svg = Drawing as SVG, true size
export-quilt-pdf = Everything: list, layouts, diagram, steps (PDF)
export-diagram-svg = Setting diagram (SVG)
