package lunko.desktop.grid;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.stream.Stream;
import javafx.animation.Interpolator;
import javafx.animation.KeyFrame;
import javafx.animation.KeyValue;
import javafx.animation.Timeline;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/** A table of rows of one height, which says where each row is to be seen and can be scrolled along with others. */
public class GridTable<R> extends TableView<R> {
    /** How high a row usually is, in pixels. */
    public static final double ROW_HEIGHT = 30;
    /** How high a line of headings is, in pixels. */
    public static final double HEADER_HEIGHT = 28;

    private final Timeline scrolling = new Timeline();
    private final Map<Orientation, ScrollBar> bars = new EnumMap<>(Orientation.class);

    private final double headerHeight;
    /** How wide its columns were together when its rows were measured. */
    private double measured;

    /** A table with headings of one line. */
    @SuppressWarnings("this-escape")
    public GridTable() {
        this(HEADER_HEIGHT);
    }

    /** A table with headings of a height in pixels, which the stylesheet gives them. */
    @SuppressWarnings("this-escape") // Only what the toolkit itself defines is called.
    protected GridTable(double headerHeight) {
        this.headerHeight = headerHeight;
        getStyleClass().add("grid-table");
        setFixedCellSize(ROW_HEIGHT);
        setColumnResizePolicy(UNCONSTRAINED_RESIZE_POLICY);
        getSelectionModel().setCellSelectionEnabled(true);
        setPlaceholder(new Region());
    }

    /** Whether it is to be seen. */
    boolean isShown() {
        for (Node at = this; at != null; at = at.getParent()) if (!at.isVisible()) return false;
        return getScene() != null;
    }

    /** How high its rows are, in pixels. */
    public double rowHeight() {
        return getFixedCellSize();
    }

    /** A column that stays where it is and as it is ordered. */
    public static <R, V> TableColumn<R, V> column() {
        TableColumn<R, V> column = new TableColumn<>();
        column.setReorderable(false);
        column.setSortable(false);
        column.setResizable(false);
        return column;
    }

    /** Shows columns, of which those that it has already stay with their cells. */
    public final void showColumns(List<? extends TableColumn<R, ?>> wanted) {
        if (!getColumns().equals(wanted)) getColumns().setAll(wanted);
    }

    /** The scroll bar of a direction; it is there once the table has been laid out. */
    public Optional<ScrollBar> bar(Orientation direction) {
        ScrollBar known = bars.get(direction);
        if (known != null) return Optional.of(known);
        Optional<ScrollBar> found = ScrollBars.of(this, direction);
        found.ifPresent(bar -> bars.put(direction, bar));
        return found;
    }

    /** Does something whenever the table has been scrolled in a direction. */
    public void onScroll(Orientation direction, Runnable then) {
        whenLaidOut(() -> bar(direction).ifPresent(bar -> bar.valueProperty().subscribe((_, _) -> then.run())));
    }

    /** Lets another table scroll along in a direction, and this one with it. */
    public void scrollAlongWith(GridTable<?> other, Orientation direction) {
        whenLaidOut(() -> other.whenLaidOut(() -> bar(direction).ifPresent(mine -> other.bar(direction)
                .ifPresent(theirs -> mine.valueProperty().bindBidirectional(theirs.valueProperty())))));
    }

    private void whenLaidOut(Runnable then) {
        if (getSkin() != null) then.run();
        else skinProperty().addListener(_ -> then.run());
    }

    /** Does something whenever the keyboard comes to another row of this table, counted from 0. */
    public void onFocusedRow(IntConsumer then) {
        getFocusModel().focusedCellProperty().subscribe((_, now) -> {
            if (isFocused() && now.getRow() >= 0) then.accept(now.getRow());
        });
    }

    /** Where the middle of a row is, from this table's top, whether it can be seen there or not. */
    public double rowMiddle(int row) {
        return headerHeight + (row + 0.5) * rowHeight() - scrolled();
    }

    /** Whether the middle of a row can be seen. */
    public boolean isInView(int row) {
        double middle = rowMiddle(row);
        return middle > headerHeight && middle < headerHeight + viewHeight();
    }

