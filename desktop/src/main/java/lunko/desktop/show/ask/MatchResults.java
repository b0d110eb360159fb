package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lunko.desktop.look.SmallTable;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Stage;
import lunko.insight.question.Answer;
import lunko.insight.question.Question;
import lunko.show.Asking;
import lunko.show.Showing;

/** The results that are to be matched with queries, in the place of the pictures, which they make needless. */
public final class MatchResults extends ScrollPane {
    private static final int MOST_ROWS = 30;

    private final FlowPane results = new FlowPane();

    /** Those of what a model shows, while its question asks for them. */
    public MatchResults(ShowModel model) {
        getStyleClass().addAll("card", "match-results-card");
        results.getStyleClass().add("match-results");
        setContent(results);
        setFitToWidth(true);
        setMinHeight(0);
        setFocusTraversable(false);
        model.asking().subscribe((before, now) -> {
            if (!before.map(Asking::asked).equals(now.map(Asking::asked))) show(now, model.showing().get());
        });
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) show(model.asking().get(), now);
        });
        show(model.asking().get(), model.showing().get());
    }

    private void show(Optional<Asking> asking, Showing now) {
        results.getChildren().setAll(asking.filter(open -> open.question() instanceof Question.MatchResults)
                .flatMap(open -> open.answer(now)).stream().map(matched -> ((Answer.Matched) matched).results())
                .flatMap(all -> IntStream.range(0, all.size()).mapToObj(result -> titled(result, all.get(result))))
                .toList());
    }

    private static Node titled(int result, Stage rows) {
        Label sign = new Label(words().questions().result(result));
        sign.getStyleClass().add("match-sign");
        return new VBox(sign, SmallTable.of(rows, MOST_ROWS));
    }
}
