#!/usr/bin/env bash
# Makes the Debian package of a build, looks at it as Debian would, unpacks it beside and starts what was installed.
#   check.sh BUILD
set -euo pipefail
build=$(realpath "$1")
source=$(realpath "$(dirname "$0")/../..")
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
fail() { echo "package: $*"; exit 1; }

(cd "$build" && cpack -B "$work/made" >"$work/cpack.log" 2>&1) || { cat "$work/cpack.log"; fail "cpack failed"; }
deb=$(ls "$work"/made/bombo_*.deb)
lintian --no-cfg --fail-on error,warning --suppress-tags bad-distribution-in-changes-file,initial-upload-closes-no-bugs "$deb" ||
    fail "lintian finds fault with it"

root=$work/root
dpkg-deb -x "$deb" "$root"
desktop-file-validate "$root/usr/share/applications/bombo.desktop" || fail "the .desktop file"
appstreamcli validate --no-net "$root/usr/share/metainfo/invalid.bombo.bombo.metainfo.xml" || fail "the metainfo"
# With a public address it has pictures, each of them one that we have.
cmake -D FROM="$source/packaging/invalid.bombo.bombo.metainfo.xml.in" -D TO="$work/invalid.bombo.bombo.metainfo.xml" \
    -D BOMBO_PICTURES=https://pictures.invalid -P "$source/cmake/metainfo.cmake"
appstreamcli validate --no-net "$work/invalid.bombo.bombo.metainfo.xml" || fail "the metainfo with pictures"
pictures=$(sed -n 's|.*<image>https://pictures.invalid/\(.*\)</image>.*|\1|p' "$work/invalid.bombo.bombo.metainfo.xml")
[ "$(wc -w <<<"$pictures")" -ge 3 ] || fail "the metainfo has no pictures"
for picture in $pictures; do [ -s "$source/docs/screenshots/$picture" ] || fail "no picture $picture"; done
for page in bombo bombo-cli; do
    zcat "$root/usr/share/man/man1/$page.1.gz" | grep -q '^\.SH NAME' || fail "no manual page of $page"
done
bash -n "$root/usr/share/bash-completion/completions/bombo-cli"
for size in 16 48 256; do
    file "$root/usr/share/icons/hicolor/${size}x$size/apps/bombo.png" | grep -q "$size x $size" || fail "the icon of $size"
done
# Every verb that the completion offers is one, and the other way about.
offered=$(sed -n 's/.*verbs="\(.*\)"/\1/p' "$root/usr/share/bash-completion/completions/bombo-cli" | tr ' ' '\n' | sort)
known=$("$root/usr/bin/bombo-cli" --help | sed -n '/^Subcommands:/,$p' | awk '/^  [a-z]/ {print $1}' | sort)
[ "$offered" = "$known" ] || fail "completion and verbs differ: $(diff <(echo "$offered") <(echo "$known"))"

# As a new user: an empty home, a workbook of the installed program, opened by the installed window as by a double click.
export HOME=$work/home
mkdir -p "$HOME"
for word in --version --help; do # without a screen, too
    env -u DISPLAY -u WAYLAND_DISPLAY -u QT_QPA_PLATFORM "$root/usr/bin/bombo" $word | grep -q -i bombo || fail "$word wants a screen"
done
export QT_QPA_PLATFORM=offscreen
"$root/usr/bin/bombo" --version | grep -q '^bombo [0-9]' || fail "no version"
"$root/usr/bin/bombo-cli" demo "$HOME/house.bombo" >/dev/null
grep -q 'Exec=bombo %f' "$root/usr/share/applications/bombo.desktop"
status=0
timeout 8 "$root/usr/bin/bombo" "$HOME/house.bombo" 2>"$work/window.log" || status=$?
[ "$status" -eq 124 ] || { cat "$work/window.log"; fail "the window did not stay open (exit $status)"; }
[ -e "$HOME/house.bombo-wal" ] || fail "the window did not open the workbook"
python3 - "$HOME/house.bombo" "$root/usr/share/mime/packages/bombo-workbook.xml" <<'PY'
import sys, xml.etree.ElementTree as ET
head = open(sys.argv[1], "rb").read(100)
space = {"m": "http://www.freedesktop.org/standards/shared-mime-info"}
outer = ET.parse(sys.argv[2]).getroot().find(".//m:magic/m:match", space)
inner = outer.find("m:match", space)
assert head.startswith(outer.get("value").encode()), "not SQLite"
at = int(inner.get("offset"))
assert int.from_bytes(head[at:at + 4], "big") == int(inner.get("value"), 16), "the file type's magic is not a workbook's"
PY
# Nothing is left where it was unpacked but what the package lists.
extra=$(cd "$root" && find . -type f | sed 's|^\.||' | sort | comm -13 <(dpkg-deb -c "$deb" | awk '{print $6}' | sed 's|^\.||' | sort) -)
[ -z "$extra" ] || fail "the program wrote into its own place: $extra"
echo "package: $(basename "$deb"), $(du -k "$deb" | cut -f1) KB"
