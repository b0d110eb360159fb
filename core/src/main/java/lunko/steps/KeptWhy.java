package lunko.steps;

import static lunko.phrase.Words.capital;
import static lunko.phrase.Words.rows;

import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.engine.Joined;
import lunko.engine.Stage;
import lunko.phrase.Phrase;
import lunko.query.Side;

/** What is said of the rows that an outer join keeps, the pairs being there. */
record KeptWhy(Joined stage) implements RowWhy {

    @Override
    public StageKind kind() {
        return StageKind.KEEP;
    }

    @Override
    public String title() {
        return "Keep the partnerless of " + Stream.of(Side.values()).filter(stage.join().kind()::keeps)
                .map(side -> stage.join().on(side).title()).collect(Collectors.joining(" and of "));
    }

    @Override
    public void start(Phrase.Writer text) {
        text.plain(capital(stage.join().kind().withArticle()) + " keeps the rows that have no partner: ");
        text.plain(Stream.of(Side.values()).filter(stage.join().kind()::keeps)
                .map(side -> alone(side) + " of the " + rows(stage.join().on(side).rows().size()) + " of "
                        + stage.join().on(side).title())
                .collect(Collectors.joining(", and "))).plain(".");
    }

    private long alone(Side side) {
        return side.of(stage.matching().tally().leftAlone(), stage.matching().tally().rightAlone());
    }

    @Override
    public void row(Phrase.Writer text, int row, int landed) {
        int lefts = stage.join().left().rows().size();
        Side side = row < lefts ? Side.LEFT : Side.RIGHT;
        int own = side.of(row, row - lefts);
        Stage other = stage.join().on(side.opposite());
        text.plain(stage.join().on(side).name(own) + " has no partner among the " + rows(other.rows().size()) + " of "
                + other.title()
                + ". It is ").strong("kept")
                .plain(" all the same, as row " + (stage.placeOfKept(side, own) + 1) + " of the join, with ")
                .code("NULL").plain(" in every column of " + other.title() + ".");
    }

    @Override
    public void finish(Phrase.Writer text) {
        text.plain(capital(stage.join().kind().withArticle()) + " of " + stage.join().left().title() + " and "
                + stage.join().right().title() + " gives ").strong(rows(stage.rows().size())).plain(": "
                        + stage.join().kind().arithmetic(stage.matching().tally()) + ".");
    }
}
