package lunko.insight.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.Derived;
import lunko.engine.Joined;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.table.SameName;

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

    /** A table as a query calls it. */
    private record Called(String alias, String table) {}

    /** Those of a query by what it gives. */
    public static TableHues of(Stage result) {
        List<Called> tables = new ArrayList<>();
        List<Stage> level = List.of(result);
        while (!level.isEmpty()) {
            List<Stage> within = new ArrayList<>();
            level.forEach(stage -> collect(stage, tables, within));
            level = within;
        }
        Map<String, TableHue> hues = new HashMap<>();
        // Of one alias in a query and in one within it, both are meant.
        tables.forEach(one -> hues.putIfAbsent(small(one.alias()), TableHue.of(hues.size())));
        // By its own name a table is meant that has no other; of one that is there twice, the first.
        tables.forEach(one -> hues.putIfAbsent(small(one.table()), hues.get(small(one.alias()))));
        return new TableHues(hues);
    }

    /** Notes the tables that a stage is made of, and the queries within. */
    private static void collect(Stage stage, List<Called> tables, List<Stage> within) {
        switch (stage) {
            case Source source -> tables.add(new Called(source.alias(), source.table().name()));
            case Derived derived -> {
                tables.add(new Called(derived.alias(), derived.alias()));
                within.add(derived.of());
            }
            case Joined _,SetOperation _,Recursion _,UnaryStage _ ->
                stage.inputs().forEach(input -> collect(input, tables, within));
        }
        within.addAll(stage.asides());
    }

    private static String small(String name) {
        return SameName.key(name);
    }

    /** That of the table that a name, quoted or not, means; nothing, if it means none. */
    public Optional<TableHue> named(String name) {
        return Optional
                .ofNullable(byName.get(small(name.startsWith("\"") ? name.substring(1, name.length() - 1) : name)));
    }

    /** That of the table that a column of a stage, counted from 0, comes from, if it comes straight from one. */
    public Optional<TableHue> of(Stage stage, int column) {
        return stage.source(column).flatMap(Stage.Heading::table).flatMap(this::named);
    }

    /** That of the rows of a stage: of the one table that all its columns come from, if they do. */
    public TableHue ofRows(Stage stage) {
        Set<Optional<TableHue>> all = IntStream.range(0, stage.headings().size()).mapToObj(column -> of(stage, column))
                .collect(Collectors.toSet());
        return all.size() == 1 ? all.iterator().next().orElse(TableHue.JOINED) : TableHue.JOINED;
    }
}
