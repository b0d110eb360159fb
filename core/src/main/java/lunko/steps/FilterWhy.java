package lunko.steps;

import java.util.Optional;
import lunko.engine.Filter;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said of a filter. */
record FilterWhy(Filter stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.FILTER;
    }

    @Override
    public String clause() {
        return stage.clause();
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().filterTitle(in.names().rows(stage.input().title()), clause());
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        return Optional.of(in.stages().filterReason(stage.with(row), stage.verdicts().get(row)));
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().filterStarts(clause(), stage.verdicts().size(), in.names().rows(stage.title()));
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        return in.stages().filtered(stage.with(row), stage.verdicts().get(row),
                in.names().row(stage.input().name(row)), landed);
    }

    @Override
    public Phrase finish(Language in) {
        Phrase left = in.stages().leaves(clause(), stage.rows().size(), stage.input().rows().size());
        return stage.says().map(kind -> Phrase.joined(left, in.stages().filterSays(kind))).orElse(left);
    }
}
