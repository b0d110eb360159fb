package lunko.desktop.grid;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.beans.value.WeakChangeListener;
import javafx.scene.Node;
import javafx.scene.control.TableColumn;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.FontWeight;
import lunko.desktop.grid.ColumnShares.Need;
import lunko.desktop.look.Typeface;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Type;

/**
 * The widths of the columns of one side, which its source table and its part of the result share, so that a column of
 * the result falls under the column that it comes from.
 */
public final class ColumnWidths {
    /** How wide the column with the row numbers is, in pixels. */
    public static final double NUMBER_COLUMN = 34;
    private static final double PADDING = 18;
    /** What stands over a column has this much around it. */
    private static final double HEADING_PADDING = 16;
    private static final double KEY_SIGN = 18;
    private static final double NARROWEST = 54;
    /** A text takes this at most. */
    private static final double WIDEST = 222;
    /** A text can be known by this much of it, and where it decides, by this much. */
    private static final double KNOWN = 70;
    private static final double KNOWN_WELL = 140;
    private static final String FOLDED = "folded";
    private static final double SCROLL_BAR = 14;
    private static final double NO_BAR = 8;
    private static final int ROWS_LOOKED_AT = 100;
    private static final Typeface HEADING = Typeface.text(FontWeight.BOLD, 12.5);
    private static final Typeface BELOW = Typeface.text(FontWeight.NORMAL, 12);
    private static final Typeface TEXT = Typeface.text(FontWeight.NORMAL, 13.5);
    private static final Typeface CODE = Typeface.code(FontWeight.NORMAL, 13.5);

    /**
     * A column and what stands over it.
     *
     * @param whole what stands there where there is room for it
     * @param shorter what stands there where there is not
     * @param below the line below, the empty text if there is none
     * @param key whether it decides what becomes of a row: then it stays in view
     */
    public record Heading(Column column, String whole, String shorter, String below, boolean key) {

        /** A column with nothing but its name over it. */
        public static Heading named(Column column, boolean key) {
            return new Heading(column, column.name(), column.name(), "", key);
        }

        private double name() {
            return heading(column.name()) + (key ? KEY_SIGN : 0);
        }

        private Need need(double values, int rank) {
            boolean text = column.type() == Type.TEXT;
            double shown = text ? Math.min(values, WIDEST) : values;
            double some = text ? Math.min(values, rank == Need.STAYS ? KNOWN_WELL : KNOWN) : values;
            double wide = Math.max(Math.max(shown, BELOW.width(below)), Math.max(heading(whole), name()));
            double name = Math.min(heading(column.name()), KNOWN) + (key ? KEY_SIGN : 0);
            return new Need(width(wide), width(Math.max(shown, Math.max(heading(shorter), name()))),
                    width(Math.max(some, name)), rank);
        }
    }

    /** What the widths were made for. */
    private record Measured(List<Heading> headings, List<Row> rows) {}

    private final boolean folds;
    private final List<DoubleProperty> widths = new ArrayList<>();
    private final ReadOnlyObjectWrapper<Set<Integer>> folded = new ReadOnlyObjectWrapper<>(Set.of());
    private final ObjectProperty<Set<Integer>> opened;
    private List<Need> needs = List.of();
    private Measured measured = new Measured(List.of(), List.of());
    private double available;
    private double bar = SCROLL_BAR;

    private ColumnWidths(boolean folds, ObjectProperty<Set<Integer>> opened) {
        this.folds = folds;
        this.opened = opened;
        opened.subscribe((_, _) -> measure());
    }

    /** Widths for a table that is scrolled where there is not enough room. */
    public static ColumnWidths scrolling() {
        return new ColumnWidths(false, new SimpleObjectProperty<>(Set.of()));
    }

    /**
     * Widths for a table whose columns are shortened and folded where there is not enough room.
     *
     * @param opened the columns, counted from 0, that somebody wants to be open
     */
    public static ColumnWidths folding(ObjectProperty<Set<Integer>> opened) {
        return new ColumnWidths(true, opened);
    }

    /** The same, of which nothing is known outside. */
    public static ColumnWidths folding() {
        return folding(new SimpleObjectProperty<>(Set.of()));
    }

    /** The columns that are folded, counted from 0. */
    public ReadOnlyObjectProperty<Set<Integer>> folded() {
        return folded.getReadOnlyProperty();
    }

    /** Opens a column that is folded; others may be folded for it. */
    public void open(int column) {
        if (!folded.get().contains(column)) return;
        opened.set(Stream.concat(opened.get().stream(), Stream.of(column)).collect(Collectors.toUnmodifiableSet()));
    }

