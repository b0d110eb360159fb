package lunko.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.table.Truth;
import lunko.table.Value;

/**
 * What makes a left and a right row match.
 *
 * @param equal the columns that must be equal, each pair of them
 * @param more what else must hold, if anything
 * @param notIn the columns that NOT IN compares. There a row that is perhaps equal is as good a match as one that is:
 * both keep the left row out (ISO/IEC 9075-2, in predicate)
 */
public record JoinCondition(List<Equality> equal, Optional<Condition> more, Optional<Equality> notIn) {

    /** A condition on a left and a right row. */
    public interface Condition {

        /** Its verdict on two rows. */
        Truth of(List<Value> left, List<Value> right);

        /** Its verdict on two rows that do not match whatever it is: unknown also where it has no value. */
        default Truth ofStrangers(List<Value> left, List<Value> right) {
            return of(left, right);
        }

        /** It as SQL, with the values of two rows put in for the columns. */
        String with(List<Value> left, List<Value> right);
    }

    /** Keeps its equalities as they are. */
    public JoinCondition {
        equal = List.copyOf(equal);
    }

    /** Rows match that are equal in these columns; all do, if there are none. */
    public static JoinCondition ofEqual(List<Equality> equal) {
        return new JoinCondition(equal, Optional.empty(), Optional.empty());
    }

    /** Whether there are equalities and nothing else. */
    public boolean isEquality() {
        return !equal.isEmpty() && more.isEmpty() && notIn.isEmpty();
    }

    /** The verdict on two rows. */
    public Truth verdict(List<Value> left, List<Value> right) {
        Truth strict = strict(left, right);
        if (notIn.isEmpty()) return strict;
        return strict == Truth.TRUE ? notIn.get().of(left, right).equal() : Truth.FALSE;
    }

    private Truth strict(List<Value> left, List<Value> right) {
        Truth keys = equal.stream().map(equality -> equality.of(left, right).equal()).reduce(Truth.TRUE, Truth::and);
        if (keys == Truth.FALSE || more.isEmpty()) return keys;
        return keys == Truth.TRUE ? more.get().of(left, right) : keys.and(more.get().ofStrangers(left, right));
    }

    /** The condition under which rows certainly match: for NOT IN, that they are equal. */
    public JoinCondition certain() {
        List<Equality> all = new ArrayList<>(equal);
        notIn.ifPresent(all::add);
        return new JoinCondition(all, more, Optional.empty());
    }

    /** Whether a verdict decides about a row: one that is true, and for NOT IN one that is unknown. */
    public boolean meets(Truth verdict) {
        return verdict == Truth.TRUE || notIn.isPresent() && verdict == Truth.UNKNOWN;
    }

    /** The comparisons of the equalities, for two rows. */
    public List<Comparison> comparisons(List<Value> left, List<Value> right) {
        return equal.stream().map(equality -> equality.of(left, right)).toList();
    }

    /** The condition as SQL, with the values of two rows put in. */
    public String with(List<Value> left, List<Value> right) {
        List<String> parts = new ArrayList<>();
        comparisons(left, right).forEach(comparison -> parts.add(comparison.sql()));
        more.ifPresent(condition -> parts.add(condition.with(left, right)));
        notIn.ifPresent(equality -> parts.add(equality.of(left, right).sql()));
        return parts.isEmpty() ? "TRUE" : String.join(" AND ", parts);
    }

    /** The same of two tables in each other's place. */
    public JoinCondition mirrored() {
        return new JoinCondition(equal.stream().map(Equality::mirrored).toList(), more.map(JoinCondition::mirrored),
                notIn.map(Equality::mirrored));
    }

    private static Condition mirrored(Condition condition) {
        return new Condition() {
            @Override
            public Truth of(List<Value> left, List<Value> right) {
                return condition.of(right, left);
            }

            @Override
            public Truth ofStrangers(List<Value> left, List<Value> right) {
                return condition.ofStrangers(right, left);
            }

            @Override
            public String with(List<Value> left, List<Value> right) {
                return condition.with(right, left);
            }
        };
    }
}
