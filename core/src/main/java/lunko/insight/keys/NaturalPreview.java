package lunko.insight.keys;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.Equality;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Tally;
import lunko.query.change.PlainJoin;
import lunko.table.Table;
import lunko.words.Sentence;

/**
 * What a natural join of two tables would match: all columns of the same name (ISO/IEC 9075-2, joined table), meant so
 * or not.
 *
 * @param common the columns of the same name
 * @param missed the linked columns whose names differ, which a natural join knows nothing of
 */
public record NaturalPreview(Table left, Table right, List<Common> common, List<KeyPair> missed) {

    /** Two columns of the same name. */
    public record Common(KeyPair pair, Meant meant) {}

    /** Whether two columns of the same name are meant to be equal. */
    public enum Meant {
        /** The tables are linked by them. */
        LINKED,
        /** The tables are linked by others, or not at all: that these have one name may be chance. */
        NOT_LINKED,
        /** Their types cannot be compared, and so the join cannot run. */
        INCOMPARABLE
    }

    /** What it would match in two tables that are linked by these columns. */
    public static NaturalPreview of(Table left, Table right, List<KeyPair> link) {
        List<KeyPair> pairs = PlainJoin.common(left, right);
        return new NaturalPreview(left, right,
                pairs.stream().map(pair -> new Common(pair, meant(pair, left, right, link))).toList(),
                link.stream().filter(pair -> !pairs.contains(pair)).toList());
    }

    private static Meant meant(KeyPair pair, Table left, Table right, List<KeyPair> link) {
        if (!(Equality.of(pair, left, right) instanceof Checked.Valid)) return Meant.INCOMPARABLE;
        return link.contains(pair) ? Meant.LINKED : Meant.NOT_LINKED;
    }

    /** Whether it would match just what the tables are linked by. */
    public boolean isRight() {
        return !common.isEmpty() && missed.isEmpty() && common.stream().allMatch(one -> one.meant() == Meant.LINKED);
    }

    /** How many rows a kind of join gives so; nothing, if it cannot run. */
    public Optional<Long> rows(JoinKind kind) {
        return tally().map(kind::rows);
    }

    private Optional<Tally> tally() {
        KeyCheck check = KeyCheck.of(left, right, common.stream().map(Common::pair).toList());
        return check.typesDiffer().isEmpty() ? Optional.of(check.tally()) : Optional.empty();
    }

    /** What is to be said of it, a sentence for each column and one for the result. */
    public List<Sentence> said() {
        List<Sentence> said = new ArrayList<>();
        if (common.isEmpty()) said.add(in -> in.keys().naturalMatchesNothing(left.name(), right.name()));
        for (Common one : common) {
            String column = one.pair().left();
            said.add(in -> switch (one.meant()) {
                case LINKED -> in.keys().naturalMatchesLink(column);
                case NOT_LINKED -> in.keys().naturalMatchesOther(column);
                case INCOMPARABLE -> in.keys().naturalCannotCompare(column);
            });
        }
        for (KeyPair pair : missed) said.add(in -> in.keys().naturalMisses(pair));
        if (!common.isEmpty())
            said.add(in -> in.keys().naturalMerges(common.stream().map(one -> one.pair().left()).toList()));
        rows(JoinKind.INNER).ifPresent(rows -> said.add(in -> in.keys().naturalGives(rows)));
        return said;
    }
}
