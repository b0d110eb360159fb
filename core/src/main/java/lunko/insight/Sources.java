package lunko.insight;

import java.util.ArrayList;
import java.util.List;
import lunko.engine.Chosen;
import lunko.engine.Combined;
import lunko.engine.Cut;
import lunko.engine.Filtered;
import lunko.engine.Grouped;
import lunko.engine.Joined;
import lunko.engine.Named;
import lunko.engine.Sorted;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.Unrepeated;

/** What tells a row of a stage from others, whatever its values are: the rows of the tables that it comes from. */
final class Sources {
    private Sources() {}

    /**
     * The ids of those rows, each after the numbers of the inputs that lead to it; of a group, the values it is grouped
     * by.
     */
    static List<Object> of(Stage stage, int row) {
        List<Object> ids = new ArrayList<>();
        add(stage, row, ids);
        return ids;
    }

    private static void add(Stage stage, int row, List<Object> ids) {
        switch (stage) {
            case Source source -> ids.add(source.table().rows().get(row).id());
            case Grouped grouped -> ids.add(grouped.rows().get(row).subList(0, grouped.keys()));
            case Named _,Joined _,Combined _,Filtered _,Chosen _,Unrepeated _,Sorted _,Cut _ -> {
                for (Stage.Origin origin : stage.origins(row)) {
                    ids.add(origin.input());
                    add(stage.inputs().get(origin.input()), origin.row(), ids);
                }
            }
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
