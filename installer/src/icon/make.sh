#!/bin/sh
# Makes the pictures of the icons from their drawings, in the usual sizes, by Chromium.
set -eu
icons=$(cd "$(dirname "$0")/../linux/share/icons/hicolor" && pwd)
page=$(mktemp -d)
trap 'rm -rf "$page"' EXIT
for kind in apps mimetypes; do
    for drawing in "$icons/scalable/$kind"/*.svg; do
        for size in 16 24 32 48 64 128 256; do
            mkdir -p "$icons/${size}x$size/$kind"
            # A window is wider than the smallest icons: the picture of it is cut.
            printf '<style>*{margin:0}img{display:block;width:%spx;height:%spx}</style><img src="file://%s">' \
                "$size" "$size" "$drawing" >"$page/icon.html"
            chromium --headless --no-sandbox --disable-gpu --hide-scrollbars --default-background-color=00000000 \
                --window-size=512,512 --screenshot="$page/icon.png" "file://$page/icon.html" >/dev/null 2>&1
            convert "$page/icon.png" -crop "${size}x$size+0+0" +repage -strip \
                "$icons/${size}x$size/$kind/$(basename "$drawing" .svg).png"
        done
    done
done
