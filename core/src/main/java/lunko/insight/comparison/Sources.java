package lunko.insight.comparison;

import java.util.ArrayList;
import java.util.List;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;

/** What tells a row of a stage from others, whatever its values are: the rows of the tables that it comes from. */
public final class Sources {
    private Sources() {}

    /**
     * The ids of those rows, each after the sides of the joins and set operations that lead to it; of a group, the
     * values it is grouped by. What goes through one table more, a filter or an order, leaves a row the same.
     */
    public static List<Object> of(Stage stage, int row) {
        List<Object> ids = new ArrayList<>();
        add(stage, row, ids);
        return ids;
    }

    private static void add(Stage stage, int row, List<Object> ids) {
        switch (stage) {
            case Source source -> ids.add(source.table().rows().get(row).id());
            case Aggregation grouped -> ids.add(grouped.rows().get(row).subList(0, grouped.keys()));
            case Derived _,Joined _,SetOperation _,Recursion _ -> addOrigins(stage, row, ids);
            case Filter _,Projection _,Distinct _,Ordering _,Limit _,Rearranged _ -> addOrigins(stage, row, ids);
        }
    }

    private static void addOrigins(Stage stage, int row, List<Object> ids) {
        for (Stage.Origin origin : stage.origins(row)) {
            if (stage.inputs().size() > 1) ids.add(origin.input());
            add(stage.inputs().get(origin.input()), origin.row(), ids);
        }
    }

    /** The rows of the tables that a row comes from, in no order: {@code hives 3}. */
    static List<String> named(Stage stage, int row) {
        if (stage instanceof Source source)
            return List.of(source.table().name() + " " + source.table().rows().get(row).id());
        return stage.origins(row).stream()
                .flatMap(origin -> named(stage.inputs().get(origin.input()), origin.row()).stream()).sorted().toList();
    }
}
