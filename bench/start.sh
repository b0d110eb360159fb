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

of() { # name and title of a window, then its command; prints the median of each figure, and the least and the most
    name=$1; shift
    for _ in $(seq "$runs"); do once "$@"; done | awk -v name="$name" '
        { time[NR] = $1; memory[NR] = $2; idle[NR] = $3 }
        function median(values,   i, j, swap) {
            for (i = 1; i <= NR; i++) for (j = i + 1; j <= NR; j++)
                if (values[j] < values[i]) { swap = values[i]; values[i] = values[j]; values[j] = swap }
            return values[int((NR + 1) / 2)]
        }
        END { t = median(time); m = median(memory); i = median(idle)
            printf "%-14s %5d ms (%d to %d)  %4d MB (%d to %d)  idle %d ms of processor a second\n",
                name, t, time[1], time[NR], m, memory[1], memory[NR], i }'
}

of "empty window" "Empty window" "$java" --module-path "$app/javafx" --add-modules javafx.controls \
    --enable-native-access=javafx.graphics -cp "$empty" lunko.bench.EmptyWindow
of "Lunko" "– Lunko" "$java" -XX:TieredStopAtLevel=1 -XX:AOTCache="$home/desktop/target/lunko.aot" -Xlog:disable \
    --module-path "$app/javafx" --add-modules javafx.controls,javafx.swing \
    --enable-native-access=javafx.graphics,ALL-UNNAMED -cp "$app/lib/*" lunko.desktop.Main
