package lunko.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Stage;
import lunko.engine.sql.Database;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryBody;
import lunko.query.sql.Script;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;
import lunko.table.Table;

/** A query as somebody has written it. */
public record WrittenQuery(String sql) {

    /** What it comes to on tables; a problem where it is none that can run there. */
    public Checked<Stage> on(List<Table> tables) {
        return script().then(script -> script.statements().size() != 1
                ? Checked.invalid("A scene shows one query: write one here, and others in scenes of their own.")
                : Database.of(tables).run(script.statements().getFirst(), script).then(answer -> answer.stages()
                        .<Checked<Stage>>map(Checked::valid).orElseGet(() -> Checked.invalid(
                                "Only a query has steps to be shown: write one that begins with SELECT. Tables are changed on the stage itself."))));
    }

    /** The joins in the FROM of a query, those within others first: the order in which they are done. */
    private static List<FromItem.Joined> joins(Statement statement) {
        List<FromItem.Joined> joins = new ArrayList<>();
        if (statement instanceof Statement.Query query && query.query().body() instanceof QueryBody.Select select) {
            select.from().forEach(item -> collect(item, joins));
        }
        return joins;
    }

    private static void collect(FromItem item, List<FromItem.Joined> joins) {
        switch (item) {
            case FromItem.NamedTable _, FromItem.DerivedTable _ -> { }
            case FromItem.Joined joined -> {
                collect(joined.left(), joins);
                collect(joined.right(), joins);
                joins.add(joined);
            }
        }
    }

    /**
     * The text with one of the joins that it comes to, counted from 0 in the order in which they are done, made one of another kind, all
     * other words as they are; nothing, if there are no words for the kind, or if some of so many joins are said otherwise than by JOIN in
     * the FROM of the query itself, so that it could be another.
     */
    public Optional<String> joining(int number, int joinsInAll, JoinKind kind) {
        return script().either(script -> {
            if (kind.words().isEmpty() || script.statements().size() != 1) return Optional.empty();
            Statement statement = script.statements().getFirst();
            List<FromItem.Joined> joins = joins(statement);
            if (joins.size() != joinsInAll) return Optional.empty();
            FromItem.Joined join = joins.get(number);
            boolean natural = join.specification() instanceof JoinSpecification.Natural && kind.canBeNatural();
            Fix fix = script.fix(statement).between(join.left(), join.right(), " " + (natural ? "NATURAL " : "") + kind.words().get() + " ");
            if (!kind.compares() && !(join.specification() instanceof JoinSpecification.Natural || join.specification() instanceof JoinSpecification.Nothing)) {
                fix = fix.without(join.right(), join.specification());
            }
            return fix.text();
        }, _ -> Optional.empty());
    }

    private Checked<Script> script() {
        return new SqlParser("query").parse(sql);
    }
}
