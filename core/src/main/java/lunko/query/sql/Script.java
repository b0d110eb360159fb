package lunko.query.sql;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.problem.Place;

/**
 * The statements of a text, and where in it each part of them stands. Places are kept beside the statements, so that
 * two statements are equal whatever the white space in their texts.
 */
public final class Script {
    private final List<Statement> statements;
    private final Map<Object, Place> places;

    Script(List<Statement> statements, Map<Object, Place> places) {
        this.statements = List.copyOf(statements);
        this.places = new IdentityHashMap<>(places);
    }

    /** The statements of several scripts of one text, one after the other. */
    static Script of(List<Script> scripts) {
        Map<Object, Place> places = new IdentityHashMap<>();
        scripts.forEach(script -> places.putAll(script.places));
        return new Script(scripts.stream().flatMap(script -> script.statements.stream()).toList(), places);
    }

    /** The statements, in order. */
    public List<Statement> statements() {
        return statements;
    }

    /** Where a statement, expression, name or other part of this script begins; nowhere, if it is of another. */
    public Optional<Place> place(Object part) {
        return Optional.ofNullable(places.get(part));
    }
}
