#!/bin/sh
# Delivers the demo and has programs that share no code with Diaphan read it: pngcheck, the libtiff
# tools and ffmpeg. Then a still is laid over a clip by ffmpeg's overlay filter and compared with
# Diaphan's own drawing over the same picture: at most 2/255 apart.
set -eu
root=$(cd "$(dirname "$0")/.." && pwd)
for tool in pngcheck tiffinfo ffmpeg; do
  command -v "$tool" > /dev/null || {
    echo "$tool is not installed. On Debian: apt-get install pngcheck libtiff-tools ffmpeg" >&2
    exit 1
  }
done
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
bundle="$root/demo/lantern-reach-regatta"
# Built once by the launcher, which also finds the right Java.
"$root/diaphan" deliver "$bundle" --to "$work/png" --overlay "Skipper lower third" \
  --overlay "Slack water" --overlay "With thanks" --no-dither > "$work/png.jsonl"
"$root/diaphan" deliver "$bundle" --to "$work/deep" --overlay "Slack water" --depth 16 \
  --extent trimmed --margin 8 --even > /dev/null
"$root/diaphan" deliver "$bundle" --to "$work/pair" --overlay "Slack water" \
  --alpha fill-and-key > /dev/null
for alpha in straight premultiplied; do
  for packing in none lzw deflate; do
    "$root/diaphan" deliver "$bundle" --to "$work/tiff-$alpha-$packing" --format tiff --depth 16 \
      --overlay "Skipper lower third" --alpha "$alpha" --compression "$packing" > /dev/null
  done
done

for file in "$work"/png/*.png "$work"/deep/*.png "$work"/pair/*.png; do
  pngcheck -q "$file"
  ffmpeg -v error -i "$file" -f null -
done
echo "pngcheck and ffmpeg read all PNG files."

for file in "$work"/tiff-*/*.tif; do
  told=$(tiffinfo "$file" 2>&1)
  case "$file" in
    *tiff-straight*) kind="unassoc-alpha" ;;
    *) kind="assoc-alpha" ;;
  esac
  echo "$told" | grep -q "Extra Samples: 1<$kind>" || {
    echo "$file: libtiff does not find one $kind:" >&2
    echo "$told" >&2
    exit 1
  }
  if echo "$told" | grep -qi "warning\|error"; then
    echo "$told" >&2
    exit 1
  fi
  ffmpeg -v error -i "$file" -f null -
done
echo "libtiff and ffmpeg read all TIFF files, each with one alpha of the right kind."

for clip in quay-at-dusk white-sails; do
  ffmpeg -v error -y -ss 2 -i "$bundle/backdrops/$clip/clip.webm" -frames:v 1 \
    -vf scale=1920:1080 -pix_fmt rgb24 "$work/$clip.png"
  ffmpeg -v error -y -i "$work/$clip.png" -i "$work/png/skipper-lower-third.png" \
    -filter_complex "[0]format=gbrp[b];[1]format=gbrap[s];[b][s]overlay=format=gbrp,format=rgb24" \
    -frames:v 1 "$work/$clip-over.png"
  "$root/diaphan" bench --compare "$work/$clip.png" "$work/$clip-over.png"
done
