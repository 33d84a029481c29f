"""A program that is kept running: started again where it ends of itself, as a service manager
would.
"""

from __future__ import annotations

import contextlib
import os
import signal
import subprocess
import threading
import time
from collections.abc import Callable, Mapping, Sequence
from pathlib import Path

_LOOK_EVERY = 0.3


class KeptRunning:
    """One program. `command` tells anew, each time it is started, how."""

    def __init__(
        self,
        name: str,
        command: Callable[[], Sequence[str]],
        log: Path,
        env: Mapping[str, str] | None = None,
    ) -> None:
        self.name, self.command, self.log = name, command, log
        self.env = {**os.environ, **(env or {})}
        self._process: subprocess.Popen[bytes] | None = None
        self._wanted = threading.Event()
        self._lock = threading.Lock()

    @property
    def running(self) -> bool:
        """Whether it runs now."""
        return self._process is not None and self._process.poll() is None

    def start(self) -> None:
        """Start it, and keep it running."""
        self._wanted.set()
        self._launch()
        threading.Thread(target=self._watch, daemon=True).start()

    def stop(self, seconds: float = 15) -> None:
        """End it in good order; at once where that takes longer than so many seconds."""
        self._wanted.clear()
        with self._lock:
            process = self._process
        if process is None:
            return
        with contextlib.suppress(ProcessLookupError):
            os.killpg(process.pid, signal.SIGCONT)
            process.terminate()
            try:
                process.wait(seconds)
            except subprocess.TimeoutExpired:
                os.killpg(process.pid, signal.SIGKILL)
                process.wait()

    def hold(self) -> None:
        """Do not start it again."""
        self._wanted.clear()

    def kill(self) -> None:
        """End it as a power cut would; it is started again."""
        self._signal(signal.SIGKILL)

    def pause(self) -> None:
        """Have it stand still, as a network that is cut off."""
        self._signal(signal.SIGSTOP)

    def resume(self) -> None:
        """Let it go on."""
        self._signal(signal.SIGCONT)

    def _signal(self, which: signal.Signals) -> None:
        if self._process:
            with contextlib.suppress(ProcessLookupError):
                os.killpg(self._process.pid, which)

    def _launch(self) -> None:
        with self._lock, self.log.open("ab") as log:
            if self._wanted.is_set() and not self.running:
                self._process = subprocess.Popen(
                    [*self.command()],
                    stdout=log,
                    stderr=log,
                    env=self.env,
                    start_new_session=True,
                )

    def _watch(self) -> None:
        while self._wanted.is_set():
            try:
                self._launch()
            except (OSError, subprocess.SubprocessError) as reason:
                # a machine too busy to start it now may start it the next time
                with self.log.open("a") as log:
                    log.write(f"{self.name} could not be started: {reason}\n")
            time.sleep(_LOOK_EVERY)
