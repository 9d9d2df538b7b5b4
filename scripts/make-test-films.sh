#!/usr/bin/env bash
# Makes the small films that the tests of `media` read: each frame carries its number as sixteen squares, the lowest
# bit at the left, light for one. Needs ffmpeg with x264, x265 and VP9; only for developing.
set -euo pipefail
cd "$(dirname "$0")/../media/src/test/resources/onebeat/media"

film() { # FRAMES RATE
  printf "color=black:s=160x96:r=%s,format=gray,geq=lum='if(lt(mod(Y\,48)\,48)*bitand(N\,pow(2\,floor(X/20)+8*floor(Y/48)))\,220\,30)',trim=end_frame=%s,format=yuv420p" "$2" "$1"
}

make() { # NAME FRAMES RATE OPTIONS...
  local name=$1 frames=$2 rate=$3
  shift 3
  ffmpeg -loglevel error -y -f lavfi -i "$(film "$frames" "$rate")" "$@" -bitexact "$name"
}

with_sound() { # NAME FRAMES RATE OPTIONS...
  local name=$1 frames=$2 rate=$3
  shift 3
  # A click of a millisecond on each whole second.
  ffmpeg -loglevel error -y -f lavfi -i "$(film "$frames" "$rate")" \
    -f lavfi -i "aevalsrc='0.8*lt(mod(t\,1)\,0.001)':s=48000:d=3" "$@" -shortest -bitexact "$name"
}

h264=(-c:v libx264 -preset fast -bf 3 -g 24 -crf 20 -pix_fmt yuv420p)
make h264-24.mp4 72 24 "${h264[@]}"
make h264-25.mp4 75 25 "${h264[@]}"
with_sound h264-29.97.mp4 90 30000/1001 "${h264[@]}" -c:a aac -b:a 64k
make upright.mp4 60 30 "${h264[@]}"
ffmpeg -loglevel error -y -i upright.mp4 -c copy -metadata:s:v:0 rotate=270 h264-30-rotated.mp4
rm upright.mp4
make h264-59.94.mp4 120 60000/1001 "${h264[@]}"
with_sound h264-60.mkv 180 60 "${h264[@]}" -c:a libopus -b:a 48k
make h264-open.mp4 72 24 -c:v libx264 -bf 3 -g 12 -x264-params open-gop=1 -crf 20 -pix_fmt yuv420p
with_sound hevc-30.mov 90 30 -c:v libx265 -x265-params log-level=none:bframes=3:keyint=30 -crf 22 -tag:v hvc1 -c:a aac -b:a 64k
make vp9-25.webm 75 25 -c:v libvpx-vp9 -crf 30 -b:v 0 -g 25 -auto-alt-ref 1 -lag-in-frames 16
with_sound mjpeg-24.avi 48 24 -c:v mjpeg -q:v 4 -c:a pcm_s16le -ac 1 -ar 16000
# A rate that varies: every third frame is left out, its number with it.
ffmpeg -loglevel error -y -f lavfi -i "$(film 90 30)" -vf "select='mod(n\,3)'" -fps_mode vfr "${h264[@]}" -bitexact h264-varying.mp4
ffmpeg -loglevel error -y -f lavfi -i "sine=frequency=440:duration=1" -c:a aac -bitexact sound-only.m4a
ffmpeg -loglevel error -y -f lavfi -i "color=gray:s=3840x2160:r=30,trim=end_frame=3" -c:v libx264 -preset fast -pix_fmt yuv420p -bitexact uhd.mp4
# An hour, a frame a second.
ffmpeg -loglevel error -y -f lavfi -i "$(film 3600 1)" -c:v libx264 -preset fast -bf 2 -g 120 -crf 30 -bitexact hour.mp4
ls -l
