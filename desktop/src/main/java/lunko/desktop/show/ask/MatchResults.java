package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lunko.desktop.look.SmallTable;
import lunko.engine.Stage;

/** The results that are to be matched with queries, in the place of the pictures, which they make needless. */
final class MatchResults extends ScrollPane {
    private static final int MOST_ROWS = 30;

    private final FlowPane results = new FlowPane();

    MatchResults() {
        getStyleClass().addAll("card", "match-results-card");
        results.getStyleClass().add("match-results");
        setContent(results);
        setFitToWidth(true);
        setMinHeight(0);
        setFocusTraversable(false);
    }

    /** Shows some, or none. */
    void show(List<Stage> all) {
        results.getChildren().setAll(
                IntStream.range(0, all.size()).mapToObj(result -> titled(result, all.get(result))).toList());
    }

    private static Node titled(int result, Stage rows) {
        Label sign = new Label(words().questions().result(result));
        sign.getStyleClass().add("match-sign");
        return new VBox(sign, SmallTable.of(rows, MOST_ROWS));
    }
}
