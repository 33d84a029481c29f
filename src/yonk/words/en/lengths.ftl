# A length that no ruler has, to the nearest mark, and as decimals.
about = about { $near } ({ $exact })

## several things, the last of them or each one after those before

joined-and = { $before } and { $last }
joined-or = { $before } or { $last }
joined-each-and = { $before } and { $last }
joined-each-or = { $before } or { $last }
joined-comma-or = { $before }, or { $last }
joined-semicolon-or = { $before }; or { $last }