    /** Dresses a column of a table as one of these: as wide, and, while it is folded, with nothing in its cells. */
    public void dress(TableColumn<?, ?> column, int index) {
        column.setMinWidth(ColumnShares.NEXT);
        column.prefWidthProperty().bind(of(index));
        Consumer<Set<Integer>> fold = now -> {
            column.getStyleClass().remove(FOLDED);
            if (now.contains(index)) column.getStyleClass().add(FOLDED);
        };
        // Columns come and go, and these widths stay.
        ChangeListener<Set<Integer>> listener = (_, _, now) -> fold.accept(now);
        folded.addListener(new WeakChangeListener<>(listener));
        column.getProperties().put(FOLDED, listener);
        fold.accept(folded.get());
    }

    /** Lets a heading open its column while that is folded. */
    public void opens(Node heading, int index) {
        heading.addEventFilter(MouseEvent.MOUSE_CLICKED, event -> {
            if (!folded.get().contains(index)) return;
            event.consume();
            open(index);
        });
    }

    /**
     * What stands over a column: all of it where there is room, else what is shorter, and nothing while it is folded.
     */
    public ObservableValue<String> said(int column, String whole, String shorter) {
        double wide = heading(whole);
        return of(column).map(width -> width.doubleValue() <= ColumnShares.FOLDED ? ""
                : width.doubleValue() - PADDING >= wide ? whole : shorter);
    }

    /** How wide what stands over a column may be, in pixels. */
    public ObservableValue<Number> inner(int column) {
        return of(column).map(width -> Math.max(width.doubleValue() - HEADING_PADDING, ColumnShares.NEXT - 2));
    }

    /** The width of a column, counted from 0. */
    public ReadOnlyDoubleProperty of(int column) {
        while (widths.size() <= column) widths.add(new SimpleDoubleProperty(NARROWEST));
        return widths.get(column);
    }

    /** Makes the columns as wide as their values and headings ask for. */
    public void fit(List<Heading> headings, List<Row> rows) {
        Measured now = new Measured(headings, rows.subList(0, Math.min(ROWS_LOOKED_AT, rows.size())));
        if (now.equals(measured)) return;
        boolean others = !measured.headings.isEmpty() && !now.headings.equals(measured.headings);
        measured = now;
        if (others) opened.set(Set.of());
        measure();
    }

    private void measure() {
        List<Heading> headings = measured.headings;
        int label = IntStream.range(0, headings.size()).filter(i -> headings.get(i).column().type() == Type.TEXT)
                .findFirst().orElse(0);
        needs = IntStream.range(0, headings.size()).mapToObj(i -> {
            Type type = headings.get(i).column().type();
            int rank = headings.get(i).key() || opened.get().contains(i) ? Need.STAYS
                    : i == label ? Need.LABEL : Need.OTHER;
            return headings.get(i)
                    .need(measured.rows.stream().mapToDouble(row -> length(row, i, type)).max().orElse(0), rank);
        }).toList();
        share();
    }

    /** The width at which nothing is cut. */
    public double wanted() {
        return NUMBER_COLUMN + bar + needs.stream().mapToDouble(Need::whole).sum();
    }

    /** The width at which values and names are not cut. */
    public double least() {
        return NUMBER_COLUMN + bar + needs.stream().mapToDouble(Need::values).sum();
    }

    /** The width at which what decides, and what tells rows apart, can be read, while all else is folded. */
    public double needed() {
        return NUMBER_COLUMN + bar + ColumnShares.needed(needs);
    }

    /** Leaves room for a scroll bar beside the rows, or, where all of them can be seen, none. */
    public void scrolling(boolean down) {
        double now = down ? SCROLL_BAR : NO_BAR;
        if (now == bar) return;
        bar = now;
        share();
    }

    /** Spreads the columns over a width, or lets them be wider if they need more. */
    public void spreadOver(double width) {
        available = width;
        share();
    }

    private void share() {
        double room = available - NUMBER_COLUMN - bar;
        // Before it is known how much room there is, and where nothing is folded, there is always enough for values.
        double enough = folds && available > 0 ? room : Math.max(room, needs.stream().mapToDouble(Need::values).sum());
        ColumnShares shares = ColumnShares.of(needs, enough);
        for (int i = 0; i < needs.size(); i++) {
            of(i);
            widths.get(i).set(shares.widths().get(i));
        }
        folded.set(shares.folded());
    }

    /** How wide a heading is, in pixels. */
    public static double heading(String text) {
        return HEADING.width(text);
    }

    private static double width(double content) {
        return Math.max(content + PADDING, NARROWEST);
    }

    private static double length(Row row, int column, Type type) {
        String shown = row.entry(column).shown();
        String start = shown.substring(0, Math.min(shown.length(), 60));
        double text = (type == Type.TEXT ? TEXT : CODE).width(start);
        return row.value(column).isNull() ? text + 10 : text;
    }
}
