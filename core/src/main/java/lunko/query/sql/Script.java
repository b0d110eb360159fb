package lunko.query.sql;

import java.util.List;
import java.util.Optional;
import lunko.problem.Place;
import lunko.problem.Stretch;

/**
 * The statements of a text, and where in it each part of them stands. That is kept beside the statements, so that two
 * statements are equal whatever the white space in their texts.
 */
public final class Script {
    private final SqlSource source;
    private final List<Statement> statements;
    private final Spans spans;

    Script(SqlSource source, List<Statement> statements, Spans spans) {
        this.source = source;
        this.statements = List.copyOf(statements);
        this.spans = spans;
    }

    /** The statements of several scripts of one text, one after the other. */
    static Script of(SqlSource source, List<Script> scripts) {
        Spans spans = new Spans();
        scripts.forEach(script -> spans.addAll(script.spans));
        return new Script(source, scripts.stream().flatMap(script -> script.statements.stream()).toList(), spans);
    }

    /** The statements, in order. */
    public List<Statement> statements() {
        return statements;
    }

    /** Where a statement, expression, name or other part of this script stands; nowhere, if it is of another. */
    public Optional<Place> place(Object part) {
        return spans.of(part).map(at -> source.place(at));
    }

    /** Where a clause of a query, or of a join, stands, from its first word to its end; nowhere, if it has none. */
    public Optional<Stretch> stretch(Object owner, Clause clause) {
        return spans.of(owner, clause).map(Spans.OfClause::whole);
    }

    /** Where the words stand that a clause of a query, or of a join, begins with. */
    public Optional<Stretch> words(Object owner, Clause clause) {
        return spans.of(owner, clause).map(Spans.OfClause::words);
    }

    /** Where a part stands. */
    public Optional<Stretch> stretch(Object part) {
        return spans.of(part);
    }

    /** All parts of the statements that are of a kind, those of queries within included. */
    public <T> List<T> parts(Class<T> kind) {
        return spans.parts(kind);
    }

    /** The text. */
    public String text() {
        return source.text();
    }

    /** A statement of this script, its text to be changed. */
    public Fix fix(Statement statement) {
        return Fix.of(source.text(), spans.of(statement).orElseThrow(), spans::of);
    }
}
