package lunko.lesson;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.LazyList;
import lunko.engine.Stage;
import lunko.engine.sql.Database;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.Stretch;
import lunko.problem.SyntaxFault;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;
import lunko.table.Table;

/** What the queries of a text come to on tables. Each is bound and evaluated once, when somebody asks. */
public final class Evaluation {
    private final WrittenQuery query;
    private final List<Checked<Database.Answer>> answers;
    private final OtherColumns links;

    private Evaluation(WrittenQuery query, List<Table> tables, List<Link> links, Run run) {
        this.query = query;
        this.links = new OtherColumns(tables, links);
        List<Checked<Script>> statements = query.statements();
        this.answers = LazyList.kept(statements.size(), n -> statements.get(n).then(
                script -> answer(run.of(Database.of(tables), script.statements().getFirst(), script))));
    }

    /** How a statement is run on tables. */
    private interface Run {
        Checked<Database.Answer> of(Database tables, Statement statement, Script script);
    }

    /** Evaluates the queries of a text on tables. */
    public static Evaluation of(WrittenQuery query, List<Table> tables) {
        return new Evaluation(query, tables, List.of(), Database::run);
    }

    /** Evaluates the queries of a text on tables; of a lone join the rows are made as they are looked at. */
    public static Evaluation toBeSeen(WrittenQuery query, List<Table> tables) {
        return toBeSeen(query, tables, List.of());
    }

    /** The same, and where the text joins tables by other columns than those that are linked, that is noted. */
    static Evaluation toBeSeen(WrittenQuery query, List<Table> tables, List<Link> links) {
        return new Evaluation(query, tables, links, Database::show);
    }

    private static Checked<Database.Answer> answer(Checked<Database.Answer> found) {
        return found.then(answer -> answer.stages().isPresent() ? Checked.valid(answer)
                : Checked.invalid(new SyntaxFault.NoSteps()));
    }

    /** The text. */
    public WrittenQuery query() {
        return query;
    }

    /** What the query at hand comes to; a problem where it is none that can run. */
    public Checked<Stage> shown() {
        return query.isEmpty() ? Checked.invalid(WrittenQuery.NOTHING_YET) : stage(answers.get(query.place()));
    }

    /** What each query of the text comes to. */
    public List<Checked<Stage>> all() {
        return answers.stream().map(Evaluation::stage).toList();
    }

    private static Checked<Stage> stage(Checked<Database.Answer> answer) {
        return answer.map(one -> one.stages().orElseThrow());
    }

    /**
     * All that is wrong with the text, from its first character on: of each statement the first problem, or what is
     * surely not meant.
     */
    public List<Diagnostic> diagnostics() {
        List<Stretch> stretches = SqlParser.stretches(query.sql());
        return IntStream.range(0, answers.size()).boxed().flatMap(i -> answers.get(i).either(
                answer -> Stream.concat(answer.notes().stream(),
                        query.statements().get(i).<List<Problem>>either(links::in, _ -> List.of())
                                .stream())
                        .map(note -> Diagnostic.of(note, query.sql(), stretches.get(i), true)),
                problem -> Stream.of(Diagnostic.of(problem, query.sql(), stretches.get(i), false)))).toList();
    }
}
