package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Stage;
import lunko.phrase.Phrase;

/** What is said of grouping. */
record AggregationWhy(Aggregation stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.GROUP;
    }

    @Override
    public String title() {
        return stage.keys() == 0 ? "Put " + stage.input().title() + " into one group"
                : "Group " + stage.input().title() + " by " + keys();
    }

    @Override
    public Optional<String> reason(int row) {
        return Optional.of(stage.name(stage.groupOf().get(row)));
    }

    private String keys() {
        return stage.headings().subList(0, stage.keys()).stream().map(Stage.Heading::name)
                .collect(Collectors.joining(", "));
    }

    @Override
    public void start(Phrase.Writer text) {
        text.plain("The " + rows(stage.groupOf().size()) + " of " + stage.input().title() + (stage.keys() == 0
                ? " make one group, and that gives one row even if there are none."
                : " are put into groups of equal " + keys()
                        + ", and each group becomes one row. NULL is a group like others."));
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        int group = stage.groupOf().get(row);
        boolean first = IntStream.range(0, row).noneMatch(earlier -> stage.groupOf().get(earlier) == group);
        text.plain(stage.input().name(row) + " goes into " + stage.name(group)
                + (first && stage.keys() > 0 ? ", the first there." : "."));
    }

    @Override
    public void group(Phrase.Writer text, int group) {
        text.plain(capital(stage.name(group)) + " has " + rows(stage.origins(group).size()) + " and becomes row "
                + (group + 1));
        if (stage.headings().size() > stage.keys()) {
            text.plain(": ").code(RowWhy.values(stage.headings(), stage.rows().get(group), stage.keys()));
        }
        text.plain(".");
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.plain("Grouping");
        RowWhy.number(text, stage.input(), stage, "makes");
    }
}