    /** The first row of which something can be seen. */
    public int firstInView() {
        return Math.max(0, (int) (scrolled() / rowHeight()));
    }

    /** The row after the last one of which something can be seen. */
    public int endOfView() {
        return Math.min(getItems().size(), (int) Math.ceil((scrolled() + viewHeight()) / rowHeight()));
    }

    /** Whether all of a row can be seen. */
    public boolean isWhollyInView(int row) {
        double top = row * rowHeight();
        double now = scrolled();
        return top >= now && top + rowHeight() <= now + viewHeight();
    }

    /** Shows the first rows. */
    public void toTop() {
        scrolling.stop();
        bar(Orientation.VERTICAL).ifPresent(bar -> bar.setValue(0));
    }

    /** Scrolls, if need be, until a row is in view with some others around it. */
    public void reveal(int row, Duration time) {
        double hidden = getItems().size() * rowHeight() - viewHeight();
        double top = row * rowHeight();
        if (hidden <= 0 || isWhollyInView(row)) return;
        double wanted = Math.clamp((top - viewHeight() / 2 + rowHeight()) / hidden, 0, 1);
        scrolling.stop();
        // Rows that have just come must be there before they can be scrolled to.
        layout();
        bar(Orientation.VERTICAL).ifPresent(bar -> {
            if (time.lessThanOrEqualTo(Duration.ZERO)) {
                bar.setValue(wanted);
            } else {
                scrolling.getKeyFrames().setAll(new KeyFrame(time,
                        new KeyValue(bar.valueProperty(), wanted, Interpolator.EASE_BOTH)));
                scrolling.playFromStart();
            }
        });
    }

    /** Its headings. The toolkit would count what it has said in place of rows, once it has been empty, for ever. */
    @Override
    protected double computeMinHeight(double width) {
        return snappedTopInset() + headerHeight + snappedBottomInset();
    }

    @Override
    protected double computeMinWidth(double height) {
        return snappedLeftInset() + snappedRightInset();
    }

    /**
     * A scroll bar can be there, for ever, though all would be in view without it: for the room that another one takes,
     * or for what was there before. For a moment there is room for both, so that they go.
     */
    @Override
    protected void layoutChildren() {
        measureRows();
        List<ScrollBar> shown = Stream.of(Orientation.values()).flatMap(direction -> bar(direction).stream())
                .filter(ScrollBar::isVisible).toList();
        if (!shown.isEmpty() && allIsInView()) {
            double width = getWidth();
            double height = getHeight();
            double room =
                    shown.stream().mapToDouble(bar -> Math.min(bar.getWidth(), bar.getHeight())).max().orElseThrow();
            resize(width + room, height + room);
            super.layoutChildren();
            lookupAll(".virtual-flow").forEach(flow -> ((Parent) flow).layout());
            resize(width, height);
        }
        super.layoutChildren();
    }

    /** A row hears nothing of a column that is out of sight: it has no cell there, and would stay as wide as it was. */
    private void measureRows() {
        double now = columnsWidth();
        if (now == measured) return;
        measured = now;
        lookupAll(".table-row-cell").forEach(row -> ((Parent) row).requestLayout());
    }

    /** Whether there is room for all rows and columns without any scroll bar. */
    private boolean allIsInView() {
        double rows = headerHeight + getItems().size() * rowHeight();
        return rows <= getHeight() - snappedTopInset() - snappedBottomInset()
                && columnsWidth() <= getWidth() - snappedLeftInset() - snappedRightInset();
    }

    private double columnsWidth() {
        return getVisibleLeafColumns().stream().mapToDouble(TableColumn::getWidth).sum();
    }

    private double viewHeight() {
        double bar = bar(Orientation.HORIZONTAL).filter(ScrollBar::isVisible).map(ScrollBar::getHeight).orElse(0.0);
        return Math.max(0, getHeight() - headerHeight - bar);
    }

    /** How far it has been scrolled down, in pixels. */
    protected double scrolled() {
        double hidden = Math.max(0, getItems().size() * rowHeight() - viewHeight());
        return bar(Orientation.VERTICAL).map(bar -> bar.getValue() * hidden).orElse(0.0);
    }
}
