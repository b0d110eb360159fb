package lunko.desktop.show;

import java.util.Locale;
import java.util.List;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import lunko.insight.KeyProposal;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.phrase.Phrase;
import lunko.query.KeyPair;
import lunko.query.QueryText;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The query as SQL: each pair of matched columns can be taken out of it, and proposed ones put in. */
final class QueryLine extends FlowPane {
    private static final int MOST_PROPOSED = 3;

    private final ShowModel model;

    QueryLine(ShowModel model) {
        this.model = model;
        getStyleClass().add("query-line");
        setRowValignment(VPos.CENTER);
        setAlignment(Pos.CENTER_LEFT);
        model.showing().map(Showing::lesson).subscribe(this::show);
    }

    private void show(Lesson lesson) {
        getChildren().clear();
        QueryText text = new QueryText(lesson.query());
        getChildren().add(sql(text.tables()));
        if (!lesson.kind().compares()) return;
        String before = text.condition().strip();
        for (KeyPair pair : lesson.on()) {
            getChildren().addAll(word(before), matched(lesson, text, pair));
            before = "AND";
        }
        if (!text.end().isEmpty()) getChildren().add(word(text.end().strip()));
        List<KeyProposal> proposals = lesson.proposals().stream().limit(MOST_PROPOSED).toList();
        if (proposals.isEmpty()) return;
        getChildren().add(note(lesson.on().isEmpty() ? "these columns may belong together:" : "or match too:"));
        proposals.forEach(proposal -> getChildren().add(proposed(lesson, text, proposal)));
    }

    private Node matched(Lesson lesson, QueryText text, KeyPair pair) {
        Button remove = new Button();
        remove.setGraphic(new FontIcon(Feather.X));
        remove.setTooltip(new Tooltip("No longer match these columns"));
        remove.setAccessibleText("no longer match " + pair.left() + " with " + pair.right());
        remove.setOnAction(_ -> model.lesson().edit(new LinkEdit.Unmatch(lesson.scene().left(), lesson.scene().right(), pair)));
        HBox chip = new HBox(sql(text.equality(pair)), remove);
        chip.getStyleClass().add("matched");
        chip.setAlignment(Pos.CENTER_LEFT);
        return chip;
    }

    private Node proposed(Lesson lesson, QueryText text, KeyProposal proposal) {
        KeyPair pair = proposal.pair();
        Button add = new Button("", sql(text.equality(pair)));
        add.getStyleClass().add("proposed");
        add.setTooltip(new Tooltip("Match these columns: they have " + proposal.reason().title()));
        add.setAccessibleText("match " + pair.left() + " with " + pair.right());
        add.setOnAction(_ -> model.lesson().edit(new LinkEdit.Match(lesson.scene().left(), lesson.scene().right(), pair)));
        return add;
    }

    /** SQL in labels, so that a part can stand on a ground of its own. */
    private static HBox sql(Phrase phrase) {
        HBox line = new HBox();
        line.getStyleClass().add("sql");
        line.setAlignment(Pos.CENTER_LEFT);
        phrase.parts().stream().filter(part -> !part.text().isBlank()).forEach(part -> {
            Label label = word(part.text().strip());
            label.getStyleClass().add("sql-" + part.tone().name().toLowerCase(Locale.ROOT));
            line.getChildren().add(label);
        });
        return line;
    }

    private static Label word(String keyword) {
        Label label = new Label(keyword);
        label.getStyleClass().add("sql-word");
        return label;
    }

    private static Label note(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("about");
        return label;
    }
}
