"""Questions outside a block: what squares on hand can become, whether a number is right, and charts of cut sizes."""
