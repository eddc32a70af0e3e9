"""What the program says no to, in one sentence for the user. Anything else raised is a defect."""


class Refused(Exception):
    """A request that cannot be met as it stands; the message says what, where, and what to do."""
