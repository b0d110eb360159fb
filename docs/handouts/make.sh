#!/bin/sh
# Makes the pictures in this folder anew, from the demo lesson; pages of PDFs are rendered by pdftoppm (poppler-utils).
set -eu
here=$(cd "$(dirname "$0")" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
handout() { "$here/../../lunko" handout "$@"; }
page() { pdftoppm -r 80 -png -singlefile "$work/$1.pdf" "$here/$1"; }

handout --as worksheet --scenes 3 --missing kind,on --variants 2 -o "$work/variants"
mv "$work/variants/worksheet-B.pdf" "$work/worksheet.pdf"
handout --as answers --scenes 3 --variants 2 -o "$work/answers"
mv "$work/answers/answers-B.pdf" "$work/answers.pdf"
handout --as summary --scenes 3 -o "$work/summary.pdf"
for name in worksheet answers summary; do page "$name"; done
handout --as png --of scene --scenes 3 --scale 1.2 --replace -o "$here/scene.png"
handout --as png --of kinds --scenes 3 --look print --scale 1.2 --replace -o "$here/kinds.png"
handout --as gif --scenes 3 --steps landings --width 700 --replace -o "$here/steps.gif"
