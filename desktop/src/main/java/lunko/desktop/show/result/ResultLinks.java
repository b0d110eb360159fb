package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.text.FontWeight;
import lunko.desktop.grid.GridTable;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.comparison.Changes;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Showing;

/** Between the two parts of the result: which source rows each of its rows comes from, by number. */
public final class ResultLinks extends GridTable<ListedRow> {
    private static final Typeface NUMBERS = Typeface.code(FontWeight.BOLD, 12.5);
    private static final Typeface WORD = Typeface.text(FontWeight.NORMAL, 12);
    /** The font of what a change has done. */
    private static final Typeface CHANGE = Typeface.text(FontWeight.BOLD, 12);
    private static final String BETWEEN = " – ";
    private static final double AROUND = 14;

    private final ShowModel model;

    ResultLinks(ShowModel model, ResultRows rows, ObservableDoubleValue arrival) {
        this.model = model;
        getStyleClass().add("result-links");
        setItems(rows);
        setAccessibleText(words().resultGrid().whichRows());
        setFocusTraversable(false);
        setMouseTransparent(true);
        setRowFactory(_ -> new ResultTableRow(model, rows, arrival));
        TableColumn<ListedRow, ListedRow> column = GridTable.column();
        column.prefWidthProperty().bind(widthProperty().subtract(2));
        column.setCellValueFactory(row -> new ReadOnlyObjectWrapper<>(row.getValue()));
        column.setCellFactory(_ -> new Cell());
        getColumns().setAll(List.of(column));
    }

    /** How wide it should be, in pixels, for the longest numbers and the longest word that may stand in it. */
    public double wanted() {
        return width(words().resultGrid().keptNoMatch());
    }

    /** How wide it must be, in pixels: a row that is kept says so in a short word. */
    public double least() {
        return width(words().resultGrid().kept());
    }

    private double width(String kept) {
        Showing now = model.staged().get();
        return now.outcome().map(JoinResult::join)
                .map(join -> NUMBERS.width(join.left().rows().size() + BETWEEN + join.right().rows().size()) + AROUND
                        + Math.max(longest(join.kind(), kept), now.changes().isPresent() ? longestOfChanges() : 0))
                .orElse(0.0);
    }

    private static double longest(JoinKind kind, String kept) {
        List<String> words = new ArrayList<>();
        boolean alone = kind.takesAlone(Side.LEFT) || kind.takesAlone(Side.RIGHT);
        if (kind.only().isPresent()) words.add(taken(kind));
        else words.add(words().resultGrid().repeated());
        if (alone) words.add(words().resultGrid().ifNoMatch());
        if (alone && kind.only().isEmpty()) words.add(kept);
        return words.stream().mapToDouble(WORD::width).max().orElse(0);
    }

    private static double longestOfChanges() {
        return Stream.concat(Stream.of(Changes.Status.values()).map(status -> status.said(words())),
                Stream.of(words().resultGrid().removed())).mapToDouble(CHANGE::width).max().orElse(0);
    }

    private static String taken(JoinKind kind) {
        return kind.takesMatched() ? words().resultGrid().takenMatched() : words().resultGrid().takenUnmatched();
    }

    private final class Cell extends TableCell<ListedRow, ListedRow> {
        private final Label numbers = new Label();
        private final Label word = new Label();
        private final HBox both = new HBox(numbers, word);

        Cell() {
            numbers.getStyleClass().add("link-numbers");
            numbers.setMinWidth(Region.USE_PREF_SIZE);
            word.getStyleClass().add("link-word");
            both.getStyleClass().add("link");
            both.setAlignment(Pos.CENTER);
            setGraphic(both);
            // How much there is room to say is known when it is laid out.
            widthProperty().subscribe(this::say);
        }

        @Override
        protected void updateItem(ListedRow row, boolean empty) {
            super.updateItem(row, empty);
            say();
        }

        private void say() {
            ListedRow row = getItem();
            both.setVisible(row != null && row.fate() != ListedRow.Arrival.TO_COME);
            if (!both.isVisible()) return;
            numbers.setText(switch (row.row()) {
                case ResultRow.Met(int left, int right) -> left + 1 + BETWEEN + (right + 1);
                case ResultRow.Kept kept -> number(kept.source(Side.LEFT)) + BETWEEN + number(kept.source(Side.RIGHT));
                case ResultRow.Taken(Side _, int taken) -> String.valueOf(taken + 1);
            });
            word.setText(switch (row.fate()) {
                case PENDING -> words().resultGrid().ifNoMatch();
                case REMOVED -> words().resultGrid().removed();
                case TO_COME -> "";
                case LANDED ->
                    row.status().map(status -> status.said(words())).filter(said -> !said.isEmpty())
                            .orElseGet(() -> kind(row));
            });
            setAccessibleText(words().resultGrid().link(numbers.getText(), word.getText()));
        }

        private String kind(ListedRow row) {
            return switch (row.row()) {
                case ResultRow.Met _ -> row.repeats() ? words().resultGrid().repeated() : words().resultGrid().pair();
                case ResultRow.Kept _ ->
                    ResultLinks.this.getWidth() < wanted() ? words().resultGrid().kept()
                            : words().resultGrid().keptNoMatch();
                case ResultRow.Taken _ -> taken(row.of().kind());
            };
        }

        private static String number(OptionalInt row) {
            return row.isPresent() ? Integer.toString(row.getAsInt() + 1) : "·";
        }
    }
}
