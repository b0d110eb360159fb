package lunko.desktop.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.layout.Pane;
import lunko.desktop.grid.DragBoard;
import lunko.desktop.grid.GridTable;
import lunko.desktop.lesson.LessonModel;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.Spot;
import lunko.query.KeyPair;
import lunko.table.Table;

/** The bench: the tables as cards where they have been put, and the links between them. */
final class Bench extends Pane {

    /**
     * The part of the bench that can be seen at once, in pixels.
     *
     * @param bar how much of its width a scroll bar takes, if there is one
     */
    record View(double width, double height, double bar) {}

    private static final double GAP = 110;
    private static final double SPACE = 18;
    private static final double LEFT_TOP = 8;
    private static final double RIGHT_TOP = 52;

    private final BenchModel model;
    private final LessonModel lesson;
    private final BenchActions actions;
    private final DragBoard drags = new DragBoard();
    private final LinkLayer links;
    private final Map<String, BenchCard> cards = new LinkedHashMap<>();
    private Optional<Map.Entry<BenchCard, Spot>> moved = Optional.empty();
    private List<String> names = List.of();
    private View view = new View(0, 0, 0);
    private Optional<BenchCard> arrived = Optional.empty();
    private Consumer<Bounds> arrival = _ -> {};

    Bench(BenchModel model, BenchActions actions) {
        this.model = model;
        this.lesson = model.lesson();
        this.actions = actions;
        getStyleClass().add("bench");
        links = new LinkLayer(model, actions, drags);
        getChildren().addAll(links.behind(), links);
        drags.takeDropsWithin(this, (dragged, grid, column) -> {
            Table from = table(dragged.grid());
            Table to = table(grid);
            KeyPair pair = new KeyPair(from.columns().get(dragged.column()).name(), to.columns().get(column).name());
            lesson.edit(new LinkEdit.Match(from.name(), to.name(), pair));
        });
        model.look().subscribe(this::show);
        actions.attach(this);
    }

    /** The table that a grid of the bench shows. */
    private Table table(GridTable<?> grid) {
        return cards.entrySet().stream().filter(card -> card.getValue().grid() == grid).findFirst()
                .map(card -> lesson.lesson().get().table(card.getKey())).orElseThrow();
    }

    private void show(KeyInspection look) {
        Lesson now = look.lesson();
        List<String> tables = now.tables().stream().map(Table::name).toList();
        // A table with another name in the same place is the same table.
        if (tables.size() == names.size()) {
            for (int i = 0; i < tables.size(); i++) {
                if (!tables.contains(names.get(i)) && !names.contains(tables.get(i))) {
                    BenchCard same = cards.remove(names.get(i));
                    same.become(tables.get(i));
                    cards.put(tables.get(i), same);
                }
            }
        }
        names = tables;
        new ArrayList<>(cards.keySet()).stream().filter(name -> !tables.contains(name)).forEach(name -> {
            BenchCard gone = cards.remove(name);
            gone.retire();
            getChildren().remove(gone);
        });
        boolean first = cards.isEmpty();
        for (String name : tables) {
            BenchCard card = cards.computeIfAbsent(name, _ -> made(name));
            if (!first && !card.isShown()) arrived = Optional.of(card);
            card.show(look);
            // In the order of the lesson, in which those without a place find one.
            cards.remove(name);
            cards.put(name, card);
        }
        links.show(look);
        if (getChildren().getLast() != links) links.toFront();
        moved = Optional.empty();
        requestLayout();
    }

    private BenchCard made(String name) {
        BenchCard made = new BenchCard(actions, name, drags);
        made.grid().beyond(this::nameNextEmpty);
        getChildren().add(getChildren().size() - 1, made);
        return made;
    }

    /** What is to be done with the place of a card that has just come, once it has one: it is to be seen. */
    void onArrival(Consumer<Bounds> seen) {
        arrival = seen;
    }

    /** Lets the name of a new table be typed, and its headings after it. */
    void nameTable(String table) {
        BenchCard card = cards.get(table);
        card.grid().applyCss();
        layout();
        card.name().requestFocus();
        card.name().selectAll();
        card.name().then(() -> card.grid().renameColumn(0));
    }

    /** From a table that is done to the first that is still to be made, if there is one. */
    private void nameNextEmpty() {
        lesson.lesson().get().tables().stream().filter(table -> table.rows().isEmpty()).map(Table::name).findFirst()
                .ifPresent(this::nameTable);
    }

    /** Shows a card where it is being moved to, before it is put down. */
    void moving(BenchCard card, Spot spot) {
        moved = Optional.of(Map.entry(card, spot));
        requestLayout();
    }

