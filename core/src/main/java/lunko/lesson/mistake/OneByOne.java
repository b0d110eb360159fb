package lunko.lesson.mistake;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.lesson.AliasedTable;
import lunko.lesson.WrittenQuery;
import lunko.table.Row;
import lunko.words.MistakeSentences;

/** The rows of a join, fetched by one query and then one more for each row of the first. */
final class OneByOne {
    private static final int MOST = 12;

    private OneByOne() {}

    static Stream<Shown> of(Ground ground, MistakeSentences in) {
        return ground.ties().stream().filter(tie -> tie.isSimple() && tie.check().tally().pairs() > 0).map(tie -> {
            List<AliasedTable> tables = AliasedTable.of(tie.left(), tie.right());
            AliasedTable left = tables.getFirst();
            AliasedTable right = tables.getLast();
            int key = tie.left().column(tie.on().getFirst().left()).orElseThrow();
            List<Row> rows = tie.left().rows().stream().filter(row -> !row.value(key).isNull()).toList();
            String each = rows.stream().limit(MOST).map(row -> ";\nSELECT * FROM " + right.item() + " WHERE "
                    + right.column(tie.on().getFirst().right()) + " = " + row.value(key).sql())
                    .collect(Collectors.joining());
            String more = rows.size() > MOST ? "\n-- " + in.andSoOn(MOST, rows.size()) : "";
            String sent = "-- " + in.sent(1 + rows.size()) + "\nSELECT * FROM " + left.item() + each + more;
            return new Shown(WrittenQuery.of(sent), Shown.neat("SELECT * FROM " + left.item() + " JOIN "
                    + right.item() + " ON " + left.equal(right, tie.on())), Optional.empty());
        });
    }
}
