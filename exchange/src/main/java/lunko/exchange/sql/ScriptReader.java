package lunko.exchange.sql;

import java.nio.file.Path;
import java.util.List;
import lunko.engine.sql.Database;
import lunko.exchange.file.SourceText;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.table.Table;

/** Reads the tables that an SQL script makes, with all that it does to them; its queries are run and their rows not kept. */
public final class ScriptReader {
    private ScriptReader() {}

    /** The tables there are at the end of a script; the first problem in it, if there is one, or if it makes no table. */
    public static Checked<List<Table>> read(Path file) {
        return SourceText.read(file).then(text -> {
            Checked<Database> database = Checked.valid(Database.of(List.of()));
            for (Checked<Script> statement : new SqlParser(text.source()).statements(text.text())) {
                database = database.then(before -> statement.then(script ->
                        before.run(script.statements().getFirst(), script).map(Database.Answer::database)));
            }
            return database.then(after -> after.tables().isEmpty() ? Checked.invalid(Problem.at(Place.in(text.source()),
                    "The script makes no table: it needs a CREATE TABLE, and an INSERT for the rows.")) : Checked.valid(after.tables()));
        });
    }
}
