package lunko.exchange.sql;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.sql.Database;
import lunko.engine.sql.StoredTable;
import lunko.exchange.file.SourceText;
import lunko.exchange.file.Watch;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.lesson.View;
import lunko.lesson.Views;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.query.KeyPair;
import lunko.query.SqlName;
import lunko.query.sql.Name;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement.Constraint;
import lunko.table.Table;
import lunko.table.TypeSize;

/**
 * Reads the tables and views that an SQL script makes, with all that it does to them; its queries are run and their
 * rows not kept.
 */
public final class ScriptReader {
    private ScriptReader() {}

    /** What a script has made, and why views of it are left out. */
    public record Read(TableSet set, List<Problem> leftOut) {

        /** Keeps what was left out as it is. */
        public Read {
            leftOut = List.copyOf(leftOut);
        }
    }

    /**
     * The tables and views there are at the end of a script, linked by their foreign keys; the first problem in it, if
     * there is one, or if it makes no table.
     */
    public static Checked<Read> read(Path file, Watch watch) {
        return SourceText.read(file, watch).then(text -> {
            Checked<Database> database = Checked.valid(Database.of(List.of()));
            List<Checked<Script>> statements = new SqlParser(text.source()).statements(text.text());
            for (int i = 0; i < statements.size(); i++) {
                if (!watch.goesOn(i, statements.size())) return Watch.stopped();
                Checked<Script> statement = statements.get(i);
                database = database.then(before -> statement.then(
                        script -> before.run(script.statements().getFirst(), script).map(Database.Answer::database)));
            }
            return database.then(after -> after.tables().isEmpty() ? Checked.invalid(Problem.at(Place.in(text.source()),
                    new FileFault.NoTableMade()))
                    : Checked.valid(left(after)));
        });
    }

    /** The tables and views that there are; a view that cannot be evaluated is left out. */
    private static Read left(Database database) {
        List<Table> tables = database.tables().stream().map(ScriptReader::withoutRoom).toList();
        List<Problem> leftOut = new ArrayList<>();
        Views views = new Views(database.views().stream().map(ScriptReader::view).toList());
        Optional<Views.Broken> broken = views.broken(tables);
        while (broken.isPresent()) {
            leftOut.add(broken.get().asProblem());
            View gone = broken.get().view();
            views = new Views(views.all().stream().filter(view -> !view.equals(gone)).toList());
            broken = views.broken(tables);
        }
        return new Read(new TableSet(tables, links(database), views.all()), leftOut);
    }

    /** A view, its columns called otherwise by a query around its own if names for them are given. */
    private static View view(QueryExpression.Common view) {
        String name = view.name().text();
        WrittenQuery query = WrittenQuery.of(view.query());
        return new View(name, view.columns().isEmpty() ? query : WrittenQuery.of("SELECT *\nFROM (" + query.sql()
                + ") AS " + new SqlName(name).text() + " (" + view.columns().stream()
                        .map(column -> new SqlName(column.text()).text()).collect(Collectors.joining(", "))
                + ")"));
    }

    /** A table without the sizes that are said only because one must be. */
    private static Table withoutRoom(Table table) {
        Table plain = table;
        for (int i = 0; i < table.columns().size(); i++) {
            if (table.columns().get(i).size().isRoom())
                plain = plain.withColumn(i, table.columns().get(i).sized(new TypeSize.Any()));
        }
        return plain;
    }

    private static List<Link> links(Database database) {
        return database.stored().stream()
                .flatMap(table -> table.constraints().stream().filter(Constraint.ForeignKey.class::isInstance)
                        .map(key -> link(table, (Constraint.ForeignKey) key, database)))
                .toList();
    }

    private static Link link(StoredTable table, Constraint.ForeignKey key, Database database) {
        StoredTable parent = database.table(key.table()).orElseThrow();
        List<Name> others = key.others().isEmpty() ? parent.primaryKey() : key.others();
        return new Link(table.table().name(), parent.table().name(), IntStream.range(0, key.columns().size())
                .mapToObj(i -> new KeyPair(name(table, key.columns().get(i)), name(parent, others.get(i)))).toList());
    }

    private static String name(StoredTable table, Name name) {
        return table.table().columns().get(table.column(name).orElseThrow()).name();
    }
}
