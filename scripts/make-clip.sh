#!/usr/bin/env bash
# Makes the demo's film clip from its reel as it is drawn, with the sound of its hits.
# Needs ffmpeg with libx264. Writes desktop/src/main/resources/onebeat/desktop/demo/ring-apron.mp4.
set -euo pipefail
cd "$(dirname "$0")/.."
frames=$(mktemp -d)
trap 'rm -rf "$frames"' EXIT
./onebeat demo --frames ring-apron "$frames"
ffmpeg -y -loglevel error -framerate 25 -i "$frames/%04d.png" -i "$frames/hits.wav" -c:v libx264 -preset veryslow \
  -g 50 -bf 3 -crf 24 -pix_fmt yuv420p -c:a aac -b:a 64k -ac 1 -movflags +faststart -bitexact \
  desktop/src/main/resources/onebeat/desktop/demo/ring-apron.mp4
