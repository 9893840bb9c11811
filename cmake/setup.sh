# Sourced by run.sh and test.sh: Debian packages and builds.

packages_build="build-essential cmake ninja-build ccache pkg-config qt6-base-dev qt6-multimedia-dev libqt6opengl6-dev
    libgl-dev libeigen3-dev libfftw3-dev libsndfile1-dev nlohmann-json3-dev libcli11-dev libfmt-dev libgtest-dev
    libbenchmark-dev qt6-l10n-tools zlib1g-dev libsqlite3-dev"
packages_run="libqt6sql6-sqlite qt6-qpa-plugins libqt6multimedia6 qt6-translations-l10n"
# The last one holds recorded drums under free licences: what is heard is tested on real hits too.
packages_test="python3 python3-jsonschema clang-format clang-16 libclang-rt-16-dev xvfb xauth pulseaudio pulseaudio-utils hydrogen-drumkits
    lintian desktop-file-utils appstream file"

# need_packages GROUP...: installs what is not there; asks for root only then.
need_packages() {
    local group name missing=()
    for group in "$@"; do
        local list="packages_$group"
        for name in ${!list}; do
            dpkg-query -W -f='${Status}' "$name" 2>/dev/null | grep -q "install ok installed" || missing+=("$name")
        done
    done
    [ ${#missing[@]} -eq 0 ] && return
    echo "Installing ${missing[*]}"
    local root=()
    if [ "$(id -u)" -ne 0 ]; then
        if ! command -v sudo >/dev/null; then
            echo "These Debian packages are missing; install them as root: apt-get install ${missing[*]}" >&2
            exit 1
        fi
        root=(sudo)
    fi
    "${root[@]}" apt-get -o DPkg::Lock::Timeout=300 -qq update
    "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=300 -qq -y \
        --no-install-recommends install "${missing[@]}" >/dev/null
}

# configure_and_build PRESET [TARGET...]
configure_and_build() {
    local preset=$1
    shift
    cmake --preset "$preset" >/dev/null
    cmake --build --preset "$preset" ${*:+--target "$@"} | grep -vE '^\[[0-9]+/[0-9]+\]' || [ "${PIPESTATUS[0]}" -eq 0 ]
}

# Qt and the sound server want a runtime folder of their own with tight rights.
private_runtime_folder() {
    if [ -z "${XDG_RUNTIME_DIR:-}" ] || [ ! -d "$XDG_RUNTIME_DIR" ]; then
        XDG_RUNTIME_DIR=$(mktemp -d)
        export XDG_RUNTIME_DIR
        chmod 0700 "$XDG_RUNTIME_DIR"
    fi
}
