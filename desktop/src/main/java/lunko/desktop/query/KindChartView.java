package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.LongProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleLongProperty;
import javafx.collections.ObservableList;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.skin.VirtualFlow;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.FontWeight;
import lunko.desktop.action.Controls;
import lunko.desktop.action.WalkedByArrows;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.look.Typeface;
import lunko.insight.picture.KindChart;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The rows of every kind down the side, the kinds across, and in each cell what the kind makes of the row. A cell is
 * pointed at with the mouse, or gone to with the arrows. Only lines that are in view are made.
 */
final class KindChartView extends VBox implements WalkedByArrows {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");
    private static final List<JoinKind> KINDS = KindChart.kinds();
    private static final Typeface NAME = Typeface.text(FontWeight.BOLD, 15);
    /** Of more rows, the pairs and the unmatched ones have a line each. */
    private static final int MOST_LINES = 40_000;
    private static final double LINE = 34;
    private static final int LEAST_LINES = 6;
    /** So much of the room is for what stands over and under the lines, in pixels. */
    private static final double AROUND = 272;
    /** The names of so many lines decide how much room they have, and no more than that, in pixels. */
    private static final int MOST_MEASURED = 300;
    private static final double WIDEST = 260;
    private static final double BAR = 16;

    /**
     * What is pointed at.
     *
     * @param row 0 for the heading of a kind, counted from 1 for the cells under it
     */
    record Pointed(int row, JoinKind kind) {}

    private final ReadOnlyObjectWrapper<Optional<Pointed>> pointed = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final DoubleProperty nameWidth = new SimpleDoubleProperty();
    private final KindChartLine.Room width = new KindChartLine.Room(nameWidth, widthProperty().subtract(BAR));
    private final ListView<Integer> list = new ListView<>();
    private final ReadOnlyDoubleProperty room;
    private final List<Button> headings;
    private final List<Label> feet = KINDS.stream().map(_ -> foot()).toList();
    private final KindChartLine head;
    private final KindChartLine foot;
    private final LongProperty shows = new SimpleLongProperty();
    private KindChart chart;
    private List<KindChart.Lines> lines = List.of();
    private int chosen;

    /**
     * A chart; a click on the heading of a kind chooses that.
     *
     * @param room how high all is that it is among, in pixels
     */
    KindChartView(KindChart first, Predicate<JoinKind> canChoose, Consumer<JoinKind> choose,
            ReadOnlyDoubleProperty room) {
        this.chart = first;
        this.room = room;
        this.headings = KINDS.stream().map(kind -> heading(kind, choose)).toList();
        getStyleClass().add("kind-chart");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        Label rows = new Label(words().kinds().rows());
        rows.getStyleClass().add("chart-foot");
        head = new KindChartLine(new Region(), headings, width);
        head.band().getStyleClass().add("first");
        foot = new KindChartLine(rows, feet, width);
        foot.band().getStyleClass().add("last");
        list.getStyleClass().add("chart-lines");
        list.setFixedCellSize(LINE);
        list.setFocusTraversable(false);
        list.setCellFactory(_ -> new LineCell());
        room.subscribe(_ -> fit());
        getChildren().addAll(head, list, foot);
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        setOnMouseExited(_ -> pointed.set(Optional.empty()));
        pointed.subscribe((before, now) -> {
            before.filter(at -> at.row() == 0).ifPresent(at -> point(at, false));
            now.filter(at -> at.row() == 0).ifPresent(at -> point(at, true));
            setAccessibleText(now.map(this::said).orElse(words().kinds().everyKind()));
        });
        show(first, canChoose);
    }

    /** Shows another chart. */
    void show(KindChart now, Predicate<JoinKind> canChoose) {
        pointed.set(Optional.empty());
        chart = now;
        chosen = KINDS.indexOf(now.outcome().kind());
        lines = now.shown(MOST_LINES);
        nameWidth.set(Math.min(WIDEST, 12 + lines.stream().limit(MOST_MEASURED)
                .mapToDouble(line -> NAME.width(name(line).text())).max().orElse(0)));
        count(lines.size());
        shows.set(shows.get() + 1);
        fit();
        for (int i = 0; i < KINDS.size(); i++) {
            headings.get(i).setDisable(!canChoose.test(KINDS.get(i)));
            headings.get(i).pseudoClassStateChanged(CHOSEN, i == chosen);
            feet.get(i).setText(words().counts().number(now.rows(KINDS.get(i))));
        }
        head.choose(chosen);
        foot.choose(chosen);
    }

    /** The items of the list are but the numbers of its lines: so those that stay need not be made again. */
    private void count(int now) {
        ObservableList<Integer> items = list.getItems();
        if (items.size() > now) items.remove(now, items.size());
        if (items.size() < now) items.addAll(IntStream.range(items.size(), now).boxed().toList());
    }

    /** As high as its lines, or as there is room. */
    private void fit() {
        double fitting = Math.max(LEAST_LINES, Math.floor((room.get() - AROUND) / LINE));
        list.setPrefHeight(LINE * Math.min(fitting, lines.size()));
        list.setMinHeight(Region.USE_PREF_SIZE);
    }

    /** What is pointed at. */
    ReadOnlyObjectProperty<Optional<Pointed>> pointed() {
        return pointed.getReadOnlyProperty();
    }

