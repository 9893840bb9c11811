#!/usr/bin/env bash
# Runs a command beside a private PulseAudio with a null sink whose monitor is a microphone. Says plainly when no
# sound server can be started, and fails then.
set -u
command -v pulseaudio >/dev/null || { echo "sound server: pulseaudio is not installed; ./test.sh installs it"; exit 1; }
work=$(mktemp -d)
chmod 0700 "$work"
export XDG_RUNTIME_DIR=$work PULSE_RUNTIME_PATH=$work/pulse PULSE_STATE_PATH=$work/state HOME=$work
mkdir -p "$PULSE_RUNTIME_PATH" "$PULSE_STATE_PATH"
chmod 0700 "$PULSE_RUNTIME_PATH"
export PULSE_SERVER=unix:$work/pulse/native
pulseaudio --daemonize=no -n --exit-idle-time=-1 --disable-shm=yes --log-target=file:"$work/log" \
    -L "module-native-protocol-unix socket=$work/pulse/native auth-anonymous=1" \
    -L "module-null-sink sink_name=stage norewinds=1 rate=48000 channels=1" \
    -L "module-remap-source source_name=microphone master=stage.monitor source_properties=device.description=Stage-microphone" &
server=$!
finish() { kill "$server" 2>/dev/null; wait "$server" 2>/dev/null; rm -rf "$work"; }
trap finish EXIT
for _ in $(seq 100); do
    pactl info >/dev/null 2>&1 && break
    kill -0 "$server" 2>/dev/null || break
    sleep 0.1
done
if ! pactl info >/dev/null 2>&1; then
    echo "sound server: PulseAudio could not be started:"
    cat "$work/log" 2>/dev/null
    exit 1
fi
pactl set-default-source microphone
pactl set-default-sink stage
"$@"
