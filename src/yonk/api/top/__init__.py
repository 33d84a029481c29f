"""The quilt top made, over the wire."""
