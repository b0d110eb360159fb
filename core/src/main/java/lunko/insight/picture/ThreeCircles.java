package lunko.insight.picture;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import lunko.engine.Join;
import lunko.engine.Joined;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.RowName;
import lunko.table.RowsName;

/**
 * The Venn diagram of three tables that a chain of two joins puts together: which rows of the tables came together, and
 * which of that comes into the result.
 *
 * @param tables the three, from left to right
 * @param regions what is in each region
 */
public record ThreeCircles(List<Stage> tables, Map<Region, Content> regions) {
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

    /** What is in a region: the rows that came together, and whether they come into the result. */
    public record Content(List<Member> rows, boolean kept) {}

    /**
     * Rows that came together: what they are called, and what to point at in the second join for them, where it meets
     * them.
     */
    public record Member(RowName name, Optional<Pointed> at) {}

    /** The kinds of the first and of the second join. */
    public record Kinds(JoinKind first, JoinKind second) {}

    /** The diagram of a join whose left side is a join, of three tables; nothing, if it is none or is too long. */
    public static Optional<ThreeCircles> of(Join second) {
        if (!(second.left() instanceof Joined first) || !bringsBoth(first.join()) || !bringsBoth(second))
            return Optional.empty();
        List<Stage> tables = List.of(first.join().left(), first.join().right(), second.right());
        if (!tables.stream().allMatch(table -> table instanceof Source)) return Optional.empty();
        // All that could come together: what the two joins would give if they kept everybody.
        return done(first, second, new Kinds(JoinKind.FULL_OUTER, JoinKind.FULL_OUTER)).flatMap(all -> done(first,
                second, new Kinds(first.join().kind(), second.kind()))
                .map(actual -> new ThreeCircles(tables, regions(all, actual))));
    }

    /** What the rows of each table are called together. */
    public List<RowsName> names() {
        return tables.stream().map(Stage::title).toList();
    }

    /** The two joins done by other kinds. */
    private static Optional<Joined> done(Joined first, Join second, Kinds kinds) {
        return Joined
                .of(new Join(kinds.first(), first.join().left(), first.join().right(), first.join().on()), first.once(),
                        MOST_ROWS, List::of)
                .flatMap(both -> Joined.of(new Join(kinds.second(), both, second.right(), second.on()), List.of(),
                        MOST_ROWS, List::of));
    }

    /**
     * The kinds of the two joins of a diagram that take a region in which is left out, or leave it out, and change as
     * little as can be about the other regions that have rows and then about the kinds; nothing, if no kinds do.
     */
    public Optional<Kinds> toggling(Join second, Region region) {
        if (!(second.left() instanceof Joined first)) return Optional.empty();
        Kinds now = new Kinds(first.join().kind(), second.kind());
        Optional<Kinds> best = Optional.empty();
        int least = Integer.MAX_VALUE;
        for (JoinKind one : JoinKind.QUALIFIED) {
            for (JoinKind other : JoinKind.QUALIFIED) {
                Kinds kinds = new Kinds(one, other);
                Optional<Set<Region>> kept = done(first, second, kinds).map(ThreeCircles::kept);
                if (kept.isEmpty() || kept.get().contains(region) == regions.get(region).kept()) continue;
                long differ = regions.entrySet().stream()
                        .filter(entry -> entry.getKey() != region && !entry.getValue().rows().isEmpty()
                                && entry.getValue().kept() != kept.get().contains(entry.getKey()))
                        .count();
                int cost =
                        (int) differ * JoinKind.QUALIFIED.size() + (one == now.first() ? 0 : 1)
                                + (other == now.second() ? 0 : 1);
                if (cost >= least) continue;
                least = cost;
                best = Optional.of(kinds);
            }
        }
        return best;
    }

    private static boolean bringsBoth(Join join) {
        return join.kind().only().isEmpty() && join.kind().bringsPairs() && join.kind().shows(Side.LEFT);
    }

    private static Map<Region, Content> regions(Joined all, Joined actual) {
        Map<List<OptionalInt>, Integer> lefts = new HashMap<>();
        Stage left = actual.join().left();
        for (int row = 0; row < left.rows().size(); row++) lefts.put(parts(left, row), row);
        Map<Region, List<Member>> rows = new EnumMap<>(Region.class);
        for (Region region : Region.values()) rows.put(region, new ArrayList<>());
        for (int row = 0; row < all.rows().size(); row++) {
            OptionalInt right = origin(all, row, Side.RIGHT);
            OptionalInt of = origin(all, row, Side.LEFT);
            Optional<Integer> met = of.isPresent()
                    ? Optional.ofNullable(lefts.get(parts(all.join().left(), of.getAsInt()))) : Optional.empty();
            Optional<Pointed> at = met
                    .<Pointed>map(one -> right.isPresent() ? new Pointed.Pair(one, right.getAsInt())
                            : new Pointed.Source(Side.LEFT, one))
                    .or(() -> right.isPresent() ? Optional.of(new Pointed.Source(Side.RIGHT, right.getAsInt()))
                            : Optional.empty());
            rows.get(region(all, row)).add(new Member(name(all, row), at));
        }
        Set<Region> kept = kept(actual);
        Map<Region, Content> regions = new EnumMap<>(Region.class);
        rows.forEach(
                (region, members) -> regions.put(region, new Content(List.copyOf(members), kept.contains(region))));
        return Map.copyOf(regions);
    }

    private static Set<Region> kept(Joined actual) {
        Set<Region> kept = new TreeSet<>();
        for (int row = 0; row < actual.rows().size(); row++) kept.add(region(actual, row));
        return kept;
    }

    /** The rows of the first two tables that a row of their join comes from. */
    private static List<OptionalInt> parts(Stage joined, int row) {
        return List.of(origin(joined, row, Side.LEFT), origin(joined, row, Side.RIGHT));
    }

    private static OptionalInt origin(Stage joined, int row, Side side) {
        return joined.origins(row).stream().filter(origin -> origin.input() == side.ordinal())
                .mapToInt(Stage.Origin::row).findFirst();
    }

    private static Region region(Joined joined, int row) {
        Set<Integer> tables = new TreeSet<>();
        for (Stage.Origin origin : joined.origins(row)) {
            if (origin.input() == Side.RIGHT.ordinal()) tables.add(2);
            else joined.join().left().origins(origin.row()).forEach(inner -> tables.add(inner.input()));
        }
        return Region.of(tables);
    }

    private static RowName name(Joined joined, int row) {
        List<RowName> names = new ArrayList<>();
        for (Stage.Origin origin : joined.origins(row)) {
            Stage side = joined.inputs().get(origin.input());
            if (origin.input() == Side.RIGHT.ordinal()) names.add(side.name(origin.row()));
            else side.origins(origin.row())
                    .forEach(inner -> names.add(side.inputs().get(inner.input()).name(inner.row())));
        }
        return new RowName.Joined(names);
    }
}
