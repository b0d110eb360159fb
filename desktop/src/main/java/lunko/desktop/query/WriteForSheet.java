package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.Notice;
import lunko.desktop.look.SqlFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.exchange.sql.ScriptWriter;
import lunko.lesson.Lesson;
import lunko.problem.Problem;
import lunko.query.change.SqlDialect;

/** The query in the words of a database, to be copied alone, or with its tables as a script that runs there. */
final class WriteForSheet extends StageSheet {
    private static final int MOST_LINES = 150;

    private SqlDialect target = SqlDialect.STANDARD;

    WriteForSheet(ShowModel model, Runnable close) {
        super(model, "write-for", words().query().translate(), close);
    }

    @Override
    void show(Lesson lesson) {
        say(words().sheets().translateAbout());
        FlowPane targets = flow("choices");
        for (SqlDialect each : SqlDialect.values()) {
            ToggleButton button = Controls.toggle(words().sheets().database(words().rephrasings().dialect(each)));
            button.setSelected(each == target);
            button.setOnAction(_ -> {
                target = each;
                show(lesson);
            });
            targets.getChildren().add(button);
        }
        put(List.of(targets,
                lesson.staged().query().writtenFor(target, lesson.tables()).either(sql -> written(lesson, sql),
                        (Problem problem) -> label(words().problems().of(problem.fault()).text(), "query-problem"))));
    }

    private Node written(Lesson lesson, String sql) {
        SqlFlow flow = new SqlFlow(sql);
        HBox line = new HBox(flow);
        line.getStyleClass().add("way-line");
        String script = script(lesson, sql);
        HBox buttons = new HBox(copy("copy-query", words().sheets().copyQuery(), sql, words().sheets().queryCopied()),
                copy("copy-script", words().sheets().copyScript(), script,
                        words().sheets().scriptCopied()));
        buttons.getStyleClass().add("way-head");
        VBox all = new VBox(line, buttons, label(
                sql.equals(lesson.staged().sql()) ? words().sheets().runsAsItIs()
                        : words().sheets().partsDiffer(),
                "way-about"), new SqlFlow(beginning(script)));
        all.getStyleClass().add("way");
        return all;
    }

    /** As much of a script as anybody reads here; all of it is copied. */
    private static String beginning(String script) {
        List<String> lines = script.lines().toList();
        return lines.size() <= MOST_LINES ? script : String.join("\n", lines.subList(0, MOST_LINES)) + "\n-- "
                + words().sheets().moreLines(lines.size() - MOST_LINES);
    }

    private Button copy(String id, String name, String text, String said) {
        Button copy = Controls.button(name);
        copy.setId(id);
        copy.getStyleClass().add("use");
        copy.setOnAction(_ -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(text);
            Clipboard.getSystemClipboard().setContent(content);
            model().lesson().say(new Notice.Success(said));
        });
        return copy;
    }

    private String script(Lesson lesson, String sql) {
        StringBuilder script = new StringBuilder();
        try {
            ScriptWriter.write(lesson.set(), target, script, words().files());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return script + sql + ";\n";
    }
}
