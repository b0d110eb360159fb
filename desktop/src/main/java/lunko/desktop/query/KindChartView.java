package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lunko.desktop.action.Controls;
import lunko.desktop.action.WalkedByArrows;
import lunko.desktop.look.PhraseFlow;
import lunko.insight.picture.KindChart;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;

/**
 * The rows of every kind down the side, the kinds across, and in each cell what the kind makes of the row. A cell is
 * pointed at with the mouse, or gone to with the arrows.
 */
final class KindChartView extends GridPane implements WalkedByArrows {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final PseudoClass POINTED = PseudoClass.getPseudoClass("pointed");
    /** Of more rows, the pairs and the unmatched ones have a line each. */
    private static final int MOST_LINES = 80;

    /**
     * What is pointed at.
     *
     * @param row 0 for the heading of a kind, counted from 1 for the cells under it
     */
    record Pointed(int row, JoinKind kind) {}

    private final ReadOnlyObjectWrapper<Optional<Pointed>> pointed = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Map<JoinKind, List<Node>> columns = new EnumMap<>(JoinKind.class);
    private final KindChart chart;
    private final List<KindChart.Lines> lines;

    /** A chart in which one kind is chosen; a click on the heading of another chooses that. */
    KindChartView(KindChart chart, JoinKind chosen, Predicate<JoinKind> canChoose, Consumer<JoinKind> choose) {
        this.chart = chart;
        this.lines = chart.shown(MOST_LINES);
        getStyleClass().add("kind-chart");
        setFocusTraversable(true);
        for (int i = 0; i < lines.size(); i++) add(shown(name(lines.get(i))), 0, i + 1);
        Label foot = new Label(words().kinds().rows());
        foot.getStyleClass().add("chart-foot");
        add(foot, 0, lines.size() + 1);
        Region band = new Region();
        band.getStyleClass().add("chart-band");
        add(band, 1 + KindChart.kinds().indexOf(chosen), 0, 1, lines.size() + 2);
        for (JoinKind kind : KindChart.kinds()) column(kind, canChoose.test(kind), choose);
        columns.get(chosen).getFirst().pseudoClassStateChanged(CHOSEN, true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        setOnMouseExited(_ -> pointed.set(Optional.empty()));
        setAccessibleRole(AccessibleRole.TEXT);
        pointed.subscribe((before, now) -> {
            before.ifPresent(at -> node(at).pseudoClassStateChanged(POINTED, false));
            now.ifPresent(at -> node(at).pseudoClassStateChanged(POINTED, true));
            setAccessibleText(now.map(this::said).orElse(words().kinds().everyKind()));
        });
        setAccessibleText(words().kinds().everyKind());
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

    private Node node(Pointed at) {
        return columns.get(at.kind()).get(at.row());
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

    private void column(JoinKind kind, boolean canBeChosen, Consumer<JoinKind> choose) {
        int column = 1 + KindChart.kinds().indexOf(kind);
        List<Node> nodes = new ArrayList<>();
        Button heading = Controls.button(words().names().kind(kind));
        heading.getStyleClass().add("chart-heading");
        heading.setWrapText(true);
        heading.setMinSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        heading.setMaxSize(Double.MAX_VALUE, Double.MAX_VALUE);
        heading.setDisable(!canBeChosen);
        heading.setOnAction(_ -> choose.accept(kind));
        heading.setOnMouseEntered(_ -> pointAt(0, kind));
        heading.focusedProperty().subscribe(focused -> {
            if (focused) pointAt(0, kind);
        });
        nodes.add(heading);
        for (KindChart.Lines each : lines) {
            int row = nodes.size();
            KindChartCell cell = new KindChartCell(chart.cell(each.first(), kind),
                    chart.half(each.first(), kind, Side.LEFT), chart.half(each.first(), kind, Side.RIGHT));
            cell.setOnMouseEntered(_ -> pointAt(row, kind));
            nodes.add(cell);
        }
        Label rows = new Label(words().counts().number(chart.rows(kind)));
        rows.getStyleClass().addAll("chart-foot", "chart-rows");
        rows.setMaxWidth(Double.MAX_VALUE);
        nodes.add(rows);
        for (int i = 0; i < nodes.size(); i++) {
            add(nodes.get(i), column, i);
            setHgrow(nodes.get(i), Priority.ALWAYS);
        }
        columns.put(kind, nodes);
    }

    /** From where the chart is pointed at to the next cell; at first to the first. */
    private void press(KeyEvent event) {
        if (event.getTarget() != this || !event.getCode().isArrowKey() || lines.isEmpty()) return;
        event.consume();
        List<JoinKind> kinds = KindChart.kinds();
        if (pointed.get().isEmpty()) {
            pointAt(1, kinds.getFirst());
            return;
        }
        Pointed at = pointed.get().get();
        int kind = kinds.indexOf(at.kind());
        switch (event.getCode()) {
            case UP -> pointAt(Math.max(1, at.row() - 1), at.kind());
            case DOWN -> pointAt(Math.min(lines.size(), at.row() + 1), at.kind());
            case LEFT -> pointAt(at.row(), kinds.get(Math.max(0, kind - 1)));
            default -> pointAt(at.row(), kinds.get(Math.min(kinds.size() - 1, kind + 1)));
        }
    }

    private static PhraseFlow shown(Phrase name) {
        PhraseFlow shown = new PhraseFlow("chart-line");
        shown.setMinWidth(Region.USE_PREF_SIZE);
        shown.show(name);
        return shown;
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
}
