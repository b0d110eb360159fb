package lunko.query.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.problem.Checked;
import lunko.problem.Stretch;
import lunko.query.sql.FromItem.JoinSpecification;

/**
 * The text of a query that has become another: whatever is the same in both keeps its words, its layout and its
 * comments, and what moves takes them along. A query that shares parts with the one before, by identity, is found to
 * have them still.
 */
public final class Rewording {

    /** Some code units of the text, and what is written in their place. */
    private record Change(int start, int end, String with) {}

    /** How a list of things is written: what stands between two of them, and the word for each. */
    private record Style<T>(String between, Function<T, String> writer) {}

    private final Script script;
    private final SqlWriter writer;
    private final List<Change> changes = new ArrayList<>();
    /** Whether things in lists are changed one by one; otherwise whole lists are. */
    private final boolean fine;
    private boolean placed = true;

    private Rewording(Script script, boolean fine) {
        this.script = script;
        this.fine = fine;
        this.writer = new SqlWriter(part -> script.stretch(part).map(found -> found.of(script.text())));
    }

    /** The whole text of a script in which one of its queries has become another. */
    public static String of(Script script, Statement.Query before, QueryExpression after) {
        for (boolean fine : new boolean[] {true, false}) {
            Rewording rewording = new Rewording(script, fine);
            rewording.query(before.query(), after);
            Optional<String> text = rewording.text(before, after);
            if (text.isPresent()) return text.get();
        }
        Stretch whole = script.stretch(before).orElseThrow();
        return changed(script.text(), List.of(new Change(whole.start(), whole.end(), new SqlWriter().query(after))));
    }

    /**
     * The changed text, if it says what it should: where it does not, something was written in a way that cannot be
     * changed part by part.
     */
    private Optional<String> text(Statement.Query before, QueryExpression after) {
        if (!placed) return Optional.empty();
        int number = IntStream.range(0, script.statements().size()).filter(i -> script.statements().get(i) == before)
                .findFirst().orElseThrow();
        try {
            String text = changed(script.text(), changes);
            return new SqlParser("").parse(text) instanceof Checked.Valid<Script>(Script read)
                    && read.statements().size() == script.statements().size()
                    && read.statements().get(number).equals(new Statement.Query(after)) ? Optional.of(text)
                            : Optional.empty();
        } catch (StringIndexOutOfBoundsException overlapping) {
            // Two changes at one place: the coarser way has no such.
            return Optional.empty();
        }
    }

    private static String changed(String text, List<Change> all) {
        StringBuilder changed = new StringBuilder();
        int at = 0;
        for (Change change : all.stream().sorted(Comparator.comparingInt(Change::start).thenComparingInt(Change::end))
                .toList()) {
            changed.append(text, at, change.start()).append(change.with());
            at = change.end();
        }
        return changed.append(text, at, text.length()).toString();
    }

    private void replace(Optional<Stretch> there, String with) {
        there.ifPresentOrElse(found -> changes.add(new Change(found.start(), found.end(), with)), () -> placed = false);
    }

    private Optional<Stretch> stretch(Object part) {
        return script.stretch(part);
    }

    private void query(QueryExpression before, QueryExpression after) {
        if (before.equals(after)) return;
        body(before.body(), after.body());
        int end = stretch(before.body()).map(Stretch::end).orElse(0);
        String line = layout(before.body());
        end = list(before, Clause.ORDER_BY, end, line, before.orderBy(), after.orderBy(),
                new Style<>(", ", writer::sortKey), "ORDER BY ");
        end = count(before, Clause.OFFSET, end, line, before.offset(), after.offset(), "OFFSET ", " ROWS");
        count(before, Clause.LIMIT, end, line, before.limit(), after.limit(), "FETCH FIRST ", " ROWS ONLY");
    }

