"""Cutting: from what the recipes need to the list of cuts, on the ruler."""
