package lunko.insight.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import lunko.problem.Stretch;
import lunko.query.change.Joins;
import lunko.query.sql.Clause;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;

/** What may be missing in a query, to be filled in. */
public enum Gap {
    /** The kinds of its joins. */
    KIND,
    /** What makes rows match. */
    ON,
    /** Which rows are wanted. */
    WHERE;

    /** Its name on the command line: {@code kind}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Where these are in the text of a query, in order. */
    public static List<Stretch> in(Script script, Statement.Query query, Set<Gap> wanted) {
        List<Stretch> gaps = new ArrayList<>();
        for (FromItem.JoinedTable join : Joins.of(query.query())) {
            if (wanted.contains(KIND)) script.words(join, Clause.JOIN).ifPresent(gaps::add);
            if (wanted.contains(ON) && join.specification() instanceof FromItem.JoinSpecification.On(var condition))
                script.stretch(condition).ifPresent(gaps::add);
        }
        if (wanted.contains(WHERE) && query.query().body() instanceof QueryBody.Select select)
            select.where().flatMap(script::stretch).ifPresent(gaps::add);
        return List.copyOf(gaps);
    }
}
