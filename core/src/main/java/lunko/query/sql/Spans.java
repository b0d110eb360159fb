package lunko.query.sql;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lunko.problem.Stretch;

/** Where the parts of statements stand in a text, and where their clauses do. Parts are told apart by identity. */
final class Spans {

    /** The words that a clause begins with, and all of it. */
    record OfClause(Stretch words, Stretch whole) {}

    private final Map<Object, Stretch> parts = new IdentityHashMap<>();
    private final Map<Object, Map<Clause, OfClause>> clauses = new IdentityHashMap<>();

    /** Notes where a part stands; what its innermost part has noted before stays. */
    void note(Object part, Stretch stretch) {
        parts.putIfAbsent(part, stretch);
    }

    /**
     * Notes where a clause of a part stands: from its first word to the last word that it begins with, and to its end.
     */
    void note(Object owner, Clause clause, OfClause where) {
        clauses.computeIfAbsent(owner, _ -> new EnumMap<>(Clause.class)).put(clause, where);
    }

    void addAll(Spans others) {
        parts.putAll(others.parts);
        clauses.putAll(others.clauses);
    }

    Optional<Stretch> of(Object part) {
        return Optional.ofNullable(parts.get(part));
    }

    /** The parts of a kind in the order of the text, those around others first. */
    <T> List<T> parts(Class<T> kind) {
        return parts.entrySet().stream().filter(part -> kind.isInstance(part.getKey()))
                .sorted(Comparator.comparing(Map.Entry::getValue, Comparator.comparingInt(Stretch::start)
                        .thenComparing(Comparator.comparingInt(Stretch::end).reversed())))
                .map(part -> kind.cast(part.getKey())).toList();
    }

    Optional<OfClause> of(Object owner, Clause clause) {
        return Optional.ofNullable(clauses.get(owner)).flatMap(own -> Optional.ofNullable(own.get(clause)));
    }
}
