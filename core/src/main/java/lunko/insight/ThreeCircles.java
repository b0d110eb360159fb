package lunko.insight;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import lunko.engine.Join;
import lunko.engine.Joined;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The Venn diagram of three tables that a chain of two joins puts together: which rows of the tables came together, and which of
 * that comes into the result.
 *
 * @param names   what the rows of each table are called together
 * @param regions what is in each region
 */
public record ThreeCircles(List<String> names, Map<Region, Content> regions) {
    private static final long MOST_ROWS = 10_000;

    /** A region, by the tables whose circles it lies in. */
    public enum Region {
        /** The first table alone. */
        A(0),
        /** The second alone. */
        B(1),
        /** The third alone. */
        C(2),
        /** The first and the second. */
        AB(0, 1),
        /** The first and the third. */
        AC(0, 2),
        /** The second and the third. */
        BC(1, 2),
        /** All three. */
        ABC(0, 1, 2);

        private final Set<Integer> tables;

        Region(Integer... tables) {
            this.tables = Set.of(tables);
        }

        /** Whether it lies in the circle of a table, counted from 0. */
        public boolean isIn(int table) {
            return tables.contains(table);
        }

        private static Region of(Set<Integer> tables) {
            for (Region region : values()) if (region.tables.equals(tables)) return region;
            throw new IllegalArgumentException("no region of " + tables);
        }
    }

    /** What is in a region: the rows that came together, by their names, and whether they come into the result. */
    public record Content(List<String> rows, boolean kept) {}

    /** The diagram of a join whose left side is a join, of three tables; nothing, if it is none or is too long. */
    public static Optional<ThreeCircles> of(Join second) {
        if (!(second.left() instanceof Joined first) || !bringsBoth(first.join()) || !bringsBoth(second)) return Optional.empty();
        List<Stage> tables = List.of(first.join().left(), first.join().right(), second.right());
        if (!tables.stream().allMatch(table -> table instanceof Source)) return Optional.empty();
        // All that could come together: what the two joins would give if they kept everybody.
        Join firstFull = new Join(JoinKind.FULL_OUTER, tables.get(0), tables.get(1), first.join().on());
        return Joined.of(firstFull, first.once(), MOST_ROWS, List::of).flatMap(both ->
                Joined.of(new Join(JoinKind.FULL_OUTER, both, second.right(), second.on()), List.of(), MOST_ROWS, List::of).flatMap(all ->
                        Joined.of(second, List.of(), MOST_ROWS, List::of).map(actual -> new ThreeCircles(tables.stream().map(Stage::title).toList(), regions(all, actual)))));
    }

    private static boolean bringsBoth(Join join) {
        return join.kind().only().isEmpty() && join.kind().bringsPairs() && join.kind().shows(Side.LEFT);
    }

    private static Map<Region, Content> regions(Joined all, Joined actual) {
        Map<Region, List<String>> rows = new EnumMap<>(Region.class);
        for (Region region : Region.values()) rows.put(region, new ArrayList<>());
        for (int row = 0; row < all.rows().size(); row++) rows.get(region(all, row)).add(name(all, row));
        Set<Region> kept = new TreeSet<>();
        for (int row = 0; row < actual.rows().size(); row++) kept.add(region(actual, row));
        Map<Region, Content> regions = new EnumMap<>(Region.class);
        rows.forEach((region, names) -> regions.put(region, new Content(List.copyOf(names), kept.contains(region))));
        return Map.copyOf(regions);
    }

    private static Region region(Joined joined, int row) {
        Set<Integer> tables = new TreeSet<>();
        for (Stage.Origin origin : joined.origins(row)) {
            if (origin.input() == Side.RIGHT.ordinal()) tables.add(2);
            else joined.join().left().origins(origin.row()).forEach(inner -> tables.add(inner.input()));
        }
        return Region.of(tables);
    }

    private static String name(Joined joined, int row) {
        List<String> names = new ArrayList<>();
        for (Stage.Origin origin : joined.origins(row)) {
            Stage side = joined.inputs().get(origin.input());
            if (origin.input() == Side.RIGHT.ordinal()) names.add(side.label(origin.row()));
            else side.origins(origin.row()).forEach(inner -> names.add(side.inputs().get(inner.input()).label(inner.row())));
        }
        return String.join(" · ", names);
    }
}
