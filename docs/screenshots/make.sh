#!/bin/sh
# Makes the pictures in this folder anew, from the demo lesson.
set -eu
here=$(cd "$(dirname "$0")" && pwd)
picture() { "$here/../../lunko" picture "$@"; }

picture --kind left --step 12 -o "$here/left-outer-unknown.png"
picture --kind left --step 17 -o "$here/left-outer-pair.png"
picture --kind inner -o "$here/inner.png"
picture --kind right -o "$here/right-outer.png"
picture --kind full -o "$here/full-outer.png"
picture --kind cross --step 8 -o "$here/cross.png"
picture --kind "left semi" -o "$here/left-semi.png"
picture --kind left --step 14 --beside pairs -o "$here/pair-grid.png"
picture --kind "full anti" --theme dark -o "$here/full-anti-dark.png"
picture --mode tables -o "$here/tables.png"
