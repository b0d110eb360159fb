package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import lunko.desktop.look.ShortLabel;
import lunko.engine.Stage;
import lunko.insight.comparison.Alignment;
import lunko.insight.explanation.GapWhy;
import lunko.phrase.Phrase;
import lunko.table.Value;

/** Results side by side, a line for what comes from the same rows; a gap, where a result lacks it. */
final class AlignedGrid extends GridPane {
    private static final String SEPARATOR = "  ";
    /** So many characters of a value are shown. */
    private static final int WIDEST = 16;

    private final Alignment alignment;
    private final Consumer<Phrase> tell;

    /** The results under their titles; why a row is there, or lacking, is told where somebody points at it. */
    AlignedGrid(Alignment alignment, List<String> titles, Consumer<Phrase> tell) {
        this.alignment = alignment;
        this.tell = tell;
        getStyleClass().add("aligned");
        for (int column = 0; column < titles.size(); column++) {
            Stage stage = alignment.results().get(column);
            Label title = new Label(titles.get(column));
            title.getStyleClass().add("aligned-title");
            add(title, column, 0);
            add(cell(line(stage, stage.headings().stream().map(Stage.Heading::name).toList()), "aligned-heading"),
                    column, 1);
            for (int n = 0; n < alignment.lines().size(); n++)
                add(cell(alignment.lines().get(n), column), column,
                        n + 2);
            ColumnConstraints even = new ColumnConstraints();
            even.setPercentWidth(100.0 / titles.size());
            getColumnConstraints().add(even);
        }
    }

    private Label cell(Alignment.Line line, int result) {
        OptionalInt row = line.rows().get(result);
        Stage stage = alignment.results().get(result);
        Label cell = row.isPresent()
                ? cell(line(stage, shown(stage, row.getAsInt())), "aligned-row")
                : cell(words().sheets().notThere(), "aligned-gap");
        if (!line.isEverywhere()) cell.getStyleClass().add("differs");
        cell.setFocusTraversable(!line.isEverywhere());
        cell.setOnMouseEntered(_ -> tell(line, result));
        cell.focusedProperty().subscribe(focused -> {
            if (focused) tell(line, result);
        });
        return cell;
    }

    private static List<String> shown(Stage stage, int row) {
        return stage.rows().get(row).stream().map(Value::shown).toList();
    }

    /** Texts that stand under each other, as letters of one width do. */
    private static String line(Stage stage, List<String> texts) {
        return IntStream.range(0, texts.size()).mapToObj(column -> {
            int widest = Stream.concat(Stream.of(stage.headings().get(column).name()),
                    IntStream.range(0, Math.min(Alignment.MOST, stage.rows().size()))
                            .mapToObj(row -> stage.rows().get(row).get(column).shown()))
                    .mapToInt(String::length).max().orElse(0);
            String text = texts.get(column);
            String cut = text.length() > WIDEST ? text.substring(0, WIDEST - 1) + "…" : text;
            return cut + " ".repeat(Math.max(0, Math.min(WIDEST, widest) - cut.length()));
        }).collect(Collectors.joining(SEPARATOR)).stripTrailing();
    }

    private void tell(Alignment.Line line, int result) {
        tell.accept(new GapWhy(alignment, line, result).said().map(said -> said.in(words())).orElse(Phrase.EMPTY));
    }

    private static Label cell(String text, String style) {
        Label cell = new ShortLabel(text, "aligned-cell", style);
        cell.setMaxWidth(Double.MAX_VALUE);
        cell.setMinHeight(Region.USE_PREF_SIZE);
        return cell;
    }
}
