package lunko.desktop.query;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.problem.Problem;
import lunko.query.change.Outline;
import lunko.query.change.Seat;
import lunko.query.sql.Expression;
import lunko.query.sql.SqlWriter;
import lunko.table.Value;

/** A new condition, put together by choosing: a column, a comparison, and a column or a value; and where it goes. */
final class ConditionMaker extends VBox {
    private static final List<String> COMPARISONS = List.of("=", "<>", "<", "<=", ">", ">=", "LIKE", "NOT LIKE", "BETWEEN", "IN", "IS NULL", "IS NOT NULL");

    private final ChoiceBox<String> left = new ChoiceBox<>();
    private final ChoiceBox<String> comparison = new ChoiceBox<>();
    private final ComboBox<String> right = new ComboBox<>();
    private final ChoiceBox<Seat> seat = new ChoiceBox<>();
    private final Label problem = new Label();

    ConditionMaker(Outline outline, int joins, BiConsumer<Seat, Expression> add) {
        getStyleClass().add("condition-maker");
        List<String> columns = outline.columns().stream().map(column -> new SqlWriter().expression(column)).toList();
        left.getItems().setAll(columns);
        left.setId("condition-left");
        left.getSelectionModel().selectFirst();
        left.setAccessibleText("the column of the new condition");
        comparison.getItems().setAll(COMPARISONS);
        comparison.setId("condition-comparison");
        comparison.getSelectionModel().selectFirst();
        comparison.setAccessibleText("how it is compared");
        right.getItems().setAll(columns);
        right.setEditable(true);
        right.setId("condition-right");
        right.setPromptText("a value, or a column");
        right.setAccessibleText("what it is compared with: a value, or a column");
        right.disableProperty().bind(comparison.valueProperty().map(chosen -> chosen.endsWith("NULL")));
        List<Seat> seats = new ArrayList<>(List.of(new Seat.Where()));
        for (int join = 0; join < joins; join++) seats.add(new Seat.On(join));
        seat.getItems().setAll(seats);
        seat.setId("condition-seat");
        seat.setConverter(new SeatNames(joins));
        seat.getSelectionModel().selectFirst();
        seat.setAccessibleText("where the new condition goes");
        Button put = new Button("Add");
        put.setId("add-condition");
        put.getStyleClass().add("use");
        put.setOnAction(_ -> Outline.condition(text()).handle(condition -> add.accept(seat.getValue(), condition), this::say));
        HBox line = new HBox(left, comparison, right, new Label("into"), seat, put);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("build-line");
        problem.getStyleClass().add("query-problem");
        problem.setManaged(false);
        getChildren().addAll(line, problem);
    }

    private void say(Problem found) {
        problem.setText(found.sentence());
        problem.setManaged(true);
    }

    /** The condition as text; what is neither a number, a column nor quoted is a text. */
    private String text() {
        String typed = right.getEditor().getText().strip();
        return left.getValue() + " " + comparison.getValue() + switch (comparison.getValue()) {
            case "IS NULL", "IS NOT NULL" -> "";
            case "IN" -> " (" + (typed.startsWith("(") ? typed.substring(1, Math.max(1, typed.length() - 1)) : typed) + ")";
            case "BETWEEN" -> " " + typed;
            default -> " " + (right.getItems().contains(typed) || typed.matches("-?\\d+(\\.\\d+)?|'.*'|(?i)NULL|TRUE|FALSE|DATE '.*'") || typed.isEmpty() ? typed : Value.of(typed).sql());
        };
    }
}
