package lunko.insight.keys;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.insight.keys.KeyCheck.Key;
import lunko.insight.keys.KeyCheck.Keys;
import lunko.insight.keys.NearMiss.Difference;
import lunko.phrase.Words;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Type;
import lunko.table.Value;

/** One thing that a key check has found, in words, and the change that would mend it, if there is one. */
public record KeyFinding(Mark mark, String headline, String detail, Optional<Repair> repair) {
    /** What a finding is about. */
    public enum Mark {
        /** Rows that meet. */
        PAIR,
        /** Rows of the left table. */
        LEFT,
        /** Rows of the right table. */
        RIGHT,
        /** Rows without a key. */
        NO_KEY,
        /** Something that is as it should be. */
        GOOD,
        /** Something that is surely not meant. */
        DOUBTFUL
    }

    private static KeyFinding of(Mark mark, String headline, String detail) {
        return new KeyFinding(mark, headline, detail, Optional.empty());
    }

    /** All that a key check of columns has found, in the order in which one asks. */
    public static List<KeyFinding> of(KeyCheck check, List<KeyPair> on) {
        List<KeyFinding> findings = new ArrayList<>();
        if (!check.typesDiffer().isEmpty()) {
            findings.add(
                    new KeyFinding(Mark.DOUBTFUL, "Types differ",
                            check.typesDiffer().stream().map(pair -> typed(check, pair, " and "))
                                    .collect(Collectors.joining("; ")) + ", which SQL does not compare",
                            retype(check)));
        }
        for (Side side : Side.values()) partnered(check.keys(side), findings);
        for (Side side : Side.values()) {
            alone(check.keys(side), side, findings);
            withoutKey(check.keys(side), findings);
        }
        if (check.typesDiffer().isEmpty()) {
            findings.add(of(Mark.GOOD, "Types agree",
                    on.stream().map(pair -> typed(check, pair, " = ")).collect(Collectors.joining("; "))));
        }
        check.nearMisses().stream().limit(Words.MOST_NAMED).forEach(miss -> findings.add(new KeyFinding(Mark.DOUBTFUL,
                shown(miss.key()) + " is almost " + shown(miss.meant()), miss.difference().title()
                        + " – " + rows(miss.rows()) + " of " + check.keys(miss.side()).table().name(),
                Optional.of(miss).filter(near -> near.difference() != Difference.TYPE).map(Repair.Respell::new))));
        if (check.nearMisses().size() > Words.MOST_NAMED) {
            findings.add(of(Mark.DOUBTFUL,
                    "And " + (check.nearMisses().size() - Words.MOST_NAMED) + " more keys are almost partners", ""));
        }
        if (check.nearMisses().isEmpty()) {
            findings.add(of(Mark.GOOD, "No near-misses", "no key differs by case, blanks or a letter alone"));
        }
        return findings;
    }

    /** The text column becomes what the other is, so that the texts are read as what they look like. */
    private static Optional<Repair> retype(KeyCheck check) {
        KeyPair pair = check.typesDiffer().getFirst();
        Optional<Type> left = type(check.left(), pair.left());
        Optional<Type> right = type(check.right(), pair.right());
        if (left.isEmpty() || right.isEmpty()) return Optional.empty();
        return Optional.of(left.get() == Type.TEXT ? new Repair.Retype(Side.LEFT, pair.left(), right.get())
                : new Repair.Retype(Side.RIGHT, pair.right(), left.get()));
    }

    private static void partnered(Keys keys, List<KeyFinding> findings) {
        int rows = keys.partneredRows().size();
        findings.add(of(Mark.PAIR, counted(rows, keys, "has a partner", "have a partner"),
                rows == 0 ? "" : rows(keys.partneredRows())));
        List<Key> shared = keys.shared();
        if (shared.isEmpty()) return;
        Key first = shared.getFirst();
        findings.add(of(Mark.PAIR,
                shared.size() == 1
                        ? shown(first.values()) + " is shared by " + Words.rows(first.rows().size()) + " of "
                                + keys.table().name()
                        : Words.number(shared.size()) + " keys are shared by rows of " + keys.table().name(),
                shared.size() == 1 ? "whoever meets it comes into a join " + first.rows().size() + " times"
                        : Words.some(shared.stream().map(key -> shown(key.values()) + " by " + key.rows().size())
                                .toList())));
    }

    private static void alone(Keys keys, Side side, List<KeyFinding> findings) {
        if (keys.alone().isEmpty()) return;
        findings.add(of(side.of(Mark.LEFT, Mark.RIGHT),
                counted(keys.aloneRows().size(), keys, "has no partner", "have no partner"),
                Words.some(keys.alone().stream().map(key -> shown(key.values())).toList()) + " – "
                        + rows(keys.aloneRows())));
    }

    private static void withoutKey(Keys keys, List<KeyFinding> findings) {
        if (keys.withoutKey().isEmpty()) return;
        findings.add(of(Mark.NO_KEY, counted(keys.withoutKey().size(), keys, "has no key at all", "have no key at all"),
                rows(keys.withoutKey()) + " – NULL never matches"));
    }

    private static String counted(int rows, Keys keys, String one, String many) {
        return Words.rows(rows) + " of " + keys.table().name() + " " + (rows == 1 ? one : many);
    }

    private static String rows(List<Integer> rows) {
        return (rows.size() == 1 ? "row " : "rows ")
                + Words.some(rows.stream().map(row -> String.valueOf(row + 1)).toList());
    }

    private static String shown(List<Value> key) {
        return key.stream().map(Comparison::literal).collect(Collectors.joining(", "));
    }

    private static String typed(KeyCheck check, KeyPair pair, String between) {
        return type(check.left(), pair.left()).map(Type::title).orElse("") + between
                + type(check.right(), pair.right()).map(Type::title).orElse("");
    }

    private static Optional<Type> type(Keys keys, String column) {
        return keys.table().column(column).stream().mapToObj(i -> keys.table().columns().get(i).type()).findFirst();
    }
}
