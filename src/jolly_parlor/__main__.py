"""`python -m jolly_parlor` is the installed command."""

from jolly_parlor.cli.main import main

if __name__ == "__main__":
    main()
