package lunko.steps;

import java.util.Optional;
import lunko.engine.Distinct;
import lunko.phrase.Phrase;
import lunko.words.Language;

/** What is said of DISTINCT. */
record DistinctWhy(Distinct stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.DISTINCT;
    }

    @Override
    public String clause() {
        return "DISTINCT";
    }

    @Override
    public Phrase title(Language in) {
        return in.stages().distinctTitle(in.names().rows(stage.title()));
    }

    @Override
    public Optional<String> reason(int row, Language in) {
        int same = stage.same().get(row);
        return stage.first().get(same) == row ? Optional.empty()
                : Optional.of(in.stages().duplicateReason(same + 1L));
    }

    @Override
    public Phrase start(Language in) {
        return in.stages().distinctStarts();
    }

    @Override
    public Phrase row(int row, int landed, Language in) {
        int same = stage.same().get(row);
        String values = RowWhy.values(stage.headings(), stage.input().rows().get(row), 0);
        return stage.first().get(same) == row ? in.stages().isNew(values, landed)
                : in.stages().isDuplicate(values, same + 1L);
    }

    @Override
    public Phrase finish(Language in) {
        return in.stages().leaves(clause(), stage.rows().size(), stage.input().rows().size());
    }
}
