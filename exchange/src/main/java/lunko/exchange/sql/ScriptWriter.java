package lunko.exchange.sql;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToIntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.insight.keys.KeyFaults;
import lunko.lesson.ForeignKeys;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.query.KeyPair;
import lunko.query.SqlName;
import lunko.query.change.SqlDialect;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Value;
import lunko.words.FileSentences;

/**
 * Writes tables as a script of standard SQL that makes them, in words that PostgreSQL and SQLite know too. What a
 * database would refuse, such as a key that is there twice, is said in a comment.
 */
public final class ScriptWriter {
    private static final int MOST_VALUES = 20_000;

    private final SqlDialect target;
    private final UnaryOperator<String> name;
    private final FileSentences in;

    private ScriptWriter(SqlDialect target, UnaryOperator<String> name, FileSentences in) {
        this.target = target;
        this.name = name;
        this.in = in;
    }

    /**
     * Writes a CREATE TABLE for each table, with its keys, and an INSERT for its rows; tables come before those that
     * refer to them. Names are in double quotes always: each database has other words that cannot be names as they are.
     */
    public static void write(TableSet set, Appendable out, FileSentences in) throws IOException {
        new ScriptWriter(SqlDialect.STANDARD, SqlName::quoted, in).write(set, out, ForeignKeys.of(set));
    }

    /** The same in the words of a database, its names as a query that is written for it has them. */
    public static void write(TableSet set, SqlDialect target, Appendable out, FileSentences in) throws IOException {
        new ScriptWriter(target, target::name, in).write(set, out, ForeignKeys.of(set));
    }

    private void write(TableSet set, Appendable out, ForeignKeys keys) throws IOException {
        for (Link link : keys.broken()) {
            out.append("-- ")
                    .append(comment(in.brokenLink(link.left(), link.pairs().stream().map(KeyPair::left).toList(),
                            link.right(), link.pairs().stream().map(KeyPair::right).toList())))
                    .append("\n");
        }
        for (Table table : keys.tables()) {
            KeyFaults faults = KeyFaults.of(table);
            if (!faults.isNone()) {
                out.append("-- ").append(comment(in.brokenKey(table.name())))
                        .append("\n");
            }
            for (int row = 0; row < table.rows().size(); row++) misfits(table, row, out);
            out.append("CREATE TABLE ").append(name.apply(table.name())).append(" (\n    ")
                    .append(String.join(",\n    ", parts(table, faults, keys))).append("\n);\n");
            rows(table, out);
            out.append("\n");
        }
    }

    /** The rows, in as many statements as keep each of them short enough to be read. */
    private void rows(Table table, Appendable out) throws IOException {
        int most = Math.max(1, MOST_VALUES / table.columns().size());
        for (int from = 0; from < table.rows().size(); from += most) {
            out.append("INSERT INTO ").append(name.apply(table.name())).append(" VALUES\n    ")
                    .append(table.rows().subList(from, Math.min(table.rows().size(), from + most)).stream()
                            .map(ScriptWriter::row).collect(Collectors.joining(",\n    ")))
                    .append(";\n");
        }
    }

    private void misfits(Table table, int row, Appendable out) throws IOException {
        for (var misfit : table.rows().get(row).misfits().entrySet()) {
            out.append("-- ")
                    .append(comment(in.misfit(row + 1L, table.name(),
                            table.columns().get(misfit.getKey()).name(), misfit.getValue())))
                    .append("\n");
        }
    }

    private List<String> parts(Table table, KeyFaults faults, ForeignKeys keys) {
        List<String> parts =
                new ArrayList<>(table.columns().stream().map(column -> column(table, column, faults)).toList());
        List<Integer> key = table.key();
        if (!key.isEmpty() && faults.isNone())
            parts.add("PRIMARY KEY (" + columns(key.stream().map(i -> table.columns().get(i).name())) + ")");
        keys.holding().stream()
                .filter(link -> link.left().equals(table.name())
                        && (target.refersWithinAnInsert() || !link.right().equals(table.name())))
                .forEach(link -> parts.add("FOREIGN KEY ("
                        + columns(link.pairs().stream().map(KeyPair::left)) + ") REFERENCES " + name.apply(link.right())
                        + " (" + columns(link.pairs().stream().map(KeyPair::right)) + ")"));
        return parts;
    }

    private String columns(Stream<String> names) {
        return names.map(name).collect(Collectors.joining(", "));
    }

    private String column(Table table, Column column, KeyFaults faults) {
        int at = table.columns().indexOf(column);
        int digits = most(table, at,
                value -> value instanceof Value.DecimalValue(BigDecimal number) ? Math.max(0, number.scale()) : 0);
        int characters = most(table, at,
                value -> value instanceof Value.TextValue(String text) ? text.codePointCount(0, text.length()) : 0);
        return name.apply(column.name()) + " " + target.type(column, digits, characters)
                + (column.nullable() || !faults.isNone() ? "" : " NOT NULL");
    }

    private static int most(Table table, int column, ToIntFunction<Value> of) {
        return table.rows().stream().map(row -> row.value(column)).mapToInt(of).max().orElse(0);
    }

    private static String row(Row row) {
        return row.values().stream().map(ScriptWriter::literal).collect(Collectors.joining(", ", "(", ")"));
    }

    /** A day is written as a text: SQLite knows no DATE before it, and the others make a day of it. */
    private static String literal(Value value) {
        return value instanceof Value.DateValue(var day) ? "'" + day + "'" : value.sql();
    }

    /** A comment ends with its line, and a semicolon in it would end a statement for simple readers. */
    private static String comment(String text) {
        return text.replaceAll("\\R", " ").replace(';', ',');
    }
}
