"""The command line, by a name that processes of their own do not load again."""

from yonk.cli import main

main()