    private void body(QueryBody before, QueryBody after) {
        if (before.equals(after)) return;
        if (before instanceof QueryBody.Select was && after instanceof QueryBody.Select is) {
            select(was, is);
        } else if (before instanceof QueryBody.Compound was && after instanceof QueryBody.Compound is
                && was.operator() == is.operator() && was.all() == is.all()) {
                    body(was.left(), is.left());
                    body(was.right(), is.right());
                } else
            if (before instanceof QueryBody.Nested(QueryExpression was)
                    && after instanceof QueryBody.Nested(QueryExpression is)) {
                        query(was, is);
                    } else {
                        replace(stretch(before), writer.body(after));
                    }
    }

    private void select(QueryBody.Select before, QueryBody.Select after) {
        if (before.distinct() != after.distinct())
            replace(script.words(before, Clause.SELECT), after.distinct() ? "SELECT DISTINCT" : "SELECT");
        items(before.items(), after.items(), new Style<>(", ", writer::item));
        int end = script.stretch(before, Clause.SELECT).map(Stretch::end).orElse(0);
        String line = layout(before);
        end = from(before, after, end, line);
        end = list(before, Clause.WHERE, end, line, conjuncts(before.where()), conjuncts(after.where()),
                conditions(conjuncts(after.where())), "WHERE ");
        end = list(before, Clause.GROUP_BY, end, line, before.groupBy(), after.groupBy(),
                new Style<>(", ", writer::expression), "GROUP BY ");
        list(before, Clause.HAVING, end, line, conjuncts(before.having()), conjuncts(after.having()),
                conditions(conjuncts(after.having())), "HAVING ");
    }

    private static List<Expression> conjuncts(Optional<Expression> condition) {
        return condition.map(Expression::conjuncts).orElse(List.of());
    }

    /** Conditions that must all hold; one that is alone needs no parentheses. */
    private Style<Expression> conditions(List<Expression> all) {
        return new Style<>(" AND ", all.size() == 1 ? writer::expression : writer::conjunct);
    }

    private int from(QueryBody.Select before, QueryBody.Select after, int end, String line) {
        if (before.from().isEmpty() || before.from().size() != after.from().size()) {
            return list(before, Clause.FROM, end, line, before.from(), after.from(), new Style<>(", ", writer::table),
                    "FROM ");
        }
        for (int i = 0; i < before.from().size(); i++) from(before.from().get(i), after.from().get(i), false);
        return script.stretch(before, Clause.FROM).map(Stretch::end).orElse(end);
    }

    private void from(FromItem before, FromItem after, boolean right) {
        if (before.equals(after)) return;
        if (after instanceof FromItem.JoinedTable(FromItem left, var kind, FromItem added, JoinSpecification on)
                && left.equals(before) && !right) {
            // One more table: what was there stays where it is.
            String words = writer.table(
                    new FromItem.JoinedTable(new FromItem.NamedTable(Name.of("x"), Optional.empty()), kind, added, on))
                    .substring(1);
            stretch(before).ifPresentOrElse(there -> insert(there.end(),
                    layout(before).isEmpty() ? joinLayout(before) : layout(before), words.strip()),
                    () -> placed = false);
        } else
            if (before instanceof FromItem.JoinedTable(FromItem left, var _, var _, var _) && left.equals(after)
                    && !right) {
                        stretch(left)
                                .flatMap(stays -> stretch(before).map(all -> new Change(stays.end(), all.end(), "")))
                                .ifPresentOrElse(changes::add, () -> placed = false);
                    } else
                if (before instanceof FromItem.JoinedTable was && after instanceof FromItem.JoinedTable is
                        && !isTurned(was, is)) {
                            joined(was, is);
                        } else
                    if (before instanceof FromItem.NamedTable(Name table, Optional<Name> alias)
                            && after instanceof FromItem.NamedTable(Name same, Optional<Name> other)
                            && table.equals(same) && alias.isPresent() && other.isPresent()) {
                                replace(stretch(alias.get()), other.get().sql());
                            } else
                        if (before instanceof FromItem.DerivedTable(QueryExpression was, Optional<Name> name)
                                && after instanceof FromItem.DerivedTable(QueryExpression is, Optional<Name> same)
                                && name.equals(same)) {
                                    query(was, is);
                                } else {
                                    replace(stretch(before), writer.from(after, right));
                                }
    }

