package lunko.desktop.show;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.insight.KindCount;
import lunko.phrase.Words;

/** How many rows each kind of join gives on these tables, as bars and as arithmetic; a click chooses the kind. */
final class KindCounts extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final double LONGEST_BAR = 84;
    private static final double SHORTER_BAR = 40;
    private static final long LONG_NUMBER = 1_000_000;

    private final StepActions actions;

    KindCounts(ShowModel model, StepActions actions) {
        this.actions = actions;
        getStyleClass().addAll("card", "kind-counts");
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) show(now);
        });
        show(model.showing().get());
    }

    private void show(Showing showing) {
        Label title = new Label("Rows from every kind");
        title.getStyleClass().add("card-title");
        getChildren().setAll(title);
        List<KindCount> counts = showing.counts().stream().filter(count -> ShownKinds.ALL.contains(count.kind())).toList();
        long most = counts.stream().mapToLong(KindCount::rows).max().orElse(0);
        for (KindCount count : counts) {
            Button line = line(count, most);
            line.pseudoClassStateChanged(CHOSEN, count.kind() == showing.lesson().kind());
            getChildren().add(line);
        }
    }

    private Button line(KindCount count, long most) {
        Label name = new Label(count.kind().title());
        name.getStyleClass().add("count-name");
        Region bar = new Region();
        bar.getStyleClass().add("count-bar");
        double length = most == 0 ? 0 : Math.max(count.rows() == 0 ? 0 : 3, (most < LONG_NUMBER ? LONGEST_BAR : SHORTER_BAR) * count.rows() / most);
        bar.setMinWidth(length);
        bar.setPrefWidth(length);
        bar.setMaxWidth(length);
        Label rows = new Label(Words.number(count.rows()));
        rows.getStyleClass().add("count-rows");
        rows.setMinWidth(Region.USE_PREF_SIZE);
        Label arithmetic = new Label(count.arithmetic());
        arithmetic.getStyleClass().add("about");
        HBox content = new HBox(name, bar, rows, arithmetic);
        content.setAlignment(Pos.CENTER_LEFT);
        content.getStyleClass().add("count-line");
        Button line = new Button();
        line.setGraphic(content);
        line.getStyleClass().add("count");
        line.setMaxWidth(Double.MAX_VALUE);
        line.setAccessibleText(count.kind().title() + ": " + count.rows() + " rows, " + count.arithmetic());
        line.setOnAction(_ -> actions.choose(count.kind()).run());
        return line;
    }
}
