package lunko.query.sql;

import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.antlr.v4.runtime.Token;

/** Where the parts of statements stand in a text, and where their clauses do. Parts are told apart by identity. */
final class Spans {

    /** The words that a clause begins with, and all of it. */
    record OfClause(Span words, Span whole) {}

    private final Map<Object, Span> parts = new IdentityHashMap<>();
    private final Map<Object, Map<Clause, OfClause>> clauses = new IdentityHashMap<>();

    /** Notes where a part stands; what its innermost part has noted before stays. */
    void note(Object part, Span span) {
        parts.putIfAbsent(part, span);
    }

    /**
     * Notes where a clause of a part stands: from its first word to the last word that it begins with, and to its end.
     */
    void note(Object owner, Clause clause, String source, Token first, Token lastWord, Token end) {
        clauses.computeIfAbsent(owner, _ -> new EnumMap<>(Clause.class)).put(clause,
                new OfClause(Span.of(source, first, lastWord), Span.of(source, first, end)));
    }

    void addAll(Spans others) {
        parts.putAll(others.parts);
        clauses.putAll(others.clauses);
    }

    Optional<Span> of(Object part) {
        return Optional.ofNullable(parts.get(part));
    }

    <T> List<T> parts(Class<T> kind) {
        return parts.keySet().stream().filter(kind::isInstance).map(kind::cast).toList();
    }

    Optional<OfClause> of(Object owner, Clause clause) {
        return Optional.ofNullable(clauses.get(owner)).flatMap(own -> Optional.ofNullable(own.get(clause)));
    }
}
