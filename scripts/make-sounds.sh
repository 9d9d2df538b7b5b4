#!/usr/bin/env bash
# Makes the sounds that ship with the program, from sine waves and noise. For developing only; needs sox.
set -eu
cd "$(dirname "$0")/../formats/src/main/resources/onebeat/formats/sound"
rate="-r 44100 -c 1 -b 16"
sox -n $rate bell.wav synth 1.8 sine 880 synth 1.8 sine mix 1322 synth 1.8 sine mix 2210 fade t 0.002 1.8 1.7 gain -n -3
sox -n $rate end.wav synth 0.9 sine 880 synth 0.9 sine mix 1322 fade t 0.002 0.9 0.8 repeat 1 gain -n -3
sox -n $rate click.wav synth 0.03 sine 1400 fade t 0.001 0.03 0.025 gain -n -12
sox -n $rate accent.wav synth 0.03 sine 1900 fade t 0.001 0.03 0.025 gain -n -7
sox -n $rate half.wav synth 0.02 sine 2600 fade t 0.001 0.02 0.016 gain -n -14
sox -n $rate pause.wav synth 0.04 sine 420 fade t 0.002 0.04 0.034 gain -n -16
sox -n $rate call.wav synth 0.12 triangle 520 fade t 0.003 0.12 0.1 gain -n -6
sox -n $rate last-ten.wav synth 0.05 noise fade t 0.001 0.05 0.04 pad 0 0.12 repeat 2 gain -n -4
