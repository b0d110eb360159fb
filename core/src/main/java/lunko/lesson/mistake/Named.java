package lunko.lesson.mistake;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.KeyPair;
import lunko.query.SqlName;
import lunko.query.change.PlainJoin.TableAlias;
import lunko.table.Table;

/** A table as a query names it. */
record Named(Table table, String alias) {

    /** Tables under the first letters of their names, or, where two would have the same, under letters in order. */
    static List<Named> of(Table... tables) {
        List<String> initials = Stream.of(tables).map(Table::name).map(TableAlias::initial).toList();
        boolean clear = initials.stream().distinct().count() == tables.length && !initials.contains("");
        return IntStream.range(0, tables.length)
                .mapToObj(i -> new Named(tables[i], clear ? initials.get(i) : Character.toString('a' + i))).toList();
    }

    /** Its name alone. */
    String name() {
        return new SqlName(table.name()).text();
    }

    /** It in FROM: {@code hives h}. */
    String item() {
        return name() + " " + alias;
    }

    /** A column of it: {@code h.keeper_id}. */
    String column(String name) {
        return new SqlName(alias).text() + "." + new SqlName(name).text();
    }

    /** That its columns are equal to those of another: {@code h.keeper_id = k.keeper_id}. */
    String equal(Named right, List<KeyPair> on) {
        return on.stream().map(pair -> column(pair.left()) + " = " + right.column(pair.right()))
                .collect(Collectors.joining(" AND "));
    }
}
