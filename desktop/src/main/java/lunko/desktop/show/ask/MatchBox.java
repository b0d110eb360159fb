package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Chips;
import lunko.desktop.look.SqlFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.question.Answer;
import lunko.show.Asking;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Queries, each with the signs of the results to choose from. */
final class MatchBox extends GridPane {
    private static final int COLUMNS = 2;

    private final Answer.Matched answer;
    private final List<List<ToggleButton>> chips = new ArrayList<>();
    private final List<Label> verdicts = new ArrayList<>();

    /** The box for an answer that is not to be seen yet. */
    MatchBox(ShowModel model, Answer.Matched answer) {
        this.answer = answer;
        getStyleClass().add("match-queries");
        for (int column = 0; column < COLUMNS; column++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(100.0 / COLUMNS);
            getColumnConstraints().add(half);
        }
        for (int query = 0; query < answer.queries().size(); query++)
            add(line(model, query), query % COLUMNS, query / COLUMNS);
    }

    private Node line(ShowModel model, int query) {
        HBox choice = new HBox();
        choice.getStyleClass().add("match-choice");
        choice.setAlignment(Pos.CENTER_LEFT);
        List<ToggleButton> all = IntStream.range(0, answer.results().size()).mapToObj(result -> {
            ToggleButton chip = Chips.of(words().questions().result(result));
            chip.setId("match-" + (query + 1) + "-" + words().questions().result(result));
            chip.setAccessibleText(words().questions().matched(query + 1, result));
            chip.setOnAction(_ -> model.matchResult(query, result));
            return chip;
        }).toList();
        Label verdict = new Label();
        verdict.getStyleClass().add("match-verdict");
        chips.add(all);
        verdicts.add(verdict);
        Label number = new Label(String.valueOf(query + 1));
        number.getStyleClass().add("match-number");
        choice.getChildren().add(number);
        choice.getChildren().addAll(all);
        choice.getChildren().add(verdict);
        SqlFlow sql = new SqlFlow(answer.queries().get(query).strip(), model.showing().get().hues());
        sql.getStyleClass().add("match-sql");
        VBox line = new VBox(choice, sql);
        line.getStyleClass().add("match-line");
        return line;
    }

    /** Shows what is chosen, and, uncovered, whether each choice is right. */
    void show(Asking asking) {
        List<Integer> chosen = asking.matched().results();
        for (int query = 0; query < chips.size(); query++) {
            int at = chosen.get(query);
            for (int result = 0; result < chips.get(query).size(); result++) {
                chips.get(query).get(result).setSelected(result == at);
                chips.get(query).get(result).setDisable(asking.uncovered());
            }
            boolean right = answer.fits(query, at);
            verdicts.get(query).setGraphic(asking.uncovered() && asking.guess().isPresent()
                    ? new FontIcon(right ? Feather.CHECK : Feather.X) : null);
        }
    }
}
