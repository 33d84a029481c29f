"""Simulated sewing: cloth as polygons, and the acts of the sewing table carried out on it."""
