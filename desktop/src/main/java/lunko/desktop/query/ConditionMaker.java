package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.problem.Problem;
import lunko.query.change.ConditionDraft.How;
import lunko.query.change.ConditionDraft;
import lunko.query.change.ConditionSite;
import lunko.query.change.Outline;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;

/** A new condition, put together by choosing: a column, a comparison, and a column or a value; and where it goes. */
final class ConditionMaker extends VBox {
    private final Choice<ColumnName> left;
    private final Choice<How> comparison = new Choice<>(List.of(How.values()), How::toString);
    private final ComboBox<String> right = new ComboBox<>();
    private final Choice<ConditionSite> seat;
    private final Label problem = new Label();

    ConditionMaker(Outline outline, List<Table> tables, int joins, BiConsumer<ConditionSite, Expression> add) {
        getStyleClass().add("condition-maker");
        left = new Choice<>(outline.columns(), column -> new SqlWriter().expression(column));
        left.setId("condition-left");
        left.getSelectionModel().selectFirst();
        left.setAccessibleText(words().building().newConditionColumn());
        comparison.setId("condition-comparison");
        comparison.getSelectionModel().selectFirst();
        comparison.setAccessibleText(words().building().newConditionComparison());
        right.getItems().setAll(outline.columns().stream().map(new SqlWriter()::expression).toList());
        right.setEditable(true);
        right.setId("condition-right");
        right.setPromptText(words().building().valueOrColumn());
        right.setAccessibleText(words().building().newConditionValue());
        right.disableProperty().bind(comparison.valueProperty().map(chosen -> !chosen.asks()));
        List<ConditionSite> seats = new ArrayList<>(List.of(new ConditionSite.Where()));
        for (int join = 0; join < joins; join++) seats.add(new ConditionSite.On(join));
        seat = new Choice<>(seats, where -> SiteNames.of(where, joins));
        seat.setId("condition-seat");
        seat.getSelectionModel().selectFirst();
        seat.setAccessibleText(words().building().newConditionPlace());
        Button put = Controls.button(words().building().add());
        put.setId("add-condition");
        put.getStyleClass().add("use");
        put.setOnAction(
                _ -> new ConditionDraft(outline, left.getValue(), comparison.getValue(), right.getEditor().getText())
                        .condition(tables)
                        .handle(condition -> add.accept(seat.getValue(), condition), this::say));
        HBox line = new HBox(left, comparison, right, new Label(words().building().into()), seat, put);
        line.setAlignment(Pos.CENTER_LEFT);
        line.getStyleClass().add("build-line");
        problem.getStyleClass().add("query-problem");
        problem.setManaged(false);
        getChildren().addAll(line, problem);
    }

    private void say(Problem found) {
        problem.setText(words().problems().of(found.fault()).text());
        problem.setManaged(true);
    }
}
