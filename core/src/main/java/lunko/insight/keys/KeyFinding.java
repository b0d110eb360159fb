package lunko.insight.keys;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import lunko.engine.Comparison;
import lunko.insight.keys.KeyCheck.Keys;
import lunko.insight.keys.NearMiss.Difference;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.KeySentences.Repeated;
import lunko.words.KeySentences.Types;
import lunko.words.KeySentences;

/** One thing that a key check has found, in words, and the change that would mend it, if there is one. */
public record KeyFinding(Mark mark, Said headline, Said detail, Optional<Repair> repair) {
    /** Of many keys, so many are told of. */
    private static final int MOST_TOLD = 6;

    /** What a finding says, in the words of a language. */
    @FunctionalInterface
    public interface Said {

        /** It in the words for keys. */
        String in(KeySentences keys);
    }

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

    private static KeyFinding of(Mark mark, Said headline, Said detail) {
        return new KeyFinding(mark, headline, detail, Optional.empty());
    }

    /** All that a key check of columns has found, in the order in which one asks. */
    public static List<KeyFinding> of(KeyCheck check, List<KeyPair> on) {
        List<KeyFinding> findings = new ArrayList<>();
        boolean agree = check.typesDiffer().isEmpty();
        if (!agree) findings.add(new KeyFinding(Mark.DOUBTFUL, KeySentences::typesDiffer,
                in -> in.typesDiffer(types(check, check.typesDiffer())), retype(check)));
        for (Side side : Side.values()) matched(check.keys(side), findings);
        for (Side side : Side.values()) {
            unmatched(check.keys(side), side, findings);
            nullKeys(check.keys(side), findings);
        }
        if (agree) findings.add(of(Mark.GOOD, KeySentences::typesAgree, in -> in.typesAgree(types(check, on))));
        check.nearMisses().stream().limit(MOST_TOLD).forEach(miss -> findings.add(almost(check, miss)));
        int more = check.nearMisses().size() - MOST_TOLD;
        if (more > 0) findings.add(of(Mark.DOUBTFUL, in -> in.moreAlmost(more), _ -> ""));
        if (check.nearMisses().isEmpty())
            findings.add(of(Mark.GOOD, KeySentences::noneAlmost, KeySentences::noneAlmostDetail));
        return findings;
    }

    private static KeyFinding almost(KeyCheck check, NearMiss miss) {
        return new KeyFinding(Mark.DOUBTFUL, in -> in.almost(shown(miss.key()), shown(miss.meant())),
                in -> in.almost(miss.difference().said(in), numbers(miss.rows()),
                        check.keys(miss.side()).table().name()),
                Optional.of(miss).filter(near -> near.difference() != Difference.TYPE).map(Repair.Respell::new));
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

    private static void matched(Keys keys, List<KeyFinding> findings) {
        String table = keys.table().name();
        List<Integer> rows = keys.matchedRows();
        findings.add(of(Mark.PAIR, in -> in.matched(rows.size(), table),
                in -> rows.isEmpty() ? "" : in.rows(numbers(rows))));
        List<Repeated> repeated = keys.shared().stream()
                .map(key -> new Repeated(shown(key.values()), key.rows().size())).toList();
        if (repeated.size() == 1) findings.add(of(Mark.PAIR, in -> in.repeated(repeated.getFirst(), table),
                in -> in.repeatedMeans(repeated.getFirst().rows())));
        if (repeated.size() > 1)
            findings.add(of(Mark.PAIR, in -> in.repeated(repeated.size(), table), in -> in.repeated(repeated)));
    }

    private static void unmatched(Keys keys, Side side, List<KeyFinding> findings) {
        if (keys.alone().isEmpty()) return;
        findings.add(of(side.of(Mark.LEFT, Mark.RIGHT),
                in -> in.unmatched(keys.aloneRows().size(), keys.table().name()),
                in -> in.keysInRows(keys.alone().stream().map(key -> shown(key.values())).toList(),
                        numbers(keys.aloneRows()))));
    }

    private static void nullKeys(Keys keys, List<KeyFinding> findings) {
        if (keys.withoutKey().isEmpty()) return;
        findings.add(of(Mark.NO_KEY, in -> in.nullKeys(keys.withoutKey().size(), keys.table().name()),
                in -> in.nullRows(numbers(keys.withoutKey()))));
    }

    private static List<Integer> numbers(List<Integer> rows) {
        return rows.stream().map(row -> row + 1).toList();
    }

    private static String shown(List<Value> key) {
        return key.stream().map(Comparison::literal).collect(Collectors.joining(", "));
    }

    private static List<Types> types(KeyCheck check, List<KeyPair> pairs) {
        return pairs.stream().flatMap(pair -> type(check.left(), pair.left())
                .flatMap(left -> type(check.right(), pair.right()).map(right -> new Types(left, right))).stream())
                .toList();
    }

    private static Optional<Type> type(Keys keys, String column) {
        return keys.table().column(column).stream().mapToObj(i -> keys.table().columns().get(i).type()).findFirst();
    }
}
