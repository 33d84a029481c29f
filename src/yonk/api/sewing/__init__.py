"""The Sew step over the wire."""
