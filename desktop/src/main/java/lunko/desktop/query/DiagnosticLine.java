package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.look.Tip;
import lunko.lesson.Diagnostic;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What is wrong with the text, in a sentence, and what can be done about it with a click. */
final class DiagnosticLine extends VBox {
    private static final int MOST_SAID = 48;

    private final QueryField field;
    private final Consumer<String> write;
    private final Runnable next;

    DiagnosticLine(Diagnostics diagnostics, QueryField field, Runnable next) {
        this.field = field;
        this.write = field::write;
        this.next = next;
        getStyleClass().add("diagnostic-line");
        setId("diagnostic");
        diagnostics.told().subscribe(this::show);
    }

    private void show(Diagnostics.Told told) {
        getChildren().clear();
        setVisible(told.explained().isPresent());
        setManaged(isVisible());
        told.explained().ifPresent(diagnostic -> {
            Label sentence = new Label(words().problems().of(diagnostic.problem().fault()).text());
            sentence.setWrapText(true);
            sentence.setMinHeight(USE_PREF_SIZE);
            sentence.getStyleClass().add(diagnostic.note() ? "query-doubt" : "query-problem");
            sentence.setGraphic(new FontIcon(diagnostic.note() ? Feather.HELP_CIRCLE : Feather.ALERT_TRIANGLE));
            getChildren().add(sentence);
            FlowPane fixes = new FlowPane();
            fixes.getStyleClass().add("diagnostic-fixes");
            fixes.setAlignment(Pos.CENTER_LEFT);
            diagnostic.mended().forEach(mended -> fixes.getChildren().add(fix(mended)));
            if (told.all().size() > 1) fixes.getChildren().add(more(told));
            if (!fixes.getChildren().isEmpty()) getChildren().add(fixes);
        });
    }

    private Button fix(String mended) {
        String said = Diagnostic.said(field.text(), mended, words().problems()).replaceAll("\\s+", " ");
        Button fix = Controls.button(said.length() > MOST_SAID ? said.substring(0, MOST_SAID - 1) + "…" : said);
        fix.getStyleClass().add("fix");
        Tip.on(fix, mended);
        fix.setOnAction(_ -> write.accept(mended));
        return fix;
    }

    private Button more(Diagnostics.Told told) {
        Button more = Controls.button(words().query().nextProblem(told.number() + 1, told.all().size()));
        more.getStyleClass().add("fix");
        more.setId("next-diagnostic");
        more.setOnAction(_ -> next.run());
        return more;
    }
}
