package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.problem.Problem;
import lunko.query.SqlName;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;

/** Where the parts of the statement at hand stand in its text, and what is to be said about them. */
final class Places {
    private static final int MOST_OFFERED = 3;

    private final Script script;
    private final Statement statement;
    private final List<Problem> notes = new ArrayList<>();

    Places(Script script, Statement statement) {
        this.script = script;
        this.statement = statement;
    }

    /** The statement's text, to be changed. */
    Fix fix() {
        return script.fix(statement);
    }

    /** How many tables of the statement, those of queries within included, are the one of a name. */
    long tablesNamed(Name name) {
        return script.parts(FromItem.NamedTable.class).stream().filter(item -> item.table().means(name.text())).count();
    }

    /** A problem with a part of the statement, to be thrown. */
    Refusal refusal(Object part, String sentence, Fix... fixes) {
        return new Refusal(at(part, sentence, List.of(fixes)));
    }

    /** The problem that something of a name is not there: with the nearest that is, or else with what there is. */
    Refusal notThere(Name name, String sentence, List<String> there, String otherwise) {
        return notThere(name, sentence, there, there, otherwise);
    }

    /** The same where some of those that are there may rather be meant: those are offered if they are few. */
    Refusal notThere(Name name, String sentence, List<String> there, List<String> likely, String otherwise) {
        return Nearest.to(name.text(), there)
                .map(near -> refusal(name, sentence + ": is " + near + " meant?", instead(name, near)))
                .orElseGet(() -> refusal(name, sentence + otherwise, likely.size() > MOST_OFFERED ? new Fix[0]
                        : likely.stream().map(one -> instead(name, one)).toArray(Fix[]::new)));
    }

    private Fix instead(Name name, String other) {
        return fix().instead(name, new SqlName(other).text());
    }

    /** Notes what is allowed and yet surely not meant. */
    void note(Object part, String sentence, Fix... fixes) {
        Problem note = at(part, sentence, List.of(fixes));
        if (!notes.contains(note)) notes.add(note);
    }

    List<Problem> notes() {
        return List.copyOf(notes);
    }

    private Problem at(Object part, String sentence, List<Fix> fixes) {
        return script.place(part).or(() -> script.place(statement)).map(place -> Problem.at(place, sentence))
                .orElseGet(() -> Problem.of(sentence))
                .with(fixes.stream().map(Fix::text).flatMap(Optional::stream).toList());
    }
}
