package lunko.insight.explanation;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
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
        if (left.isEmpty() || !leftmost(of).equals(leftmost(other))) return Optional.empty();
        return explanation.whyNot(left.getAsInt()).or(() -> instead(of, explanation, left));
    }

    /** Why the row is there that the result has instead, of the same row of the leftmost table. */
    private static Optional<Sentence> instead(Stage of, RowExplanation explanation, OptionalInt left) {
        ResultListing.OfQuery listed = new ResultListing.OfQuery(of);
        return IntStream.range(0, of.rows().size()).filter(row -> listed.left(row).equals(left)).boxed().findFirst()
                .flatMap(explanation::why);
    }

    /** The table that a query begins with, whatever the query calls it. */
    private static Optional<String> leftmost(Stage stage) {
        Stage at = stage;
        while (!at.inputs().isEmpty()) at = at.inputs().getFirst();
        return at instanceof Source source ? Optional.of(source.table().name()) : Optional.empty();
    }
}
