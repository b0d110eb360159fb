package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Stage;
import lunko.table.SameName;
import lunko.words.Language;

/**
 * How alike two results are.
 *
 * @param rows how many rows the one has
 * @param others how many the other has
 */
public record Sameness(Degree degree, int rows, int others) {

    /** The degrees, from the same in every way on. */
    public enum Degree {
        /** The same rows in the same order. */
        IDENTICAL,
        /** The same rows, as often, in another order, or with their columns in another order. */
        OTHER_ORDER,
        /** The same rows of the tables met, and other columns of them are shown. */
        OTHER_COLUMNS,
        /** Other rows. */
        DIFFERENT
    }

    /**
     * Compares two results; columns are the same if they come from a table of the same alias and are called the same.
     */
    public static Sameness of(Stage one, Stage other) {
        int rows = one.rows().size();
        int others = other.rows().size();
        List<Integer> columns = columns(one, other);
        if (columns.size() == one.headings().size() && columns.size() == other.headings().size()) {
            List<Object> left = IntStream.range(0, rows).<Object>mapToObj(one.rows()::get).toList();
            List<Object> right = IntStream.range(0, others)
                    .<Object>mapToObj(row -> columns.stream().map(other.rows().get(row)::get).toList()).toList();
            if (left.equals(right))
                return new Sameness(inOrder(columns) ? Degree.IDENTICAL : Degree.OTHER_ORDER, rows, others);
            return new Sameness(counted(left).equals(counted(right)) ? Degree.OTHER_ORDER : Degree.DIFFERENT, rows,
                    others);
        }
        IntFunction<Object> met = row -> Sources.named(one, row);
        IntFunction<Object> otherMet = row -> Sources.named(other, row);
        boolean same = counted(IntStream.range(0, rows).mapToObj(met).toList())
                .equals(counted(IntStream.range(0, others).mapToObj(otherMet).toList()));
        return new Sameness(same ? Degree.OTHER_COLUMNS : Degree.DIFFERENT, rows, others);
    }

    private static boolean inOrder(List<Integer> columns) {
        return IntStream.range(0, columns.size()).allMatch(i -> columns.get(i) == i);
    }

    /** Where the columns of one result stand in another, by their names; fewer, where one is not there. */
    public static List<Integer> columns(Stage one, Stage other) {
        List<Integer> columns = new ArrayList<>();
        List<Stage.Heading> others = other.headings();
        for (Stage.Heading heading : one.headings()) {
            IntStream.range(0, others.size()).filter(i -> !columns.contains(i) && isSame(heading, others.get(i)))
                    .findFirst().ifPresent(columns::add);
        }
        return columns;
    }

    /**
     * Whether two columns are the same, as far as can be told: a query that chooses columns does not say of which table
     * they are.
     */
    private static boolean isSame(Stage.Heading one, Stage.Heading other) {
        return SameName.of(one.name(), other.name()) && (one.table().isEmpty() || other.table().isEmpty()
                || SameName.of(one.table().get(), other.table().get()));
    }

    private static Map<Object, Long> counted(List<Object> rows) {
        return rows.stream().collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
    }

    /** Whether the rows are the same ones. */
    public boolean isSame() {
        return degree != Degree.DIFFERENT;
    }

    /** It in a few words: {@code the same 5 rows, in another order}. */
    public String said(Language in) {
        return switch (degree) {
            case IDENTICAL -> in.results().same(rows);
            case OTHER_ORDER -> in.results().sameInOtherOrder(rows);
            case OTHER_COLUMNS -> in.results().sameInOtherColumns(rows);
            case DIFFERENT -> rows == others ? in.results().different(rows) : in.results().different(rows, others);
        };
    }
}
