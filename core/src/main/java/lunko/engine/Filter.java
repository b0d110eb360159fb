package lunko.engine;

import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import lunko.query.JoinKind;
import lunko.table.Truth;
import lunko.table.Value;

/**
 * The rows of a stage for which a condition is true.
 *
 * @param clause the clause that has the condition: {@code WHERE}, {@code HAVING}
 * @param verdicts the verdict on each row of the input
 * @param with the condition as SQL, with the values of a row of the input put in
 * @param taken the rows of the input that are taken, in their order
 * @param says the kind of join that the outer join before it becomes by it: those without a partner are left alone
 */
public record Filter(Stage input, String clause, List<Truth> verdicts, IntFunction<String> with, int[] taken,
        List<List<Value>> rows, Optional<JoinKind> says, Supplier<List<Stage>> within) implements UnaryStage {

    /** Takes the rows with the verdict true. */
    public static Filter of(Stage input, String clause, List<Truth> verdicts, IntFunction<String> with,
            Optional<JoinKind> says, Supplier<List<Stage>> within) {
        int[] taken = IntStream.range(0, verdicts.size()).filter(row -> verdicts.get(row) == Truth.TRUE).toArray();
        return new Filter(input, clause, verdicts, with, taken,
                IntStream.of(taken).mapToObj(input.rows()::get).toList(), says, within);
    }

    @Override
    public List<Stage> asides() {
        return within.get();
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, taken[row]));
    }

    @Override
    public String name(int row) {
        return input.name(taken[row]);
    }
}
