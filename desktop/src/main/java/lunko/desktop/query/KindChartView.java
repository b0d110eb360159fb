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

    /** The cell that is pointed at; of lines that stand for many, and of headings, the kind alone. */
    record Pointed(Optional<KindChart.Line> line, JoinKind kind) {}

    private final ReadOnlyObjectWrapper<Optional<Pointed>> pointed = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Map<JoinKind, List<Node>> columns = new EnumMap<>(JoinKind.class);
    private final KindChart chart;
    private final List<KindChart.Lines> lines;
    private int row;

    /** A chart in which one kind is chosen; a click on the heading of another chooses that. */
    KindChartView(KindChart chart, JoinKind chosen, Predicate<JoinKind> canChoose, Consumer<JoinKind> choose) {
        this.chart = chart;
        this.lines = chart.shown(MOST_LINES);
        getStyleClass().add("kind-chart");
        setFocusTraversable(true);
        for (int i = 0; i < lines.size(); i++) add(name(lines.get(i)), 0, i + 1);
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
    }

    /** What is pointed at. */
    ReadOnlyObjectProperty<Optional<Pointed>> pointed() {
        return pointed.getReadOnlyProperty();
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
        heading.setOnMouseEntered(_ -> pointAt(Optional.empty(), kind));
        heading.focusedProperty().subscribe(focused -> {
            if (focused) pointAt(Optional.empty(), kind);
        });
        nodes.add(heading);
        for (KindChart.Lines each : lines) {
            KindChartCell cell = new KindChartCell(chart.cell(each.first(), kind),
                    chart.half(each.first(), kind, Side.LEFT), chart.half(each.first(), kind, Side.RIGHT));
            cell.setOnMouseEntered(_ -> {
                row = lines.indexOf(each);
                pointAt(line(each), kind);
            });
            nodes.add(cell);
        }
        Label rows = new Label(String.valueOf(chart.rows(kind)));
        rows.getStyleClass().addAll("chart-foot", "chart-rows");
        rows.setMaxWidth(Double.MAX_VALUE);
        nodes.add(rows);
        for (int i = 0; i < nodes.size(); i++) {
            add(nodes.get(i), column, i);
            setHgrow(nodes.get(i), Priority.ALWAYS);
        }
        columns.put(kind, nodes);
    }

    private static Optional<KindChart.Line> line(KindChart.Lines lines) {
        return lines.count() == 1 ? Optional.of(lines.first()) : Optional.empty();
    }

    private void pointAt(Optional<KindChart.Line> line, JoinKind kind) {
        pointed.get().ifPresent(before -> columns.get(before.kind())
                .forEach(node -> node.pseudoClassStateChanged(POINTED, false)));
        pointed.set(Optional.of(new Pointed(line, kind)));
        Node at = columns.get(kind).get(line.isPresent() ? row + 1 : 0);
        at.pseudoClassStateChanged(POINTED, true);
    }

    private void press(KeyEvent event) {
        int down = switch (event.getCode()) {
            case DOWN -> 1;
            case UP -> -1;
            default -> 0;
        };
        int across = switch (event.getCode()) {
            case RIGHT -> 1;
            case LEFT -> -1;
            default -> 0;
        };
        if (event.getTarget() != this || down == 0 && across == 0 || lines.isEmpty()) return;
        event.consume();
        List<JoinKind> kinds = KindChart.kinds();
        boolean first = pointed.get().isEmpty();
        row = first ? 0 : Math.clamp(row + down, 0, lines.size() - 1);
        JoinKind kind = first ? kinds.getFirst()
                : kinds.get(Math.clamp(kinds.indexOf(pointed.get().get().kind()) + across, 0, kinds.size() - 1));
        pointAt(line(lines.get(row)), kind);
    }

    private PhraseFlow name(KindChart.Lines lines) {
        PhraseFlow name = new PhraseFlow("chart-line");
        name.setMinWidth(Region.USE_PREF_SIZE);
        name.show(switch (lines.first()) {
            case KindChart.Line.Pair _ when lines.count() > 1 -> words().kinds().allPairs(lines.count());
            case KindChart.Line.Alone(Side side, int _) when lines.count() > 1 ->
                words().kinds().allUnmatched(lines.count(), Phrase.of(
                        words().names().rows(chart.outcome().join().on(side).title()), side.tone()));
            case KindChart.Line.Pair(int left, int right) ->
                words().kinds().line(Optional.of(row(Side.LEFT, left)), Optional.of(row(Side.RIGHT, right)));
            case KindChart.Line.Alone(Side side, int alone) -> side == Side.LEFT
                    ? words().kinds().line(Optional.of(row(side, alone)), Optional.empty())
                    : words().kinds().line(Optional.empty(), Optional.of(row(side, alone)));
        });
        return name;
    }

    private Phrase row(Side side, int number) {
        return Phrase.of(words().names().shortRow(chart.outcome().join().on(side).name(number)), side.tone());
    }
}
