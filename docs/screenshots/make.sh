#!/bin/sh
# Makes the pictures in this folder anew, from the demo lesson.
set -eu
here=$(cd "$(dirname "$0")" && pwd)
picture() { "$here/../../lunko" picture "$@"; }

picture --kind left --step 12 -o "$here/left-outer-unknown.png"
picture --kind left --step 17 -o "$here/left-outer-pair.png"
picture --kind left --sheet kinds -o "$here/kinds.png"
picture --kind full -o "$here/full-outer.png"
picture --course first-steps --scene 1 --step 4 -o "$here/first-steps.png"
picture --kind "full anti" --theme dark -o "$here/full-anti-dark.png"
picture --mode tables -o "$here/tables.png"
picture --mode scenes --scene 4 -o "$here/scenes.png"
picture --scene 3 --step 0 -o "$here/covered.png"
picture --scene 3 -o "$here/uncovered.png"
chain="SELECT h.hive, k.keeper, r.day, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id LEFT JOIN harvests r ON r.hive_no = h.hive_no"
picture --query "$chain" --step 63 -o "$here/chain.png"
picture --query "SELECT h.hive, r.kg FROM hives h JOIN harvests r ON r.hive_no = h.hive_no WHERE r.kg > 4 ORDER BY r.kg" --step 62 -o "$here/filter.png"
picture --kind left --way hash --step 9 -o "$here/hash-join.png"
picture --query "SELECT * FROM harvests r JOIN grades g ON r.kg BETWEEN g.from_kg AND g.to_kg" --beside pairs --step 20 -o "$here/range.png"
picture --kind "left anti" --sheet ways -o "$here/ways.png"
picture --query "SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id WHERE k.village = 'Ashholt'" --sheet on-where -o "$here/on-where.png"
picture --query "SELECT h.hive, k.keeper, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id JOIN harvests r ON r.hive_no = h.hive_no WHERE r.kg > 4 ORDER BY r.kg" --sheet build -o "$here/build.png"
# The learner's page, in a browser as large as a laptop's and as a phone's.
(cd "$here/../.." && mvn -B -q test -pl core,exchange,page -Dtest=PageTest#picturesForTheDocs -Dsurefire.failIfNoSpecifiedTests=false "-Dtest.amount=-Dlunko.pictures=$here")
