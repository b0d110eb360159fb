package lunko.insight.explanation;

import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.insight.comparison.Alignment;
import lunko.insight.listing.ResultListing;
import lunko.words.Sentence;

/** Why one of several results has a row, or lacks one that another has. */
public record GapWhy(Alignment alignment, Alignment.Line line, int result) {

    /** What has become of it; nothing, where the results have nothing in common that it could be told by. */
    public Optional<Sentence> said() {
        Stage of = alignment.results().get(result);
        RowExplanation explanation = RowExplanation.of(of);
        OptionalInt row = line.rows().get(result);
        if (row.isPresent()) return explanation.why(row.getAsInt());
        Stage other = alignment.results().get(line.first());
        OptionalInt left = new ResultListing.OfQuery(other).left(line.rows().get(line.first()).getAsInt());
        return left.isPresent() && leftmost(of).equals(leftmost(other)) ? explanation.whyNot(left.getAsInt())
                : Optional.empty();
    }

    /** The table that a query begins with, whatever the query calls it. */
    private static Optional<String> leftmost(Stage stage) {
        Stage at = stage;
        while (!at.inputs().isEmpty()) at = at.inputs().getFirst();
        return at instanceof Source source ? Optional.of(source.table().name()) : Optional.empty();
    }
}
