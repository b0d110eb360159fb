package lunko.lesson;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.query.KeyPair;
import lunko.query.SqlName;
import lunko.query.change.PlainJoin.TableAlias;
import lunko.table.Table;
import lunko.table.Type;

/** A table as a query names it. */
public record AliasedTable(Table table, String alias) {

    /** Tables under the first letters of their names, or, where two would have the same, under letters in order. */
    public static List<AliasedTable> of(Table... tables) {
        List<String> initials = Stream.of(tables).map(Table::name).map(TableAlias::initial).toList();
        boolean clear = initials.stream().distinct().count() == tables.length && !initials.contains("");
        return IntStream.range(0, tables.length)
                .mapToObj(i -> new AliasedTable(tables[i], clear ? initials.get(i) : Character.toString('a' + i)))
                .toList();
    }

    /** Under the first letter of its name, or, where one of the others has that, under the next that is free. */
    public static AliasedTable beside(List<AliasedTable> others, Table table) {
        return Stream.concat(Stream.of(TableAlias.initial(table.name())), IntStream.rangeClosed('a', 'z')
                .mapToObj(Character::toString))
                .filter(alias -> !alias.isEmpty() && others.stream().noneMatch(one -> one.alias.equals(alias)))
                .findFirst().map(alias -> new AliasedTable(table, alias)).orElseThrow();
    }

    /** Its name alone. */
    public String name() {
        return new SqlName(table.name()).text();
    }

    /** It in FROM: {@code hives h}. */
    public String item() {
        return name() + " " + new SqlName(alias).text();
    }

    /** A column of it: {@code h.keeper_id}. */
    public String column(String name) {
        return new SqlName(alias).text() + "." + new SqlName(name).text();
    }

    /** That its columns are equal to those of another: {@code h.keeper_id = k.keeper_id}. */
    public String equal(AliasedTable right, List<KeyPair> on) {
        return on.stream().map(pair -> column(pair.left()) + " = " + right.column(pair.right()))
                .collect(Collectors.joining(" AND "));
    }

    /** The column that says most of a row: the first text, or else the first. */
    public String telling() {
        return column(table.columns().stream().filter(column -> column.type() == Type.TEXT).findFirst()
                .orElse(table.columns().getFirst()).name());
    }
}
