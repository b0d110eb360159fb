package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.RunFault;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;
import lunko.table.Table;

/**
 * Tables with what must hold for them. A statement leaves it as it is and gives the one after it.
 *
 * @param views names for what queries give
 * @param begun what there was where a transaction has begun that has not ended yet
 */
public record Database(List<StoredTable> stored, List<QueryExpression.Common> views, Optional<Database> begun) {

    /**
     * What a statement comes to.
     *
     * @param database the database after it
     * @param stages what a query went through, the last of it its result
     * @param notes what is allowed in it and yet surely not meant, such as {@code = NULL}
     */
    public record Answer(Database database, Optional<Stage> stages, List<Problem> notes) {

        /** The rows, if it is a query. */
        public Optional<ResultTable> result() {
            return stages.map(ResultTable::of);
        }
    }

    /** Keeps its tables as they are. */
    public Database {
        stored = List.copyOf(stored);
        views = List.copyOf(views);
    }

    /** A database of tables for which nothing must hold. */
    public static Database of(List<Table> tables) {
        return new Database(tables.stream().map(table -> new StoredTable(table, List.of(), List.of())).toList(),
                List.of(), Optional.empty());
    }

    /** The tables. */
    public List<Table> tables() {
        return stored.stream().map(StoredTable::table).toList();
    }

    /** Runs one statement of a script; a problem where it is none that can be run. */
    public Checked<Answer> run(Statement statement, Script script) {
        return run(statement, script, Optional.empty());
    }

    /**
     * Runs one statement of a script, whose rows are made as they are looked at where it is one join and nothing more:
     * then there may be any number of them.
     */
    public Checked<Answer> show(Statement statement, Script script) {
        return run(statement, script, statement instanceof Statement.Query(QueryExpression query) ? query.loneJoin()
                : Optional.empty());
    }

    /** What the names of a query mean. */
    Meanings meanings(Statement.Query query, Script script) {
        return new StatementRunner(this, new Diagnostics(script, query, stored), Optional.empty()).meanings(query);
    }

    private Checked<Answer> run(Statement statement, Script script, Optional<FromItem> unlimited) {
        try {
            return new StatementRunner(this, new Diagnostics(script, statement, stored), unlimited).run(statement);
        } catch (StackOverflowError tooDeep) {
            // The parser refuses what goes so deep; a thread with little stack left may still meet its end, and
            // nothing has been changed.
            return Checked.invalid(new RunFault.TooDeep());
        }
    }

    /** The table that a name means, if there is one. */
    public Optional<StoredTable> table(Name name) {
        return stored.stream().filter(table -> name.means(table.table().name())).findFirst();
    }

    /** The view that a name means, if there is one. */
    Optional<QueryExpression.Common> view(Name name) {
        return views.stream().filter(view -> view.name().means(name.text())).findFirst();
    }

    /** Whether a name is that of a table or a view. */
    boolean has(Name name) {
        return table(name).isPresent() || view(name).isPresent();
    }

    /** The database with one of its tables changed. */
    Database with(StoredTable before, StoredTable after) {
        return having(stored.stream().map(table -> table == before ? after : table).toList());
    }

    /** The same with other tables. */
    Database having(List<StoredTable> tables) {
        return new Database(tables, views, begun);
    }

    /** The same with a view, in the place of the one of its name if there is one. */
    Database with(QueryExpression.Common view) {
        Database others = without(view.name());
        return new Database(stored, FromBinder.both(others.views, List.of(view)), begun);
    }

    /** The same without the view of a name. */
    Database without(Name view) {
        return new Database(stored, views.stream().filter(one -> !one.name().means(view.text())).toList(), begun);
    }

    /** Where a transaction begins or ends. */
    Database at(Statement.Edge edge) {
        return switch (edge) {
            case BEGIN -> new Database(stored, views, Optional.of(this));
            case COMMIT -> new Database(stored, views, Optional.empty());
            case ROLLBACK -> begun.map(before -> new Database(before.stored, before.views, Optional.empty()))
                    .orElse(this);
        };
    }
}
