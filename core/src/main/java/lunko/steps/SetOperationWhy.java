package lunko.steps;

import static lunko.phrase.Words.rows;

import java.util.List;
import java.util.Optional;
import lunko.engine.SetOperation;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.table.Value;

/** What is said of UNION, INTERSECT and EXCEPT. */
record SetOperationWhy(SetOperation stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.COMBINE;
    }

    @Override
    public String title() {
        return "Combine two results by " + stage.sql();
    }

    @Override
    public Optional<String> reason(int row) {
        return switch (stage.dispositions().get(row)) {
            case TAKEN -> Optional.empty();
            case REPEATED -> Optional.of("there already");
            case NOT_THERE -> Optional.of("not in the second");
            case THERE -> Optional.of("in the second too");
            case ASKED -> Optional.of("only looked for");
        };
    }

    @Override
    public void start(Phrase.Writer text) {
        text.code(stage.sql()).plain(" takes ").plain(switch (stage.operator()) {
            case UNION -> "the rows of the first query and those of the second";
            case INTERSECT -> "those rows of the first query that the second has too";
            case EXCEPT -> "those rows of the first query that the second has not";
        }).plain(stage.countsRepeats() ? ", each as often as it comes." : ", each once. Here NULL is like NULL.");
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        Stage.Origin origin = stage.origin(row);
        boolean left = origin.input() == 0;
        List<Value> values = stage.inputs().get(origin.input()).rows().get(origin.row());
        text.plain("Row " + (origin.row() + 1) + " of the " + (left ? "first" : "second") + " query, ")
                .code(RowWhy.values(stage.headings(), values, 0)).plain(", ")
                .plain(switch (stage.dispositions().get(row)) {
                    case TAKEN -> (stage.operator() == SetOperator.UNION ? ""
                            : stage.operator() == SetOperator.INTERSECT
                                    ? "is in the second query too and " : "is not in the second query and ")
                            + "comes into the result, as row " + landed + ".";
                    case REPEATED -> "is in the result already and is struck out.";
                    case NOT_THERE -> "is not in the second query" + andNoMore() + " and is struck out.";
                    case THERE ->
                        "is in the second query" + (stage.countsRepeats() ? ", where one row stands for it," : "")
                                + " and is struck out.";
                    case ASKED -> "is there to be looked for, and is not in the result itself.";
                });
    }

    private String andNoMore() {
        return stage.countsRepeats() ? ", or not as often," : "";
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.code(stage.sql())
                .plain(" of " + rows(stage.inputs().getFirst().rows().size()) + " and "
                        + rows(stage.inputs().getLast().rows().size())
                        + " gives ")
                .strong(rows(stage.rows().size())).plain(".");
    }
}
