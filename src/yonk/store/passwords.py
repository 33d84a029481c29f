"""Which passwords are taken."""

from __future__ import annotations

from zxcvbn import zxcvbn

from yonk.core.paper import DraftError, message

LEAST_PASSWORD, MOST_PASSWORD = 12, 128  # signs
NOT_SOON = 3  # of 0 to 4: from a hundred million guesses on


def check_password(password: str, name: str, place: str = "password") -> None:
    """Raises `DraftError` for a password that is guessed soon: one of those that are known to be
    taken often, words and rows of keys in turn, or the own name.

    Source: length before signs of many sorts, and none that is known to have leaked, as OWASP's and
    NIST's rules have it.
    """
    if not LEAST_PASSWORD <= len(password) <= MOST_PASSWORD:
        raise DraftError(
            place,
            message(
                "password-has-no-such-length",
                least_password=LEAST_PASSWORD,
                most_password=MOST_PASSWORD,
            ),
        )
    plain = password.casefold()
    found = zxcvbn(plain, user_inputs=[*name.split(), "yonk"], max_length=2 * MOST_PASSWORD)
    if found["score"] < NOT_SOON or name.casefold() in plain:
        raise DraftError(place, message("password-is-guessed-soon"))
