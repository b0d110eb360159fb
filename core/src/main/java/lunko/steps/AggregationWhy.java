package lunko.steps;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.words.Language;
import lunko.words.Names;

/** What is said of grouping. */
record AggregationWhy(Aggregation stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.GROUP;
    }

    @Override
    public String clause() {
        return "GROUP BY";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().groupTitle(in.names().rows(stage.input().title()), keys());
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        return Optional.of(group(stage.groupOf().get(row), in.names()));
    }

    private String group(int group, Names names) {
        return names.row(stage.name(group));
    }

    private List<String> keys() {
        return stage.headings().subList(0, stage.keys()).stream().map(Stage.Heading::name).toList();
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().groupStarts(stage.groupOf().size(), in.names().rows(stage.input().title()), keys());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        int group = stage.groupOf().get(row);
        boolean first = IntStream.range(0, row).noneMatch(earlier -> stage.groupOf().get(earlier) == group);
        return in.stages().grouped(in.names().row(stage.input().name(row)), group(group, in.names()),
                first && stage.keys() > 0);
    }

    @Override
    public Phrase group(int group, Language in) {
        return in.stages().groupBecomes(group(group, in.names()), stage.origins(group).size(), group + 1L,
                RowWhy.values(stage.headings(), stage.rows().get(group), stage.keys()));
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().groupsMade(stage.rows().size(), stage.input().rows().size());
    }
}