    /** The line that is pointed at, where that is one for itself. */
    Optional<KindChart.Line> line(Pointed at) {
        return at.row() == 0 ? Optional.empty() : Optional.of(lines.get(at.row() - 1))
                .filter(line -> line.count() == 1).map(KindChart.Lines::first);
    }

    private void point(Pointed at, boolean now) {
        headings.get(KINDS.indexOf(at.kind())).pseudoClassStateChanged(POINTED, now);
    }

    /** What is pointed at, for those who do not see it. */
    private String said(Pointed at) {
        if (at.row() == 0) return words().names().kind(at.kind());
        KindChart.Lines line = lines.get(at.row() - 1);
        return words().kinds().cellOf(name(line).text(), at.kind(), chart.cell(line.first(), at.kind()));
    }

    private void pointAt(int row, JoinKind kind) {
        pointed.set(Optional.of(new Pointed(row, kind)));
    }

    private Button heading(JoinKind kind, Consumer<JoinKind> choose) {
        Button heading = Controls.button(words().names().kind(kind));
        heading.getStyleClass().add("chart-heading");
        heading.setWrapText(true);
        heading.setMinSize(0, Region.USE_PREF_SIZE);
        heading.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        heading.setOnAction(_ -> choose.accept(kind));
        heading.setOnMouseEntered(_ -> pointAt(0, kind));
        heading.focusedProperty().subscribe(focused -> {
            if (focused) pointAt(0, kind);
        });
        return heading;
    }

    private static Label foot() {
        Label rows = new Label();
        rows.getStyleClass().addAll("chart-foot", "chart-rows");
        rows.setMaxWidth(Double.MAX_VALUE);
        return rows;
    }

    /** From where the chart is pointed at to the next cell; at first to the first. */
    private void press(KeyEvent event) {
        if (event.getTarget() != this || !event.getCode().isArrowKey() || lines.isEmpty()) return;
        event.consume();
        Pointed at = pointed.get().orElse(new Pointed(0, KINDS.getFirst()));
        int kind = KINDS.indexOf(at.kind());
        if (pointed.get().isEmpty()) pointAt(1, at.kind());
        else switch (event.getCode()) {
            case UP -> pointAt(Math.max(1, at.row() - 1), at.kind());
            case DOWN -> pointAt(Math.min(lines.size(), at.row() + 1), at.kind());
            case LEFT -> pointAt(at.row(), KINDS.get(Math.max(0, kind - 1)));
            default -> pointAt(at.row(), KINDS.get(Math.min(KINDS.size() - 1, kind + 1)));
        }
        reveal(pointed.get().orElseThrow().row() - 1);
    }

    private void reveal(int line) {
        double first = list.lookup(".virtual-flow") instanceof VirtualFlow<?> flow
                && flow.getFirstVisibleCell() != null ? flow.getFirstVisibleCell().getIndex() : 0;
        double seen = Math.floor(list.getHeight() / LINE);
        if (line < first) list.scrollTo(line);
        else if (line >= first + seen) list.scrollTo((int) (line - seen + 1));
    }

    private Phrase name(KindChart.Lines lines) {
        return switch (lines.first()) {
            case KindChart.Line.Pair _ when lines.count() > 1 -> words().kinds().allPairs(lines.count());
            case KindChart.Line.Alone(Side side, int _) when lines.count() > 1 ->
                words().kinds().allUnmatched(lines.count(), Phrase.of(
                        words().names().rows(chart.outcome().join().on(side).title()), side.tone()));
            case KindChart.Line line -> words().kinds().line(row(line, Side.LEFT), row(line, Side.RIGHT));
        };
    }

    private Optional<Phrase> row(KindChart.Line line, Side side) {
        return line.on(side).stream().mapToObj(row -> Phrase
                .of(words().names().shortRow(chart.outcome().join().on(side).name(row)), side.tone())).findFirst();
    }

    /** A line that is in view; it shows one after another. */
    private final class LineCell extends ListCell<Integer> {
        private final PhraseFlow name = new PhraseFlow("chart-line");
        private final List<KindChartCell> cells = KINDS.stream().map(this::cell).toList();
        private final KindChartLine line = new KindChartLine(name, cells, width);

        LineCell() {
            pointed.subscribe(_ -> point());
            shows.subscribe((_, _) -> show());
        }

        private KindChartCell cell(JoinKind kind) {
            KindChartCell cell = new KindChartCell();
            cell.setMaxWidth(Double.MAX_VALUE);
            cell.setOnMouseEntered(_ -> pointAt(getIndex() + 1, kind));
            return cell;
        }

        @Override
        protected void updateItem(Integer item, boolean empty) {
            super.updateItem(item, empty);
            setGraphic(empty ? null : line);
            show();
        }

        private void show() {
            if (isEmpty() || getItem() == null || getItem() >= lines.size()) return;
            KindChart.Lines shown = lines.get(getItem());
            name.show(KindChartView.this.name(shown));
            line.choose(chosen);
            for (int i = 0; i < KINDS.size(); i++) {
                cells.get(i).show(chart.cell(shown.first(), KINDS.get(i)),
                        chart.half(shown.first(), KINDS.get(i), Side.LEFT),
                        chart.half(shown.first(), KINDS.get(i), Side.RIGHT));
            }
            point();
        }

        private void point() {
            for (int i = 0; i < KINDS.size(); i++) {
                Pointed own = new Pointed(getIndex() + 1, KINDS.get(i));
                cells.get(i).pseudoClassStateChanged(POINTED, pointed.get().filter(own::equals).isPresent());
            }
        }
    }
}