    /** Whether two joins have each other's sides. */
    private static boolean isTurned(FromItem.JoinedTable one, FromItem.JoinedTable other) {
        return one.left().equals(other.right()) && other.left() instanceof FromItem.JoinedTable;
    }

    private void joined(FromItem.JoinedTable before, FromItem.JoinedTable after) {
        from(before.left(), after.left(), false);
        from(before.right(), after.right(), true);
        boolean wasNatural = before.specification() instanceof JoinSpecification.Natural;
        boolean isNatural = after.specification() instanceof JoinSpecification.Natural;
        if (before.kind() != after.kind() || wasNatural != isNatural) {
            replace(script.words(before, Clause.JOIN),
                    (isNatural ? "NATURAL " : "") + after.kind().words().orElseThrow());
        }
        if (before.specification().equals(after.specification())) return;
        boolean says = script.stretch(before, Clause.SPECIFICATION).isPresent();
        if (before.specification() instanceof JoinSpecification.On(Expression was)
                && after.specification() instanceof JoinSpecification.On(Expression is)) {
            list(before, Clause.SPECIFICATION, 0, "", was.conjuncts(), is.conjuncts(), conditions(is.conjuncts()),
                    "ON ");
        } else if (says) {
            String words = writer.specification(after.specification()).strip();
            if (words.isEmpty()) remove(before, Clause.SPECIFICATION);
            else replace(script.stretch(before, Clause.SPECIFICATION), words);
        } else {
            stretch(before).ifPresentOrElse(
                    there -> insert(there.end(), "", writer.specification(after.specification()).strip()),
                    () -> placed = false);
        }
    }

    /** A list that is a clause of its own; tells where the clause ends, or where the one before it did. */
    private <T> int list(Object owner, Clause clause, int end, String line, List<T> before, List<T> after,
            Style<T> style, String words) {
        Optional<Stretch> there = script.stretch(owner, clause);
        if (before.isEmpty() && !after.isEmpty()) {
            insert(end, line, words + after.stream().map(style.writer()).collect(Collectors.joining(style.between())));
        } else if (after.isEmpty() && !before.isEmpty()) {
            remove(owner, clause);
        } else {
            items(before, after, style);
        }
        return there.map(Stretch::end).orElse(end);
    }

    private int count(QueryExpression owner, Clause clause, int end, String line, OptionalLong before,
            OptionalLong after, String words, String rest) {
        Optional<Stretch> there = script.stretch(owner, clause);
        if (!before.equals(after)) {
            if (after.isEmpty()) remove(owner, clause);
            else if (before.isEmpty()) insert(end, line, words + after.getAsLong() + rest);
            else replace(there, words + after.getAsLong() + rest);
        }
        return there.map(Stretch::end).orElse(end);
    }

    /** Things of a list: some may have gone or come, and others stand in the place of some. */
    private <T> void items(List<T> before, List<T> after, Style<T> style) {
        if (before.equals(after)) return;
        List<Optional<Stretch>> there = before.stream().map(this::stretch).toList();
        if (there.stream().anyMatch(Optional::isEmpty)) {
            placed = false;
            return;
        }
        List<Stretch> places = there.stream().map(Optional::get).toList();
        String between = between(places, style.between());
        List<Integer> kept = places(after, before);
        if (fine && before.size() == after.size()) {
            for (int i = 0; i < before.size(); i++)
                if (!before.get(i).equals(after.get(i))) replace(there.get(i), style.writer().apply(after.get(i)));
        } else if (fine && kept.size() == after.size()) {
            takeOut(places, kept);
        } else if (fine && places(before, after).size() == before.size()) {
            putIn(places, places(before, after), after, between, style);
        } else {
            changes.add(new Change(places.getFirst().start(), places.getLast().end(),
                    after.stream().map(style.writer()).collect(Collectors.joining(between))));
        }
    }

