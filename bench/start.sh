#!/bin/sh
# How long it takes from the command to a window on the screen, and how much memory is used then: Lunko with its demo
# lesson, and beside it a window of the toolkit with nothing in it. Needs an X display, xdotool and a build (./lunko).
#   bench/start.sh [RUNS [cold]]   cold: of what was read from the disk, nothing is left in memory (needs root)
set -u
home=$(CDPATH='' cd -- "$(dirname -- "$0")/.." && pwd)
app="$home/desktop/target/app"
java="${JAVA_HOME:?set JAVA_HOME to a JDK 25 or newer}/bin/java"
runs=${1:-10}
cold=${2:-}
empty="$home/bench/target/classes"

once() { # title of the window, then the command
    title=$1; shift
    [ -z "$cold" ] || { sync; echo 3 > /proc/sys/vm/drop_caches; }
    begin=$(date +%s%N)
    "$@" >/dev/null 2>&1 &
    process=$!
    until xdotool search --onlyvisible --name "$title" >/dev/null 2>&1; do sleep 0.01; done
    shown=$(date +%s%N)
    sleep 2
    before=$(awk '{print $14 + $15}' "/proc/$process/stat")
    memory=$(awk '/VmRSS/ {print int($2 / 1024)}' "/proc/$process/status")
    sleep 3
    after=$(awk '{print $14 + $15}' "/proc/$process/stat")
    kill "$process"; wait "$process" 2>/dev/null
    echo "$(((shown - begin) / 1000000)) $memory $(((after - before) * 10 / 3))"
}

empty() {
    once "Empty window" "$java" --module-path "$app/javafx" --add-modules javafx.controls \
        --enable-native-access=javafx.graphics -cp "$empty" lunko.bench.EmptyWindow
}

lunko() {
    once "– Lunko" "$java" "@$home/desktop/src/main/start/java.options" -XX:AOTCache="$home/desktop/target/lunko.aot" \
        --module-path "$app/javafx" --add-modules javafx.controls,javafx.swing -cp "$app/lib/*" lunko.desktop.Main
}

# By turns: what else the machine does meets both.
for _ in $(seq "$runs"); do echo "$(empty) $(lunko)"; done | awk '
    function median(of,   i, j, swap) {
        for (i = 1; i <= NR; i++) values[i] = all[i, of]
        for (i = 1; i <= NR; i++) for (j = i + 1; j <= NR; j++)
            if (values[j] < values[i]) { swap = values[i]; values[i] = values[j]; values[j] = swap }
        return values[int((NR + 1) / 2)]
    }
    function say(name, from,   middle) {
        middle = median(from)
        printf "%-14s %5d ms (%d to %d)", name, middle, values[1], values[NR]
        middle = median(from + 1)
        printf "  %4d MB (%d to %d)", middle, values[1], values[NR]
        printf "  idle %d ms of processor a second\n", median(from + 2)
    }
    { for (i = 1; i <= 6; i++) all[NR, i] = $i; all[NR, 7] = $4 / $1; all[NR, 8] = $5 / $2 }
    END {
        say("empty window", 1)
        say("Lunko", 4)
        middle = median(7)
        printf "%-14s %5.2f times as long (%.2f to %.2f)", "by turns", middle, values[1], values[NR]
        printf ", %.2f times the memory\n", median(8) }'
