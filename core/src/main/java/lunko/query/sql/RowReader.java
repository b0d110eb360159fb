package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import lunko.query.sql.Expression.Comparator;
import lunko.query.sql.Expression.Comparison;

/** What a comparison of several values at once says of each of them (ISO/IEC 9075-2, comparison predicate). */
final class RowReader {
    private RowReader() {}

    /** Two rows of as many values compared. */
    static Expression compared(Comparator comparator, List<Expression> left, List<Expression> right) {
        return switch (comparator) {
            case EQUAL -> equal(left, right, left.size());
            case NOT_EQUAL -> new Expression.Not(equal(left, right, left.size()));
            case LESS, LESS_OR_EQUAL -> ordered(Comparator.LESS, comparator, left, right);
            case GREATER, GREATER_OR_EQUAL -> ordered(Comparator.GREATER, comparator, left, right);
        };
    }

    /** Whether the first so many of them are equal. */
    private static Expression equal(List<Expression> left, List<Expression> right, int first) {
        return Expression.all(IntStream.range(0, first)
                .<Expression>mapToObj(i -> Comparison.equal(left.get(i), right.get(i))).toList());
    }

    /** The first two values that differ decide; of the last two, those that are equal may do too. */
    private static Expression ordered(Comparator strict, Comparator last, List<Expression> left,
            List<Expression> right) {
        List<Expression> ways = new ArrayList<>();
        for (int i = 0; i < left.size(); i++) {
            Expression decides =
                    new Comparison(i == left.size() - 1 ? last : strict, left.get(i), right.get(i));
            ways.add(i == 0 ? decides : new Expression.And(equal(left, right, i), decides));
        }
        return ways.stream().reduce(Expression.Or::new).orElseThrow();
    }

    /** A row that is one of a list, or is none of them. */
    static Expression among(List<Expression> of, List<List<Expression>> list, boolean negated) {
        Expression any = list.stream().map(row -> equal(of, row, of.size())).reduce(Expression.Or::new).orElseThrow();
        return negated ? new Expression.Not(any) : any;
    }
}
