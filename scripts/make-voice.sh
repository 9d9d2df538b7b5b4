#!/usr/bin/env bash
# Makes the shipped voice clips from the catalogue's names. Needs espeak-ng and sox; only for developing.
set -euo pipefail
cd "$(dirname "$0")/.."
out=formats/src/main/resources/onebeat/formats/sound/voice
mkdir -p "$out"
say() { # FILE WORDS
  espeak-ng -v en-us -s 185 -p 42 -w /tmp/onebeat-clip.wav "$2"
  sox /tmp/onebeat-clip.wav -r 16000 -b 16 -c 1 "$out/$1.wav" \
    silence 1 0.01 0.5% reverse silence 1 0.01 0.5% reverse norm -3
}
tail -n +2 core/src/main/resources/onebeat/core/exchange/techniques.csv | while IFS=, read -r code key name _; do
  say "$key" "${name//-/ }"
done
for n in 1 2 3 4 5 6 7 8 9; do say "times-$n" "$n times"; done
say pause wait
n=0
for word in one two three four five six; do
  n=$((n + 1))
  say "number-$n" "$word"
done
say body body
rm -f /tmp/onebeat-clip.wav
