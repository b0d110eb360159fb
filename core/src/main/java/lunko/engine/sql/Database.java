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

/** Tables with what must hold for them. A statement leaves it as it is and gives the one after it. */
public record Database(List<StoredTable> stored) {

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
    }

    /** A database of tables for which nothing must hold. */
    public static Database of(List<Table> tables) {
        return new Database(tables.stream().map(table -> new StoredTable(table, List.of(), List.of())).toList());
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

    /** The database with one of its tables changed. */
    Database with(StoredTable before, StoredTable after) {
        return new Database(stored.stream().map(table -> table == before ? after : table).toList());
    }
}
