package lunko.desktop.show;

import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.look.PhraseFlow;
import lunko.insight.Finding;
import lunko.insight.KeyCheck;
import lunko.insight.KindCount;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.query.QueryText;

/** What can be said about the matched columns before they are joined and what each kind will give. */
final class KeyCheckCard extends VBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int ACROSS = 3;

    private final ShowModel model;
    private final VBox content = new VBox();
    private final VBox counts = new VBox();

    KeyCheckCard(ShowModel model) {
        this.model = model;
        getStyleClass().addAll("card", "key-check");
        Label title = new Label("Key check");
        title.getStyleClass().add("key-check-title");
        content.getStyleClass().add("key-check-content");
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        counts.getStyleClass().add("key-check-counts");
        getChildren().addAll(title, scroll, counts);
        model.showing().subscribe((before, now) -> {
            if (before.lesson() != now.lesson()) show(now);
        });
        show(model.showing().get());
    }

    private void show(Showing showing) {
        content.getChildren().clear();
        counts.getChildren().clear();
        Lesson lesson = showing.lesson();
        QueryText text = new QueryText(lesson.query());
        lesson.on().forEach(pair -> {
            PhraseFlow equality = new PhraseFlow("key-equality");
            equality.show(text.equality(pair));
            content.getChildren().add(equality);
        });
        showing.check().ifPresentOrElse(check -> show(check, lesson), () -> content.getChildren().add(about(
                "No columns are matched yet: drag a column name onto one of the other table, and what can be said about the two stands here.")));
    }

    private void show(KeyCheck check, Lesson lesson) {
        Finding.of(check, lesson.on()).forEach(finding -> content.getChildren().add(line(finding)));
        if (!check.typesDiffer().isEmpty()) return;
        counts.getChildren().addAll(title("Rows each kind will give"), counts(check, lesson));
    }

    private Node line(Finding finding) {
        Region mark = new Region();
        mark.getStyleClass().addAll("mark-square", finding.mark().name().toLowerCase(Locale.ROOT).replace('_', '-'));
        Label headline = new Label(finding.headline());
        headline.getStyleClass().add("finding");
        headline.setWrapText(true);
        VBox words = new VBox(headline);
        if (!finding.detail().isEmpty()) words.getChildren().add(about(finding.detail()));
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox line = new HBox(mark, words);
        finding.mends().ifPresent(miss -> {
            Button mend = new Button("Mend");
            mend.setMinWidth(Region.USE_PREF_SIZE);
            mend.setTooltip(new Tooltip("Make one of the two like the other"));
            mend.setOnAction(_ -> model.edit(new Edit.Mend(miss)));
            line.getChildren().add(mend);
        });
        line.getStyleClass().add("finding-line");
        line.setAlignment(Pos.TOP_LEFT);
        return line;
    }

    private Node counts(KeyCheck check, Lesson lesson) {
        GridPane tiles = new GridPane();
        tiles.getStyleClass().add("count-tiles");
        int place = 0;
        for (KindCount count : check.counts()) {
            Label rows = new Label(Long.toString(count.rows()));
            rows.getStyleClass().add("tile-rows");
            Label name = new Label(count.kind().title());
            name.getStyleClass().add("tile-name");
            VBox tile = new VBox(rows, name);
            tile.getStyleClass().add("count-tile");
            tile.pseudoClassStateChanged(CHOSEN, count.kind() == lesson.kind());
            Tooltip.install(tile, new Tooltip(count.kind().withArticle() + ": " + count.arithmetic()));
            GridPane.setHgrow(tile, Priority.ALWAYS);
            tile.setMaxWidth(Double.MAX_VALUE);
            tiles.add(tile, place % ACROSS, place / ACROSS);
            place++;
        }
        return tiles;
    }

    private static Label title(String text) {
        Label title = new Label(text);
        title.getStyleClass().add("key-check-part");
        return title;
    }

    private static Label about(String text) {
        Label about = new Label(text);
        about.getStyleClass().add("about");
        about.setWrapText(true);
        return about;
    }
}
