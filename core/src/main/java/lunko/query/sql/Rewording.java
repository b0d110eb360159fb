package lunko.query.sql;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Stretch;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.QueryBody.Compound;

/**
 * The text of a query that has become another: whatever is the same in both keeps its words, its layout and its
 * comments, and what moves takes them along. A query that shares parts with the one before, by identity, is found to
 * have them still.
 */
public final class Rewording {

    /** Some code units of the text, and what is written in their place. */
    private record Change(int start, int end, String with) {}

    /** How a list of things is written: the words before it, what stands between two things, and the word for each. */
    private record Style<T>(String words, String between, Function<T, String> writer) {}

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
        return changed(script.text(), List.of(new Change(whole.start(), whole.end(), new SqlWriter().query(after))))
                .orElseThrow();
    }

    /**
     * The changed text, if it says what it should: where it does not, something was written in a way that cannot be
     * changed part by part.
     */
    private Optional<String> text(Statement.Query before, QueryExpression after) {
        if (!placed) return Optional.empty();
        int number = IntStream.range(0, script.statements().size()).filter(i -> script.statements().get(i) == before)
                .findFirst().orElseThrow();
        return changed(script.text(), changes)
                .filter(text -> new SqlParser(new Origin.Query())
                        .parse(text) instanceof Checked.Valid<Script>(Script read)
                        && read.statements().size() == script.statements().size()
                        && read.statements().get(number).equals(new Statement.Query(after)));
    }

    /** The text with all changes; none, where two of them are at one place: the coarser way has no such. */
    private static Optional<String> changed(String text, List<Change> all) {
        StringBuilder changed = new StringBuilder();
        int at = 0;
        for (Change change : all.stream().sorted(Comparator.comparingInt(Change::start).thenComparingInt(Change::end))
                .toList()) {
            if (change.start() < at) return Optional.empty();
            changed.append(text, at, change.start()).append(change.with());
            at = change.end();
        }
        return Optional.of(changed.append(text, at, text.length()).toString());
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
        new Clauses(before, layout(before.body()), stretch(before.body()).map(Stretch::end).orElse(0))
                .list(Clause.ORDER_BY, before.orderBy(), after.orderBy(),
                        new Style<>("ORDER BY ", ", ", writer::sortKey))
                .count(Clause.OFFSET, before.offset(), after.offset(), rows -> "OFFSET " + rows + " ROWS")
                .count(Clause.LIMIT, before.limit(), after.limit(), rows -> "FETCH FIRST " + rows + " ROWS ONLY");
    }

    private void body(QueryBody before, QueryBody after) {
        if (before.equals(after)) return;
        if (before instanceof QueryBody.Select was && after instanceof QueryBody.Select is) select(was, is);
        else if (before instanceof QueryBody.Nested was && after instanceof QueryBody.Nested is)
            query(was.query(), is.query());
        else if (before instanceof Compound was && after instanceof Compound is && was.operator() == is.operator()
                && was.all() == is.all())
            operands(was, is);
        else replace(stretch(before), writer.body(after));
    }

    private void operands(Compound before, Compound after) {
        body(before.left(), after.left());
        body(before.right(), after.right());
    }

    private void select(QueryBody.Select before, QueryBody.Select after) {
        if (before.distinct() != after.distinct())
            replace(script.words(before, Clause.SELECT), after.distinct() ? "SELECT DISTINCT" : "SELECT");
        items(before.items(), after.items(), new Style<>("", ", ", writer::item));
        Clauses clauses = new Clauses(before, layout(before),
                script.stretch(before, Clause.SELECT).map(Stretch::end).orElse(0));
        if (before.from().isEmpty() || before.from().size() != after.from().size()) {
            clauses.list(Clause.FROM, before.from(), after.from(), new Style<>("FROM ", ", ", writer::table));
        } else {
            for (int i = 0; i < before.from().size(); i++) from(before.from().get(i), after.from().get(i), false);
            clauses.pass(Clause.FROM);
        }
        clauses.conditions(Clause.WHERE, before.where(), after.where(), "WHERE ")
                .list(Clause.GROUP_BY, before.groupBy(), after.groupBy(),
                        new Style<>("GROUP BY ", ", ", writer::expression))
                .conditions(Clause.HAVING, before.having(), after.having(), "HAVING ");
    }

    private void from(FromItem before, FromItem after, boolean right) {
        if (before.equals(after)) return;
        if (after instanceof FromItem.JoinedTable added && added.left().equals(before) && !right)
            joinedTo(before, added);
        else if (before instanceof FromItem.JoinedTable gone && gone.left().equals(after) && !right) joinTaken(gone);
        else if (before instanceof FromItem.JoinedTable was && after instanceof FromItem.JoinedTable is
                && !isTurned(was, is))
            joined(was, is);
        else if (before instanceof FromItem.NamedTable was && after instanceof FromItem.NamedTable is
                && was.table().equals(is.table()) && was.alias().isPresent() && is.alias().isPresent())
            replace(stretch(was.alias().get()), is.alias().get().sql());
        else if (before instanceof FromItem.DerivedTable was && after instanceof FromItem.DerivedTable is
                && was.alias().equals(is.alias()))
            query(was.query(), is.query());
        else replace(stretch(before), writer.from(after, right));
    }

    /** One more table: what was there stays where it is. */
    private void joinedTo(FromItem before, FromItem.JoinedTable added) {
        FromItem nothing = new FromItem.NamedTable(Name.of("x"), Optional.empty());
        String words = writer.table(
                new FromItem.JoinedTable(nothing, added.kind(), added.right(), added.specification())).substring(1);
        String line = layout(before).isEmpty() ? joinLayout(before) : layout(before);
        stretch(before).ifPresentOrElse(there -> insert(there.end(), line, words.strip()), () -> placed = false);
    }

    private void joinTaken(FromItem.JoinedTable gone) {
        stretch(gone.left()).flatMap(stays -> stretch(gone).map(all -> new Change(stays.end(), all.end(), "")))
                .ifPresentOrElse(changes::add, () -> placed = false);
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
            new Clauses(before, "", 0).conditions(Clause.SPECIFICATION, Optional.of(was), Optional.of(is), "ON ");
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

    /** The clauses of a query, from the first to the last: one that is new goes behind the one before it. */
    private final class Clauses {
        private final Object owner;
        private final String line;
        private int end;

        Clauses(Object owner, String line, int end) {
            this.owner = owner;
            this.line = line;
            this.end = end;
        }

        /** Goes on behind a clause, if it is there. */
        Clauses pass(Clause clause) {
            end = script.stretch(owner, clause).map(Stretch::end).orElse(end);
            return this;
        }

        <T> Clauses list(Clause clause, List<T> before, List<T> after, Style<T> style) {
            if (before.isEmpty() && !after.isEmpty()) {
                insert(end, line, style.words()
                        + after.stream().map(style.writer()).collect(Collectors.joining(style.between())));
            } else if (after.isEmpty() && !before.isEmpty()) {
                remove(owner, clause);
            } else {
                items(before, after, style);
            }
            return pass(clause);
        }

        /** Conditions that must all hold; one that is alone needs no parentheses. */
        Clauses conditions(Clause clause, Optional<Expression> before, Optional<Expression> after, String words) {
            List<Expression> all = after.map(Expression::conjuncts).orElse(List.of());
            return list(clause, before.map(Expression::conjuncts).orElse(List.of()), all,
                    new Style<>(words, " AND ", all.size() == 1 ? writer::expression : writer::conjunct));
        }

        Clauses count(Clause clause, OptionalLong before, OptionalLong after, LongFunction<String> words) {
            if (!before.equals(after)) {
                if (after.isEmpty()) remove(owner, clause);
                else if (before.isEmpty()) insert(end, line, words.apply(after.getAsLong()));
                else replace(script.stretch(owner, clause), words.apply(after.getAsLong()));
            }
            return pass(clause);
        }
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
