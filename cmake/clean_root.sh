# Sourced by the checks that want a Debian 12 root of their own (as root, with a mirror).
[ "$(id -u)" -eq 0 ] || { echo "$(basename "$0") makes a root of its own: run it as root" >&2; exit 1; }
command -v debootstrap >/dev/null || apt-get -o DPkg::Lock::Timeout=300 -qq -y --no-install-recommends install debootstrap >/dev/null

# make_root FOLDER: a minimal system there, in $root; what it says is in $root.log.
make_root() {
    root=$1
    local mirror settings
    mirror=$(sed -n 's/^deb \(\[[^]]*\] \)\?\([^ ]*\) .*/\2/p; s/^URIs: \([^ ]*\).*/\1/p' /etc/apt/sources.list /etc/apt/sources.list.d/* 2>/dev/null | head -1 || true)
    debootstrap --variant=minbase bookworm "$root" "${mirror:-http://deb.debian.org/debian}" >"$root.log" 2>&1 || { tail -5 "$root.log"; fail "no root"; }
    for settings in /etc/apt/apt.conf /etc/apt/apt.conf.d/*; do # how this machine reaches its mirror
        if [ -f "$settings" ]; then install -D "$settings" "$root$settings"; fi
    done
    cp /etc/resolv.conf "$root/etc/resolv.conf" 2>/dev/null || true
    in_root apt-get -qq update
}
in_root() { chroot "$root" env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/root LANG=C.UTF-8 DEBIAN_FRONTEND=noninteractive "$@"; }
