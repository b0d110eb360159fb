package lunko.desktop.show;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.insight.KeyProposal;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.phrase.Phrase;
import lunko.query.KeyPair;
import lunko.query.QueryText;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The query as SQL. Of the two tables' join, each pair of matched columns can be taken out, and proposed ones put in; any query can
 * be written instead.
 */
final class QueryLine extends VBox {
    private static final int MOST_PROPOSED = 3;

    private final ShowModel model;

    private final FlowPane line = new FlowPane();
    private final HBox written = new HBox();
    private final QueryEditor editor;

    /** The line for a model; {@code then} takes the keyboard when the query has been written. */
    QueryLine(ShowModel model, Runnable then) {
        this.model = model;
        editor = new QueryEditor(model, () -> {
            editing(false);
            then.run();
        });
        line.getStyleClass().add("query-line");
        line.setRowValignment(VPos.CENTER);
        line.setAlignment(Pos.CENTER_LEFT);
        written.getStyleClass().add("query-written");
        written.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, written, editor);
        model.showing().map(Showing::lesson).subscribe(this::show);
    }

    private void editing(boolean now) {
        Lesson lesson = model.showing().get().lesson();
        boolean isWritten = lesson.scene().written().isPresent();
        show(editor, now);
        show(line, !now && !isWritten);
        show(written, !now && isWritten);
        if (now) editor.edit(lesson.sql());
    }

    private static void show(Node part, boolean shown) {
        part.setVisible(shown);
        part.setManaged(shown);
    }

    private void show(Lesson lesson) {
        editing(false);
        line.getChildren().clear();
        lesson.scene().written().map(WrittenQuery::sql).ifPresentOrElse(this::showWritten, () -> showJoin(lesson));
    }

    private void showWritten(String sql) {
        Label text = word(sql);
        text.setWrapText(true);
        text.getStyleClass().add("sql-written");
        text.setMinWidth(0);
        text.setMinHeight(USE_PREF_SIZE);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(text, Priority.ALWAYS);
        written.getChildren().setAll(text, write(), button(Feather.X, "Back to the two tables",
                () -> model.lesson().edit(new SceneEdit.Write(Optional.empty()))));
    }

    private Button write() {
        Button write = button(Feather.EDIT_2, "Write the query as SQL", () -> editing(true));
        write.setId("write-query");
        return write;
    }

    private void showJoin(Lesson lesson) {
        QueryText text = new QueryText(lesson.query());
        line.getChildren().add(sql(text.tables()));
        if (lesson.query().asks()) {
            String before = text.condition().strip();
            for (KeyPair pair : lesson.on()) {
                line.getChildren().addAll(word(before), matched(lesson, text, pair));
                before = "AND";
            }
            if (!text.end().isEmpty()) line.getChildren().add(word(text.end().strip()));
        }
        line.getChildren().add(write());
        List<KeyProposal> proposals = lesson.query().asks() ? lesson.proposals().stream().limit(MOST_PROPOSED).toList() : List.of();
        if (proposals.isEmpty()) return;
        if (!lesson.on().isEmpty()) {
            line.getChildren().add(more(lesson, text, proposals));
            return;
        }
        line.getChildren().add(note("these columns may belong together:"));
        proposals.forEach(proposal -> line.getChildren().add(proposed(lesson, text, proposal)));
    }

    private static Button button(Feather icon, String does, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.getStyleClass().add("query-button");
        button.setTooltip(new Tooltip(does));
        button.setAccessibleText(does);
        button.setOnAction(_ -> action.run());
        return button;
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

    /** Where columns are matched already, those that may be matched too wait behind a sign, so that the line stays one line. */
    private MenuButton more(Lesson lesson, QueryText text, List<KeyProposal> proposals) {
        MenuButton more = new MenuButton("", new FontIcon(Feather.PLUS));
        more.getStyleClass().add("query-button");
        more.setTooltip(new Tooltip("Match other columns too"));
        more.setAccessibleText("match other columns too");
        for (KeyProposal proposal : proposals) {
            MenuItem item = new MenuItem(text.equality(proposal.pair()).text() + "  –  " + proposal.reason().title());
            item.setMnemonicParsing(false);
            item.setOnAction(_ -> match(lesson, proposal.pair()));
            more.getItems().add(item);
        }
        return more;
    }

    private void match(Lesson lesson, KeyPair pair) {
        model.lesson().edit(new LinkEdit.Match(lesson.scene().left(), lesson.scene().right(), pair));
    }

    private Node proposed(Lesson lesson, QueryText text, KeyProposal proposal) {
        KeyPair pair = proposal.pair();
        Button add = new Button("", sql(text.equality(pair)));
        add.getStyleClass().add("proposed");
        add.setTooltip(new Tooltip("Match these columns: they have " + proposal.reason().title()));
        add.setAccessibleText("match " + pair.left() + " with " + pair.right());
        add.setOnAction(_ -> match(lesson, pair));
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
