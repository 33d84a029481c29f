# Eine Länge, die kein Lineal hat: zur nächsten Marke, und als Dezimalzahl.
about = etwa { $near } ({ $exact })

## mehrere Dinge nacheinander

joined-and = { $before } und { $last }
joined-or = { $before } oder { $last }
joined-each-and = { $before } und { $last }
joined-each-or = { $before } oder { $last }
joined-comma-or = { $before }, oder { $last }
joined-semicolon-or = { $before }; oder { $last }
