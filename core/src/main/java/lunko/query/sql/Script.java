package lunko.query.sql;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.problem.Place;

/**
 * The statements of a text, and where in it each part of them stands. That is kept beside the statements, so that two
 * statements are equal whatever the white space in their texts.
 */
public final class Script {
    private final String text;
    private final List<Statement> statements;
    private final Map<Object, Span> spans;

    Script(String text, List<Statement> statements, Map<Object, Span> spans) {
        this.text = text;
        this.statements = List.copyOf(statements);
        this.spans = new IdentityHashMap<>(spans);
    }

    /** The statements of several scripts of one text, one after the other. */
    static Script of(String text, List<Script> scripts) {
        Map<Object, Span> spans = new IdentityHashMap<>();
        scripts.forEach(script -> spans.putAll(script.spans));
        return new Script(text, scripts.stream().flatMap(script -> script.statements.stream()).toList(), spans);
    }

    /** The statements, in order. */
    public List<Statement> statements() {
        return statements;
    }

    /** Where a statement, expression, name or other part of this script stands; nowhere, if it is of another. */
    public Optional<Place> place(Object part) {
        return span(part).map(Span::place);
    }

    private Optional<Span> span(Object part) {
        return Optional.ofNullable(spans.get(part));
    }

    /** A statement of this script, its text to be changed. */
    public Fix fix(Statement statement) {
        return Fix.of(text, spans.get(statement), this::span);
    }
}
