package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.io.PrintWriter;
import lunko.engine.sql.Database;
import lunko.phrase.Phrase;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;

/** Runs a script from top to bottom and prints what each of its queries gives. */
record ScriptRun(OutputOptions output, boolean keepGoing, PrintWriter out, PrintWriter err) {

    /** Runs the statements of a text on a database; gives the exit code, which is 1 if there was a problem. */
    int run(Origin source, String text, Database before) {
        int code = 0;
        Database database = before;
        for (Checked<Script> statement : new SqlParser(source).statements(text)) {
            Database now = database;
            switch (statement.then(script -> run(script, now))) {
                case Checked.Valid<Database>(Database after) -> database = after;
                case Checked.Invalid<Database>(Problem problem) -> {
                    out.print(output.format().write(problem, words()));
                    out.flush();
                    say(problem, words().problems().inColons(problem));
                    code = 1;
                    if (!keepGoing) return code;
                }
            }
        }
        out.flush();
        return code;
    }

    private Checked<Database> run(Script script, Database database) {
        Checked<Database> after = Checked.valid(database);
        for (Statement statement : script.statements()) {
            after = after.then(db -> db.run(statement, script)).map(answer -> {
                answer.notes().forEach(note -> say(note, words().problems().note(note)));
                answer.stages().ifPresent(stages -> out
                        .print(output.format().write(answer.result().orElseThrow(), output.steps(stages),
                                line(statement, script), words())));
                return answer.database();
            });
        }
        return after;
    }

    private static int line(Statement statement, Script script) {
        return script.place(statement).map(Place::line).map(number -> number.orElse(1)).orElse(1);
    }

    /** A problem, and below it what could be written instead. */
    private void say(Problem problem, Phrase said) {
        err.println(said.text());
        problem.fixes().forEach(fix -> err.println(words().command().tryThis(fix.replaceAll("\\R", "\n       "))));
    }
}