    /** Says how much of it can be seen at once. */
    void see(View seen) {
        if (seen.equals(view)) return;
        view = seen;
        requestLayout();
    }

    @Override
    protected double computeMinWidth(double height) {
        return placed().entrySet().stream().filter(card -> hasSpot(card.getKey()))
                .mapToDouble(card -> card.getValue().getMaxX()).max().orElse(0) + 2;
    }

    @Override
    protected double computeMinHeight(double width) {
        return height(placed());
    }

    private static double height(Map<BenchCard, Bounds> placed) {
        return placed.values().stream().mapToDouble(Bounds::getMaxY).max().orElse(0) + 4;
    }

    private boolean hasSpot(BenchCard card) {
        return spot(card).isPresent();
    }

    private Optional<Spot> spot(BenchCard card) {
        Optional<Spot> moving = moved.filter(of -> of.getKey() == card).map(Map.Entry::getValue);
        return moving.or(() -> lesson.lesson().get().layout().spot(card.table()));
    }

    @Override
    protected void layoutChildren() {
        Map<BenchCard, Bounds> placed = placed();
        placed.forEach((card, place) -> card.resizeRelocate(place.getMinX(), place.getMinY(), place.getWidth(),
                place.getHeight()));
        links.behind().resizeRelocate(0, 0, getWidth(), getHeight());
        links.resizeRelocate(0, 0, getWidth(), getHeight());
        links.place(cards);
        arrived.map(placed::get).ifPresent(arrival);
        arrived = Optional.empty();
    }

    /** Where the cards are. A scroll bar that is there only because it takes room itself is none. */
    private Map<BenchCard, Bounds> placed() {
        Map<BenchCard, Bounds> wide = placed(view.width());
        return height(wide) <= view.height() ? wide : placed(view.width() - view.bar());
    }

    /**
     * Cards stand where they were put; the others find a place: the left and the right table on top, those folded up at
     * the bottom.
     */
    private Map<BenchCard, Bounds> placed(double width) {
        double half = Math.floor((width - GAP) / 2);
        double most = width - GAP;
        Lesson now = model.look().get().lesson();
        Map<BenchCard, Bounds> placed = new LinkedHashMap<>();
        for (BenchCard card : cards.values()) {
            spot(card).ifPresent(spot -> placed.put(card, bounds(card, spot.x(), spot.y(), Math.max(half, 400))));
        }
        BenchCard left = cards.get(now.scene().left());
        BenchCard right = cards.get(now.scene().right());
        // Where one of the two needs little, the other has more.
        if (!placed.containsKey(left)) placed.put(left,
                bounds(left, 0, LEFT_TOP, left == right ? most : Math.max(half, most - right.wantedWidth(half))));
        if (!placed.containsKey(right)) {
            double room = Math.max(half, most - left.wantedWidth(half));
            placed.put(right, bounds(right, width - right.wantedWidth(room), RIGHT_TOP, room));
        }
        for (boolean folded : new boolean[] {false, true}) {
            double top = placed.entrySet().stream().filter(entry -> !hasSpot(entry.getKey()))
                    .mapToDouble(entry -> entry.getValue().getMaxY()).max().orElse(0) + SPACE + 4;
            Point2D at = new Point2D(0, top);
            for (BenchCard card : cards.values()) {
                if (placed.containsKey(card) || card.isFolded() != folded) continue;
                Bounds place = free(card, at, half, width, placed.values());
                placed.put(card, place);
                at = new Point2D(place.getMaxX() + SPACE, place.getMinY());
            }
        }
        return placed;
    }

    /** The first place from there on, to the right and then below, where a card is over no other. */
    private Bounds free(BenchCard card, Point2D from, double most, double width, Collection<Bounds> taken) {
        double x = from.getX();
        double y = from.getY();
        double below = y;
        while (true) {
            Bounds place = bounds(card, x, y, most);
            Optional<Bounds> other = taken.stream().filter(place::intersects).findFirst();
            if (other.isEmpty() && (x == 0 || place.getMaxX() <= width)) return place;
            below = other.isPresent() ? Math.max(below, other.get().getMaxY()) : Math.max(below, y + place.getHeight());
            x = other.map(bounds -> bounds.getMaxX() + SPACE).orElse(width);
            if (x + place.getWidth() > width) {
                x = 0;
                y = below + SPACE;
            }
        }
    }

    private Bounds bounds(BenchCard card, double x, double y, double most) {
        return new BoundingBox(x, y, card.wantedWidth(most), card.wantedHeight(view.height() - y - 60));
    }
}
