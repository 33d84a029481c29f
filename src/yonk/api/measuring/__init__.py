"""The Measure step and the seam log over the wire."""
