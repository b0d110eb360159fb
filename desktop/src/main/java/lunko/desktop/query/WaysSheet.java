package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.look.SmallTable;
import lunko.desktop.action.Controls;
import lunko.desktop.look.SqlFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.insight.comparison.Counterexample;
import lunko.insight.comparison.Sameness;
import lunko.insight.comparison.TriedRephrasing;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.change.Rephrasing;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The other ways to say the query: each with its text, whether it gives the same rows here, and where it does not. */
final class WaysSheet extends StageSheet {
    private static final int MOST_ROWS = 4;

    /** A lesson, and of its joins the one that is at hand. */
    private record WaysAsked(Lesson lesson, int join) {}

    private record WaysFound(WaysAsked asked, Checked<List<TriedRephrasing>> ways) {}

    private final Latest<WaysAsked, WaysFound> latest = new Latest<>("other ways", WaysSheet::find, this::show);

    WaysSheet(ShowModel model, Runnable close) {
        super(model, "ways", words().query().equivalent(), close);
    }

    private static WaysFound find(WaysAsked asked) {
        WrittenQuery text = asked.lesson().staged().query();
        return new WaysFound(asked,
                text.otherWays(asked.lesson().tables(), asked.join(), asked.lesson().scene().right()));
    }

    @Override
    void show(Lesson lesson) {
        say(words().sheets().trying());
        latest.ask(new WaysAsked(lesson, model().joinAtHand()));
    }

    private void show(WaysFound found) {
        if (found.asked().lesson() != model().lesson().lesson().get()) return;
        found.ways().handle(ways -> {
            say(words().sheets().tried(ways.size()));
            put(ways.isEmpty() ? List.of(label(words().sheets().noneKnown(), "about"))
                    : ways.stream().map(this::way).toList());
        }, (Problem problem) -> {
            say("");
            put(List.of(label(words().problems().of(problem.fault()).text(), "query-problem")));
        });
    }

    private Node way(TriedRephrasing form) {
        Label title = label(words().sheets().way(words().rephrasings().title(form.said().kind())), "way-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = new HBox(title);
        head.getStyleClass().add("way-head");
        head.setAlignment(Pos.CENTER_LEFT);
        form.here().ifPresent(here -> head.getChildren().add(verdict(here)));
        VBox all = new VBox(head);
        all.getStyleClass().add("way");
        form.said().text().ifPresent(text -> {
            SqlFlow sql = new SqlFlow(written(text).alone().sql());
            HBox.setHgrow(sql, Priority.ALWAYS);
            HBox line = new HBox(sql);
            line.getStyleClass().add("way-line");
            if (form.canBeChosen()) line.getChildren().add(use(text));
            all.getChildren().add(line);
        });
        all.getChildren().add(label(about(form.said()), "way-about"));
        form.counterexample().ifPresent(example -> all.getChildren().addAll(counterexample(example)));
        return all;
    }

    /** What is to be known of a way; first, where there is something, on this query. */
    private static String about(Rephrasing way) {
        String about = words().rephrasings().about(way.kind());
        return way.caveat().map(caveat -> switch (caveat) {
            case Rephrasing.Caveat.MatchesMore(List<String> columns) ->
                words().rephrasings().matchesMore(columns) + " " + about;
            case Rephrasing.Caveat.CommaCannotKeep(JoinKind kind) -> words().rephrasings().commaCannotKeep(kind);
        }).orElse(about);
    }

    private static Label verdict(Sameness here) {
        Label verdict = new Label(here.said(words()), new FontIcon(here.isSame() ? Feather.CHECK : Feather.X));
        verdict.getStyleClass().addAll("verdict", here.isSame() ? "same" : "other");
        return verdict;
    }

    private Button use(String text) {
        Button use = Controls.button(words().sheets().useThis());
        use.getStyleClass().add("use");
        use.setMinWidth(Region.USE_PREF_SIZE);
        use.setOnAction(_ -> model().lesson().edit(new SceneEdit.Write(Optional.of(written(text)))));
        return use;
    }

    /** Of a text, the query that is shown. */
    private WrittenQuery written(String text) {
        return new WrittenQuery(text, model().lesson().lesson().get().staged().query().number());
    }

    /** A button, and behind it the small tables on which the two differ. */
    private static List<Node> counterexample(Counterexample example) {
        FlowPane shown = flow("counterexample");
        List<Node> parts = new ArrayList<>();
        example.tables().forEach(table -> parts.add(titled(table.name(), SmallTable.of(table, MOST_ROWS))));
        parts.add(titled(words().sheets().asItIsNow(example.one().rows().size()),
                SmallTable.of(example.one(), MOST_ROWS)));
        parts.add(
                titled(words().sheets().soInstead(example.other().rows().size()),
                        SmallTable.of(example.other(), MOST_ROWS)));
        shown.getChildren().setAll(parts);
        ToggleButton button = Controls.toggle(words().sheets().notAlwaysTheSame());
        button.getStyleClass().add("counter-button");
        shown.visibleProperty().bind(button.selectedProperty());
        shown.managedProperty().bind(button.selectedProperty());
        return List.of(button, shown);
    }

    static VBox titled(String title, Node table) {
        VBox both = new VBox(label(title, "small-title"), table);
        both.getStyleClass().add("titled");
        return both;
    }
}
