"""Yonk: from a drafted quilt block to a complete, exact cutting list."""
