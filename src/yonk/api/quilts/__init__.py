"""Quilts over the wire."""
