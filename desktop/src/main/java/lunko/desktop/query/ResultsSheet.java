package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.look.SmallTable;
import lunko.desktop.action.Controls;
import lunko.desktop.look.SqlFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.engine.Stage;
import lunko.lesson.Evaluation;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.Stretch;
import lunko.query.sql.SqlParser;

/** The results of all queries of the text, one under the other, with how many rows each gives. */
final class ResultsSheet extends StageSheet {
    private static final PseudoClass AT_HAND = PseudoClass.getPseudoClass("at-hand");
    private static final int MOST_ROWS = 6;

    private record ResultsFound(Lesson lesson, List<Checked<Stage>> results) {}

    private final Latest<Lesson, ResultsFound> latest =
            new Latest<>("all results",
                    lesson -> new ResultsFound(lesson, Evaluation.of(lesson.staged().query(), lesson.tables()).all()),
                    this::show);

    ResultsSheet(ShowModel model, Runnable close) {
        super(model, "results", words().sheets().allQueries(), close);
    }

    @Override
    void show(Lesson lesson) {
        latest.ask(lesson);
    }

    private void show(ResultsFound found) {
        if (found.lesson() != model().lesson().lesson().get()) return;
        List<Stretch> queries = SqlParser.stretches(found.lesson().staged().sql());
        say(queries.size() < 2 ? words().sheets().writeMore()
                : words().sheets().queries(queries.size()));
        List<Node> parts = new ArrayList<>();
        for (int i = 0; i < found.results().size(); i++)
            parts.add(result(found.lesson().staged().query(), i, queries.get(i), found.results().get(i)));
        put(parts);
    }

    private Node result(WrittenQuery text, int number, Stretch query, Checked<Stage> result) {
        SqlFlow sql = new SqlFlow(query.of(text.sql()));
        HBox.setHgrow(sql, Priority.ALWAYS);
        HBox line = new HBox(
                label(result.either(stage -> words().counts().rows(stage.rows().size()),
                        _ -> words().sheets().noResult()), "result-count"),
                sql);
        line.getStyleClass().add("way-line");
        line.setAlignment(Pos.CENTER_LEFT);
        if (number == text.number()) {
            line.getChildren().add(label(words().sheets().onTheStage(), "about"));
        } else if (result instanceof Checked.Valid<Stage>) {
            Button show = Controls.button(words().sheets().showThis());
            show.getStyleClass().add("use");
            show.setMinWidth(Region.USE_PREF_SIZE);
            show.setOnAction(
                    _ -> model().lesson().edit(new SceneEdit.Write(Optional.of(text.at(number)))));
            line.getChildren().add(show);
        }
        VBox all = new VBox(line, result.either(stage -> SmallTable.of(stage, MOST_ROWS),
                problem -> label(words().problems().of(problem.fault()).text(), "query-problem")));
        all.getStyleClass().add("way");
        all.pseudoClassStateChanged(AT_HAND, number == text.number());
        return all;
    }
}