    private void takeOut(List<Stretch> places, List<Integer> kept) {
        for (int i = 0; i < places.size(); i++) {
            if (kept.contains(i)) continue;
            if (i > kept.getFirst()) changes.add(new Change(places.get(i - 1).end(), places.get(i).end(), ""));
            else changes.add(new Change(places.get(i).start(), places.get(i + 1).start(), ""));
        }
    }

    private <T> void putIn(List<Stretch> places, List<Integer> olds, List<T> after, String between, Style<T> style) {
        for (int i = 0; i < after.size(); i++) {
            if (olds.contains(i)) continue;
            int next = i;
            long before = olds.stream().filter(old -> old < next).count();
            String added = style.writer().apply(after.get(i));
            if (before == 0)
                changes.add(new Change(places.getFirst().start(), places.getFirst().start(), added + between));
            else changes.add(new Change(places.get((int) before - 1).end(), places.get((int) before - 1).end(),
                    between + added));
        }
    }

    /**
     * The places in a list that things of another stand at, in order; where one is not found, fewer than there are
     * things.
     */
    private static <T> List<Integer> places(List<T> things, List<T> list) {
        List<Integer> places = new ArrayList<>();
        int at = 0;
        for (T thing : things) {
            while (at < list.size() && !list.get(at).equals(thing)) at++;
            if (at < list.size()) places.add(at++);
        }
        return places;
    }

    /** What stands between the first two things of a list, so that more look the same. */
    private String between(List<Stretch> places, String usual) {
        if (places.size() < 2) return usual;
        String there = script.text().substring(places.get(0).end(), places.get(1).start());
        return there.strip().equalsIgnoreCase(usual.strip()) ? there : usual;
    }

    /** Takes a clause out, and the white space before it, unless that ends a comment that would then go on. */
    private void remove(Object owner, Clause clause) {
        script.stretch(owner, clause).ifPresentOrElse(there -> {
            int start = there.start();
            while (start > 0 && Character.isWhitespace(script.text().charAt(start - 1))) start--;
            String lineBefore =
                    script.text().substring(script.text().lastIndexOf('\n', Math.max(0, start - 1)) + 1, start);
            boolean lineEnds = there.end() == script.text().length() || script.text().charAt(there.end()) == '\n';
            changes.add(new Change(lineBefore.contains("--") && !lineEnds ? there.start() : start, there.end(), ""));
        }, () -> placed = false);
    }

    /**
     * Puts words in behind a place, on a line of their own if {@code line} is the beginning of one; a comment behind
     * the place stays there.
     */
    private void insert(int at, String line, String words) {
        String text = script.text();
        int end = text.indexOf('\n', at) < 0 ? text.length() : text.indexOf('\n', at);
        String rest = text.substring(at, end).strip();
        if (line.isEmpty()) changes.add(new Change(at, at, " " + words));
        else if (rest.startsWith("--")) changes.add(new Change(end, end, line + words));
        else changes.add(new Change(at, at, line + words));
    }

    /**
     * The end of a line and the white space that a clause begins with where each has a line of its own; nothing, where
     * they have not.
     */
    private String layout(Object part) {
        QueryBody.Select select = part instanceof QueryBody.Select of ? of : null;
        return select == null ? "" : script.stretch(select, Clause.FROM).map(there -> indent(there.start())).orElse("");
    }

    /** The same for the joins of a FROM. */
    private String joinLayout(FromItem item) {
        return item instanceof FromItem.JoinedTable joined
                ? script.words(joined, Clause.JOIN).map(there -> indent(there.start())).orElse("") : "";
    }

    private String indent(int at) {
        int line = script.text().lastIndexOf('\n', at - 1);
        String before = script.text().substring(line + 1, at);
        return line >= 0 && before.isBlank() ? "\n" + before : "";
    }
}
