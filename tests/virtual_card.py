"""A virtual sound card for the tests that play."""

import os
import shutil
import subprocess
from collections.abc import Iterator
from contextlib import contextmanager, suppress
from pathlib import Path

import pytest

from jolly_parlor.studio.device import DeviceFailed
from jolly_parlor.studio.soundcard import SoundCard


@contextmanager
def pulse_card(home: Path) -> Iterator[None]:
    """PulseAudio with a null sink whose monitor is recorded, as ALSA's default device. `./check`
    sets it up: where it cannot be started nothing would be heard, and the test fails.
    """
    if shutil.which("pulseaudio") is None:
        pytest.fail("pulseaudio is not installed: scripts/setup.sh dev does that")
    home.chmod(0o700)
    (home / ".asoundrc").write_text("pcm.!default { type pulse }\nctl.!default { type pulse }\n")
    socket = home / "pulse.sock"
    own = {
        "HOME": str(home),
        "XDG_RUNTIME_DIR": str(home),
        "PULSE_RUNTIME_PATH": str(home / "run"),
        "PULSE_SERVER": f"unix:{socket}",
    }
    before = {name: os.environ.get(name) for name in own}
    os.environ.update(own)
    server = subprocess.Popen(
        [
            "pulseaudio",
            "-n",
            "--daemonize=no",
            "--exit-idle-time=-1",
            f"--load=module-native-protocol-unix socket={socket} auth-anonymous=1",
            "--load=module-null-sink sink_name=room rate=48000 channels=2 format=float32le",
        ],
        stdout=subprocess.DEVNULL,
        stderr=subprocess.DEVNULL,
    )
    try:
        _until_it_plays(server, socket)
        yield
    finally:
        server.terminate()
        server.wait(timeout=10)
        for name, value in before.items():
            if value is None:
                os.environ.pop(name)
            else:
                os.environ[name] = value


def _until_it_plays(server: subprocess.Popen[bytes], socket: Path) -> None:
    for _ in range(200):
        if socket.exists():
            break
        with suppress(subprocess.TimeoutExpired):
            server.wait(0.1)
            pytest.fail("pulseaudio ended at once, so there is no virtual sound card")
    else:
        pytest.fail("pulseaudio made no socket, so there is no virtual sound card")
    import sounddevice

    sounddevice._terminate()
    sounddevice._initialize()  # PortAudio looks for devices once; look again
    try:
        SoundCard("default")
    except DeviceFailed as error:
        pytest.fail(f"the virtual sound card cannot be used: {error}")
