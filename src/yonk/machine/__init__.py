"""Running on a machine: the private database server, the web server, and what starts and stops
them.
"""
