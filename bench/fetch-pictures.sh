#!/usr/bin/env bash
# Fetches test pictures that libraries for pictures are tested with: of Debian's source packages of
# Pillow (with bmpsuite), libtiff and libpng (with PngSuite), from where this machine has its
# packages. They are not kept in the repository.
#
#   bench/fetch-pictures.sh FOLDER
set -euo pipefail
[ $# -eq 1 ] || { echo "Say the folder to put the pictures in." >&2; exit 1; }
command -v apt-get >/dev/null || { echo "The pictures come from Debian's source packages; this machine has no apt-get." >&2; exit 1; }
mkdir -p "$1"
folder=$(cd "$1" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
mkdir -p "$work/lists" "$work/sources"
for file in /etc/apt/sources.list.d/*.sources; do
  [ -f "$file" ] && sed 's/^Types:.*/Types: deb-src/' "$file" >"$work/sources/$(basename "$file")"
done
[ -f /etc/apt/sources.list ] && sed -n 's/^deb /deb-src /p' /etc/apt/sources.list >"$work/sources/plain.list"
sources=(-o "Dir::Etc::sourcelist=/dev/null" -o "Dir::Etc::sourceparts=$work/sources" -o "Dir::State::lists=$work/lists" -o "APT::Sandbox::User=$(id -un)")
apt-get -qq "${sources[@]}" update
cd "$work"
for package in pillow tiff libpng1.6; do
  apt-get -qq "${sources[@]}" source --download-only --tar-only "$package"
done
for archive in *.orig.tar.*; do
  tar xf "$archive"
done
# The part of each that holds pictures, named as the sets are known.
mkdir -p "$folder"/{pngsuite,bmpsuite,libtiff,pillow}
cp -r libpng*/contrib/pngsuite/. libpng*/contrib/testpngs/. "$folder/pngsuite"
cp -r pillow-*/Tests/images/bmp/. "$folder/bmpsuite"
cp -r libtiff-*/test/images/. "$folder/libtiff"
find pillow-*/Tests/images -maxdepth 1 -type f -exec cp {} "$folder/pillow" \;
find "$folder" -type f | wc -l | sed 's/$/ files/'
