package lunko.insight.picture;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.engine.Derived;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.query.Side;

/**
 * A result at a glance: a line for each row, and in it what each table has given to it. Of one join, rows that its kind
 * leaves out have an empty line where they would stand, so that results of several kinds can be told apart.
 *
 * @param tables the tables of the query, by their colours
 * @param lines the first lines
 */
public record ResultSketch(List<TableHue> tables, List<List<Bar>> lines) {

    /** What a table has given to a row. */
    public enum Bar {
        /** A row of it, or several. */
        ROW,
        /** NULL in all of its columns, because an outer join has kept the row. */
        NULLS,
        /** Nothing. */
        NOTHING
    }

    /** The sketch of what a query gives, with so many lines at most. */
    public static ResultSketch of(Stage result, int most) {
        List<Stage> leaves = leaves(result).toList();
        TableHues hues = TableHues.of(result);
        List<TableHue> tables = leaves.stream().map(leaf -> hue(hues, leaf)).toList();
        if (result instanceof Joined joined && leaves.size() == 2) {
            Optional<KindChart> chart = KindChart.of(JoinResult.of(joined));
            if (chart.isPresent()) return of(chart.get(), tables, most);
        }
        int rows = result.rows().size();
        return new ResultSketch(tables,
                IntStream.range(0, Math.min(most, rows)).mapToObj(row -> line(result, row, leaves)).toList());
    }

    private static ResultSketch of(KindChart chart, List<TableHue> tables, int most) {
        return new ResultSketch(tables, chart.lines().limit(most).map(line -> Stream.of(Side.values())
                .map(side -> switch (chart.half(line, chart.outcome().kind(), side)) {
                    case ROW -> Bar.ROW;
                    case NULLS -> Bar.NULLS;
                    case NOTHING -> Bar.NOTHING;
                }).toList()).toList());
    }

    private static TableHue hue(TableHues hues, Stage leaf) {
        String name = leaf instanceof Source source ? source.alias() : leaf instanceof Derived derived ? derived.alias()
                : "";
        return hues.named(name).orElse(TableHue.JOINED);
    }

    /** The tables that a query takes, and the queries that it takes as tables. */
    private static Stream<Stage> leaves(Stage stage) {
        return switch (stage) {
            case Source _,Derived _ -> Stream.of(stage);
            case Joined _,SetOperation _,Recursion _,UnaryStage _ ->
                stage.inputs().stream().flatMap(ResultSketch::leaves);
        };
    }

    private static List<Bar> line(Stage result, int row, List<Stage> leaves) {
        Map<Stage, Bar> given = new IdentityHashMap<>();
        give(result, row, given);
        return leaves.stream().map(leaf -> given.getOrDefault(leaf, Bar.NOTHING)).toList();
    }

    private static void give(Stage stage, int row, Map<Stage, Bar> given) {
        switch (stage) {
            case Source _,Derived _ -> given.put(stage, Bar.ROW);
            case Joined joined -> {
                List<Stage.Origin> origins = follow(joined, row, given);
                if (joined.join().kind().only().isEmpty()) IntStream.range(0, joined.inputs().size())
                        .filter(input -> origins.stream().noneMatch(origin -> origin.input() == input))
                        .mapToObj(joined.inputs()::get).flatMap(ResultSketch::leaves)
                        .forEach(leaf -> given.putIfAbsent(leaf, Bar.NULLS));
            }
            case SetOperation _,Recursion _,UnaryStage _ -> follow(stage, row, given);
        }
    }

    private static List<Stage.Origin> follow(Stage stage, int row, Map<Stage, Bar> given) {
        List<Stage.Origin> origins = stage.origins(row);
        origins.forEach(origin -> give(stage.inputs().get(origin.input()), origin.row(), given));
        return origins;
    }
}
