"""A guild on one Yonk: people, groups, what is shared, a quilt that several sew."""
