#!/bin/sh
# Delivers the demo and has programs that share no code with Diaphan read it: pngcheck, the libtiff
# tools and ffmpeg. Then a still is laid over a clip by ffmpeg and compared with Diaphan's own drawing
# over the same picture, at most 2/255 apart: straight, premultiplied, and as fill and key, straight
# and shaped. Last, what video makes of it (4:2:0, limited range) is compared with ffmpeg's own way
# there and back.
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
"$root/diaphan" deliver "$bundle" --to "$work/pair" --overlay "Skipper lower third" \
  --alpha fill-and-key --no-dither > /dev/null
"$root/diaphan" deliver "$bundle" --to "$work/shaped" --overlay "Skipper lower third" \
  --alpha fill-and-key --shaped --no-dither > /dev/null
for alpha in straight premultiplied; do
  for packing in none lzw deflate; do
    "$root/diaphan" deliver "$bundle" --to "$work/tiff-$alpha-$packing" --format tiff --depth 16 \
      --overlay "Skipper lower third" --alpha "$alpha" --compression "$packing" > /dev/null
  done
done

for file in "$work"/png/*.png "$work"/deep/*.png "$work"/pair/*.png "$work"/shaped/*.png; do
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

# What is laid over with its colours multiplied already: picture × (1 − key) + fill. Written out,
# since the overlay filter of ffmpeg 5.1 takes 16 from each such colour, as if it were limited luma.
# In 16 bits: in 8 the three roundings alone come to 2.4/255 on a bright picture.
laid="negate,format=gbrp16le[n];[b][n]blend=all_mode=multiply[m];[m][f]blend=all_mode=addition,format=rgb24"

# over CLIP WAY INPUTS... FILTER: lays a still over a picture and compares.
over() {
  clip=$1
  way=$2
  shift 2
  ffmpeg -v error -y -i "$work/$clip.png" "$@" -frames:v 1 "$work/$clip-$way.png"
  echo "$clip, $way:"
  "$root/diaphan" bench --compare "$work/$clip.png" "$work/$clip-$way.png"
}

third="skipper-lower-third"
for clip in quay-at-dusk white-sails; do
  ffmpeg -v error -y -ss 2 -i "$bundle/backdrops/$clip/clip.webm" -frames:v 1 \
    -vf scale=1920:1080 -pix_fmt rgb24 "$work/$clip.png"
  over "$clip" straight -i "$work/png/$third.png" -filter_complex \
    "[0]format=gbrp[b];[1]format=gbrap[s];[b][s]overlay=format=gbrp,format=rgb24"
  over "$clip" premultiplied -i "$work/tiff-premultiplied-deflate/$third.tif" -filter_complex \
    "[0]format=gbrp16le[b];[1]format=gbrap16le,split[p][q];[p]format=gbrp16le[f];[q]extractplanes=a,format=gray16le,$laid"
  over "$clip" fill-and-key -i "$work/pair/$third-fill.png" -i "$work/pair/$third-key.png" \
    -filter_complex "[0]format=gbrp[b];[1]format=gbrap[f];[2]format=gray[k];[f][k]alphamerge[s];[b][s]overlay=format=gbrp,format=rgb24"
  over "$clip" shaped -i "$work/shaped/$third-fill.png" -i "$work/shaped/$third-key.png" \
    -filter_complex "[0]format=gbrp16le[b];[1]format=gbrp16le[f];[2]format=gray16le,$laid"
  ffmpeg -v error -y -i "$work/$clip-straight.png" -sws_flags accurate_rnd+full_chroma_int+full_chroma_inp+bilinear \
    -vf "scale=out_color_matrix=bt709:out_range=tv,format=yuv420p" -c:v rawvideo -f nut "$work/video.nut"
  ffmpeg -v error -y -i "$work/video.nut" -sws_flags accurate_rnd+full_chroma_int+bilinear \
    -vf "scale=in_color_matrix=bt709:in_range=tv:out_range=pc,format=rgb24" -frames:v 1 "$work/$clip-video.png"
  echo "$clip, 4:2:0 in limited range and back:"
  "$root/diaphan" bench --compare-video "$work/$clip-straight.png" "$work/$clip-video.png"
done
