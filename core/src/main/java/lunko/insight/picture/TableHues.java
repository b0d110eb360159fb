package lunko.insight.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;

/**
 * The colour that each table of a query has, wherever it is named or drawn: they are given in the order of FROM, those
 * of queries within after them. A table that a query takes twice is two tables, told apart by their aliases.
 */
public record TableHues(Map<String, TableHue> byName) {
    /** Of a query that cannot run. */
    public static final TableHues NONE = new TableHues(Map.of());

    /** Keeps its names as they are. */
    public TableHues {
        byName = Map.copyOf(byName);
    }

    /** Those of a query by what it gives. */
    public static TableHues of(Stage result) {
        Map<String, TableHue> hues = new HashMap<>();
        List<Stage> level = List.of(result);
        while (!level.isEmpty()) {
            List<Stage> within = new ArrayList<>();
            level.forEach(stage -> collect(stage, hues, within));
            level = within;
        }
        return new TableHues(hues);
    }

    /** Gives colours to the tables that a stage is made of, and notes the queries within. */
    private static void collect(Stage stage, Map<String, TableHue> hues, List<Stage> within) {
        switch (stage) {
            case Source source -> name(hues, source.alias(), source.table().name());
            case Derived derived -> {
                name(hues, derived.alias(), derived.alias());
                within.add(derived.of());
            }
            case Joined _,SetOperation _,UnaryStage _ ->
                stage.inputs().forEach(input -> collect(input, hues, within));
        }
        within.addAll(stage.asides());
    }

    private static void name(Map<String, TableHue> hues, String alias, String table) {
        int number = (int) hues.values().stream().distinct().count();
        if (hues.containsKey(small(alias)) && !small(alias).equals(small(table))) return;
        hues.putIfAbsent(small(alias), TableHue.of(number));
        // By its own name a table is meant that has no other; of one that is there twice, the first.
        hues.putIfAbsent(small(table), hues.get(small(alias)));
    }

    private static String small(String name) {
        return name.toLowerCase(Locale.ROOT);
    }

    /** That of the table that a name, quoted or not, means; nothing, if it means none. */
    public Optional<TableHue> named(String name) {
        return Optional
                .ofNullable(byName.get(small(name.startsWith("\"") ? name.substring(1, name.length() - 1) : name)));
    }

    /** That of the table that a column of a stage, counted from 0, comes from, if it comes straight from one. */
    public Optional<TableHue> of(Stage stage, int column) {
        return switch (stage) {
            case Aggregation groups -> column < groups.keys() && groups.by().get(column).isPresent()
                    ? of(groups.input(), groups.by().get(column).getAsInt()) : Optional.empty();
            case Projection chosen -> chosen.from().get(column).isPresent()
                    ? of(chosen.input(), chosen.from().get(column).getAsInt()) : Optional.empty();
            case Filter _,Distinct _,Ordering _,Limit _ -> of(stage.inputs().getFirst(), column);
            case Source _,Joined _,Derived _ -> stage.headings().get(column).table().flatMap(this::named);
            case SetOperation _ -> Optional.empty();
        };
    }

    /** That of the rows of a stage. */
    public TableHue ofRows(Stage stage) {
        return switch (stage) {
            case Source source -> named(source.alias()).orElse(TableHue.JOINED);
            case Derived derived -> named(derived.alias()).orElse(TableHue.JOINED);
            case Joined _,SetOperation _,UnaryStage _ -> {
                Set<Optional<TableHue>> all = IntStream.range(0, stage.headings().size())
                        .mapToObj(column -> of(stage, column)).collect(Collectors.toSet());
                yield all.size() == 1 ? all.iterator().next().orElse(TableHue.JOINED) : TableHue.JOINED;
            }
        };
    }
}
