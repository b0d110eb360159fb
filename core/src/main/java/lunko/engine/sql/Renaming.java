package lunko.engine.sql;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.engine.sql.Meanings.ColumnUse;
import lunko.engine.sql.Meanings.Origin;
import lunko.problem.Checked;
import lunko.query.SqlName;
import lunko.query.sql.Fix;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;
import lunko.table.Table;

/**
 * A query's text under a new name of a table or a column of one; everything else in it, white space and comments, stays
 * as it is. What a name means is found as it is where the query runs.
 */
public sealed interface Renaming {

    /** The table that it is about, by its name before. */
    String table();

    /** A table under another name. */
    record OfTable(String table, String to) implements Renaming {}

    /** A column of a table under another name. */
    record OfColumn(String table, String column, String to) implements Renaming {}

    /**
     * The text of the only statement of a script; {@code tables} are those that there are, by their names before. It
     * stays as it is where it is no query.
     */
    default String in(Script script, List<Table> tables) {
        Statement statement = script.statements().getFirst();
        String text = script.stretch(statement).orElseThrow().of(script.text());
        if (!(statement instanceof Statement.Query query)) return text;
        Meanings before = Database.of(tables).meanings(query, script);
        List<Table> after = tables.stream().map(this::applied).toList();
        Optional<String> plain = changed(script, query, before, false);
        return plain.filter(renamed -> means(renamed, after, before))
                .or(() -> changed(script, query, before, true)).or(() -> plain).orElse(text);
    }

    /** The text with the new name in it; where each column gets its table before it, none can be taken for another. */
    private Optional<String> changed(Script script, Statement.Query query, Meanings meanings, boolean owners) {
        Fix fix = script.fix(query);
        for (ColumnUse use : meanings.columns()) {
            String name = use.origins().stream().anyMatch(this::isMeant) && this instanceof OfColumn(_, _, String to)
                    ? new SqlName(to).text() : use.name().sql();
            String owner = owners ? use.owner().map(table -> new SqlName(table).text() + ".").orElse("") : "";
            if (!(owner + name).equals(use.name().sql())) fix = fix.instead(use.name(), owner + name);
        }
        if (this instanceof OfTable(String table, String to)) {
            for (Meanings.TableUse use : meanings.tables())
                if (use.table().equals(table)) fix = fix.instead(use.name(), new SqlName(to).text());
        }
        return fix.text();
    }

    private boolean isMeant(Origin origin) {
        return this instanceof OfColumn(String table, String column, _) && origin.equals(new Origin(table, column));
    }

    private Table applied(Table of) {
        if (!of.name().equals(table())) return of;
        return switch (this) {
            case OfTable(_, String to) -> of.named(to);
            case OfColumn(_, String column, String to) -> of.column(column)
                    .stream().mapToObj(at -> of.withColumn(at, of.columns().get(at).named(to))).findFirst().orElse(of);
        };
    }

    /** Whether a text names what another did, under the new name. */
    private boolean means(String text, List<Table> tables, Meanings before) {
        if (!(new SqlParser(new lunko.problem.Origin.Query())
                .parse(text) instanceof Checked.Valid<Script>(Script script))
                || !(script.statements().getFirst() instanceof Statement.Query query))
            return false;
        Meanings after = Database.of(tables).meanings(query, script);
        return counted(after.columns().stream().map(ColumnUse::origins))
                .equals(counted(before.columns().stream().map(use -> renamed(use.origins()))));
    }

    private static Map<Set<Origin>, Long> counted(Stream<Set<Origin>> all) {
        return all.collect(Collectors.groupingBy(origins -> origins, Collectors.counting()));
    }

    private Set<Origin> renamed(Set<Origin> origins) {
        return origins.stream().map(origin -> switch (this) {
            case OfTable(String table, String to) -> origin.table().equals(table) ? new Origin(to, origin.column())
                    : origin;
            case OfColumn(String table, String _, String to) -> isMeant(origin) ? new Origin(table, to) : origin;
        }).collect(Collectors.toSet());
    }
}
