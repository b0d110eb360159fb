package lunko.steps;

import lunko.engine.Rearranged;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said where tables were joined in another order than that of FROM. */
record RearrangedWhy(Rearranged stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.SORT;
    }

    @Override
    public String clause() {
        return "FROM";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().rearrangedTitle();
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().rearrangedStarts(stage.rows().size());
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        return in.stages().rearranged(in.names().row(stage.input().name(row)), landed);
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().rearrangedEnds(stage.rows().size());
    }
}
