package lunko.engine;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.query.JoinKind;
import lunko.table.RowName;
import lunko.table.Truth;
import lunko.table.Value;

/** The rows of a stage for which a condition is true. */
public final class Filter implements UnaryStage {
    private final Stage input;
    private final Condition condition;
    private final List<Truth> verdicts;
    private final List<Integer> taken;
    private final List<List<Value>> rows;
    private final Optional<JoinKind> says;
    private final List<Stage> asides;

    /** A condition on the rows of a stage, counted from 0. */
    public interface Condition {

        /** The clause that has it: {@code WHERE}, {@code HAVING}. */
        String clause();

        /** Its verdict on a row. */
        Truth of(int row);

        /** It as SQL, with the values of a row put in. */
        String with(int row);

        /** The columns of the rows that it asks for, counted from 0. */
        Set<Integer> columns();

        /** The queries within it that were run once. */
        List<Stage> asides();
    }

    /**
     * Takes the rows with the verdict true.
     *
     * @param says the kind of join that the outer join before it becomes by it: those that match nobody are left alone
     */
    public Filter(Stage input, Condition condition, Optional<JoinKind> says) {
        this.input = input;
        this.condition = condition;
        this.verdicts = IntStream.range(0, input.rows().size()).mapToObj(condition::of).toList();
        this.taken =
                IntStream.range(0, verdicts.size()).filter(row -> verdicts.get(row) == Truth.TRUE).boxed().toList();
        this.rows = taken.stream().map(input.rows()::get).toList();
        this.says = says;
        this.asides = condition.asides();
    }

    @Override
    public Stage input() {
        return input;
    }

    @Override
    public UnaryStage over(Stage same) {
        return new Filter(same, condition, says);
    }

    @Override
    public Set<Integer> deciding() {
        return condition.columns();
    }

    /** The clause that has the condition. */
    public String clause() {
        return condition.clause();
    }

    /** The verdict on each row of the input. */
    public List<Truth> verdicts() {
        return verdicts;
    }

    /** The condition as SQL, with the values of a row of the input put in. */
    public String with(int row) {
        return condition.with(row);
    }

    /** The kind of join that the outer join before it becomes by it, if it does. */
    public Optional<JoinKind> says() {
        return says;
    }

    @Override
    public List<List<Value>> rows() {
        return rows;
    }

    @Override
    public List<Stage> asides() {
        return asides;
    }

    @Override
    public List<Origin> origins(int row) {
        return List.of(new Origin(0, taken.get(row)));
    }

    @Override
    public RowName name(int row) {
        return input.name(taken.get(row));
    }
}
