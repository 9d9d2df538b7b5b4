#!/usr/bin/env bash
# Makes the demo's film clip from its reel as it is drawn: every picture a key picture, no sound track.
# Needs ffmpeg with libx264. Writes desktop/src/main/resources/onebeat/desktop/demo/ring-apron.mp4.
set -euo pipefail
cd "$(dirname "$0")/.."
frames=$(mktemp -d)
trap 'rm -rf "$frames"' EXIT
./onebeat demo --frames ring-apron "$frames"
ffmpeg -y -loglevel error -framerate 25 -i "$frames/%04d.png" -an -c:v libx264 -preset veryslow -g 1 -crf 30 \
  -pix_fmt yuv420p -movflags +faststart -bitexact desktop/src/main/resources/onebeat/desktop/demo/ring-apron.mp4
