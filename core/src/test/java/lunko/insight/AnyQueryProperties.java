package lunko.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import lunko.Said;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.ResultColumn;
import lunko.engine.Stage;
import lunko.engine.sql.QueryMaker;
import lunko.insight.comparison.Changes.Status;
import lunko.insight.comparison.Changes;
import lunko.insight.comparison.Sameness.Degree;
import lunko.insight.comparison.Sameness;
import lunko.insight.explanation.StageSummary;
import lunko.insight.listing.ResultListing;
import lunko.insight.picture.TableHues;
import lunko.lesson.WrittenQuery;
import lunko.query.Side;
import lunko.query.sql.SqlWriter;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import lunko.table.Table;
import lunko.table.Value;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What is said of the result of any query. */
class AnyQueryProperties {
    private static final int QUERIES = 20;

    @Property(tries = 30, edgeCases = EdgeCasesMode.NONE)
    void aResultIsTheSameAsItselfInAnotherOrderAndDifferentWithoutARow(@ForAll long seed) {
        each(seed, stage -> {
            int rows = stage.rows().size();
            assertThat(Sameness.of(stage, stage)).isEqualTo(new Sameness(Degree.IDENTICAL, rows, rows));
            Stage turned = reversed(stage);
            boolean alike = turned.rows().equals(stage.rows());
            assertThat(Sameness.of(stage, turned).degree()).isEqualTo(alike ? Degree.IDENTICAL : Degree.OTHER_ORDER);
            if (rows == 0) return;
            Sameness fewer = Sameness.of(stage, Limit.of(stage, 0, rows - 1));
            assertThat(fewer.isSame()).isFalse();
            assertThat(fewer).isEqualTo(new Sameness(Degree.DIFFERENT, rows, rows - 1));
        });
    }

    @Property(tries = 30, edgeCases = EdgeCasesMode.NONE)
    void whatIsAddedAndRemovedIsWhatIsThereOnOneSideAlone(@ForAll long seed) {
        each(seed, stage -> {
            int rows = stage.rows().size();
            if (rows > Changes.MOST_ROWS) return;
            assertThat(Changes.between(stage, stage).orElseThrow().isEmpty()).isTrue();
            assertThat(Changes.between(stage, reversed(stage)).orElseThrow().isEmpty()).isTrue();
            if (rows == 0) return;
            Stage fewer = Limit.of(stage, 0, rows - 1);
            Changes<Stage, Integer> gone = Changes.between(stage, fewer).orElseThrow();
            assertThat(gone.removed()).hasSize(1);
            assertThat(gone.said(Said.ENGLISH)).isEqualTo("1 removed");
            assertThat(stage.rows().get(gone.removed().getFirst())).isEqualTo(stage.rows().getLast());
            Changes<Stage, Integer> back = Changes.between(fewer, stage).orElseThrow();
            assertThat(back.count(Status.ADDED)).isEqualTo(1);
            assertThat(back.said(Said.ENGLISH)).isEqualTo("1 added");
            assertThat(IntStream.range(0, rows).filter(row -> back.of(row) == Status.SAME)).hasSize(rows - 1);
        });
    }

    @Property(tries = 30, edgeCases = EdgeCasesMode.NONE)
    void itIsListedAsItIsAndKnowsItsColumns(@ForAll long seed) {
        each(seed, stage -> {
            ResultListing listing = new ResultListing.OfQuery(stage);
            List<ResultColumn> columns = listing.columns(Side.LEFT);
            assertThat(listing.columns(Side.RIGHT)).isEmpty();
            assertThat(columns).hasSize(stage.headings().size());
            assertThat(listing.size()).isEqualTo(stage.rows().size());
            for (int i = 0; i < columns.size(); i++) {
                ResultColumn column = columns.get(i);
                int at = i;
                Stage.Heading heading = stage.headings().get(i);
                assertThat(listing.name(column)).endsWith(heading.name());
                heading.type().ifPresent(type -> assertThat(listing.type(column)).isEqualTo(type));
                List<Value> values =
                        IntStream.range(0, listing.size()).mapToObj(row -> listing.value(row, column)).toList();
                assertThat(values).isEqualTo(stage.rows().stream().map(row -> row.get(at)).toList());
                listing.source(column).ifPresent(from -> assertThat(from.table()).isPresent());
            }
        });
    }

    @Property(tries = 30, edgeCases = EdgeCasesMode.NONE)
    void itsStagesAtAGlanceAddUp(@ForAll long seed) {
        each(seed, stage -> {
            Timeline timeline = Timeline.of(stage, JoinAlgorithm.NESTED_LOOP);
            List<StageSummary> all = StageSummary.all(timeline, TableHues.NONE);
            assertThat(all).isNotEmpty();
            assertThat(all.getLast().rows()).isEqualTo(stage.rows().size());
            for (StageSummary summary : all) {
                assertThat(summary.rows()).isNotNegative();
                assertThat(summary.lines().stream().filter(line -> !line.struckOut()).count())
                        .isLessThanOrEqualTo(summary.rows());
            }
        });
    }

    /** Some queries over some tables, each with what it comes to. */
    private static void each(long seed, Consumer<Stage> what) {
        QueryMaker maker = new QueryMaker(seed);
        List<Table> tables = maker.tables();
        for (int i = 0; i < QUERIES; i++) {
            String text = new SqlWriter().query(maker.query());
            what.accept(WrittenQuery.of(text).on(tables).expect());
        }
    }

    private static Stage reversed(Stage stage) {
        List<List<Value>> keys =
                IntStream.range(0, stage.rows().size()).mapToObj(row -> List.of(Value.of(row))).toList();
        return Ordering.of(stage, new Ordering.By("", Set.of()), List.of(new Ordering.Order(true, false)), keys);
    }
}
