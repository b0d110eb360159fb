package lunko.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.number;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.ArrayList;
import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Sum;
import lunko.words.Counts;
import lunko.words.Names;
import lunko.words.ResultSentences;

/** What is in a result and why, in English. */
record EnglishResults(Names names, Counts counts) implements ResultSentences {

    @Override
    public Phrase crossed(Phrase row, long times, Phrase other) {
        return say("{} is in the result {}: once with every row of {}.", row, EnglishKeys.times(times), other);
    }

    @Override
    public Phrase crossedWithNothing(Phrase row, Phrase other) {
        return say("{} is not in the result: {} has no row to pair it with.", row, other);
    }

    /** Rows of the other table, in its tone. */
    private static Phrase matches(List<String> matches, Phrase other) {
        return Phrase.of(Say.named(matches), other.parts().getFirst().tone());
    }

    /** The table in which there is no match, and why: the values of the key, or that it is NULL. */
    private static Phrase none(List<Key> keys, Phrase other) {
        if (keys.isEmpty()) return other;
        return keys.stream().filter(Key::isNull).findFirst()
                .map(key -> say("{} (its {} is NULL, and NULL never matches)", other, key.column()))
                .orElseGet(() -> say("{} ({})", other, String.join(", ", keys.stream()
                        .map(key -> text("its {} is {}", key.column(), key.value())).toList())));
    }

    @Override
    public Phrase isThere(Phrase row, List<String> matches, Phrase other) {
        return matches.size() == 1 ? say("{} is in the result once: it matches {}.", row, matches(matches, other))
                : say("{} is in the result {}, once for each match: {}.", row, EnglishKeys.times(matches.size()),
                        matches(matches, other));
    }

    @Override
    public Phrase isKept(Phrase row, List<Key> keys, JoinKind kind, Phrase other) {
        return kind.bringsPairs()
                ? say("{} is in the result once, although it matches no row of {}: {} keeps it, with `NULL` for the "
                        + "columns of {}.", row, none(keys, other), names.join(kind), other)
                : say("{} is in the result, because it matches no row of {}: {} keeps only such rows.", row,
                        none(keys, other), names.join(kind));
    }

    @Override
    public Phrase isNotKept(Phrase row, List<Key> keys, JoinKind kind, Phrase own, Phrase other) {
        return say("{} is not in the result: it matches no row of {}, and {} does not keep unmatched rows of {}.", row,
                none(keys, other), names.join(kind), own);
    }

    @Override
    public Phrase isLeftOut(Phrase row, List<String> matches, JoinKind kind, Phrase other) {
        return say("{} is not in the result: it matches {}, and {} takes only rows without a match.", row,
                matches(matches, other), names.join(kind));
    }

    @Override
    public Phrase isTaken(Phrase row, List<String> matches, Phrase other) {
        return say(either(matches.size(), "{} is in the result once: it matches {}.",
                "{} is in the result once: it matches {}, and one match is enough."), row, matches(matches, other));
    }

    @Override
    public Phrase isTakenUnmatched(Phrase row, List<Key> keys, Phrase other) {
        return say("{} is in the result, because it matches no row of {}.", row, none(keys, other));
    }

    @Override
    public Phrase wantsMatch(Phrase row, List<Key> keys, Phrase other) {
        return say("{} is not in the result: it matches no row of {}.", row, none(keys, other));
    }

    @Override
    public Phrase isUnknown(Phrase row) {
        return say("{} is not in the result: a NULL is compared with it, so it is **unknown** whether it has a match, "
                + "and only rows that certainly have none are taken.", row);
    }

    @Override
    public Phrase gives(JoinKind kind, Phrase table, Phrase row, List<String> matches) {
        return say("{} gives only rows of {}. {} matches {}.", capital(names.join(kind)), table, row,
                matches(matches, table));
    }

    @Override
    public Phrase gives(JoinKind kind, Phrase table, Phrase row, List<Key> keys, Phrase other) {
        return say("{} gives only rows of {}. {} matches no row of {}.", capital(names.join(kind)), table, row,
                none(keys, other));
    }

    @Override
    public String says(JoinKind kind, String left, String right) {
        return text("This is {} of {} and {}.", names.join(kind), left, right);
    }

    @Override
    public String same(long rows) {
        return text("the same {}", counted(rows, "row"));
    }

    @Override
    public String sameInOtherOrder(long rows) {
        return text("the same {}, in another order", counted(rows, "row"));
    }

    @Override
    public String sameInOtherColumns(long rows) {
        return text("the same {}, with other columns", counted(rows, "row"));
    }

    @Override
    public String different(long rows) {
        return text("different rows: {} here, and as many there", counted(rows, "row"));
    }

    @Override
    public String different(long rows, long others) {
        return text("{} instead of {}", counted(others, "row"), number(rows));
    }

    @Override
    public String changed(long added, long removed, long changed) {
        List<String> all = new ArrayList<>();
        if (added > 0) all.add(text("{} added", added));
        if (removed > 0) all.add(text("{} removed", removed));
        if (changed > 0) all.add(text("{} changed", changed));
        return String.join(", ", all);
    }

    @Override
    public String isNew() {
        return "new";
    }

    @Override
    public String isChanged() {
        return "changed";
    }

    @Override
    public String sum(long rows, Sum sum) {
        return text("{}: {}", counted(rows, "row"), counts.sum(sum));
    }

    @Override
    public String pairsByKey(long pairs, List<KeyPairs> keys, long more) {
        if (keys.isEmpty()) return counted(pairs, "pair");
        String terms = String.join(", ",
                keys.stream().map(key -> text("{} gives {} × {}", key.key(), key.left(), key.right())).toList());
        return more == 0 ? text("{}: {}", counted(pairs, "pair"), terms)
                : text("{}: {}, and so on for {}", counted(pairs, "pair"), terms, counted(more, "more key"));
    }

    @Override
    public String arranged(boolean sorted, long hidden) {
        List<String> all = new ArrayList<>();
        if (sorted) all.add("sorted here only");
        if (hidden > 0) all.add(text("{} hidden", counted(hidden, "column")));
        return String.join(" · ", all);
    }

    @Override
    public String swapped(String sides) {
        return text("Swapped: {}.", sides);
    }

    @Override
    public String swappedOrders(List<String> orders) {
        return text("But the order of joins matters: {}.", String.join("; ", orders));
    }

    @Override
    public String order(String order, String gives) {
        return text("{} gives {}", order, gives);
    }

    @Override
    public String matched() {
        return "matched";
    }

    @Override
    public String pairs() {
        return "pairs";
    }

    @Override
    public String noMatch() {
        return "no match";
    }

    @Override
    public String more(long count) {
        return text("+ {} more", count);
    }

    @Override
    public String two(String left, String right) {
        return text("{} · {}", left, right);
    }
}
