package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Tip;
import lunko.desktop.query.QueryPane;
import lunko.insight.picture.Picture;
import lunko.lesson.CellEdit;
import lunko.lesson.Lesson;
import lunko.lesson.OwnTablesEdit;
import lunko.lesson.RowEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.ScenesEdit;
import lunko.query.JoinKind;
import lunko.steps.JoinAlgorithm;
import lunko.table.Block;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** The window in the language that nobody speaks: whatever it says is said in that, and no figure is cut off. */
class PseudoLanguageTest extends OpenWindow {
    private static final Pattern WORD = Pattern.compile("[a-z]{3,}", Pattern.CASE_INSENSITIVE);
    private static final Pattern FOREIGN = Pattern.compile("[àćéíñóúýžÀĆÉÍÑÓÚÝŽø]");

    /** Under which the toolkit keeps what is installed on nodes that are no controls. */

    @Start
    void start(Stage stage) {
        open(stage);
    }

    @BeforeEach
    void isNotEnglish() {
        assertThat(words().tag()).isEqualTo("pseudo");
    }

    @Test
    void nothingIsLeftInEnglishAndNoFigureIsCutOff(FxRobot robot) throws Exception {
        for (JoinKind kind : JoinKind.values()) {
            robot.interact(() -> model.lesson().edit(new SceneEdit.ChooseKind(kind)));
            until(() -> model.showing().get().lesson().staged().kind() == kind);
            for (long step : new long[] {0, 3, model.showing().get().last()})
                robot.interact(() -> {
                    model.goTo(Math.min(step, model.showing().get().last()));
                    check(kind + " at " + step);
                });
        }
        robot.interact(() -> model.picture().set(Picture.PAIRS));
        for (JoinAlgorithm way : JoinAlgorithm.values()) {
            robot.interact(() -> {
                model.algorithm().set(way);
                model.goTo(9);
                check(way + " beside the pair grid");
            });
        }
        robot.interact(() -> {
            model.picture().set(Picture.VENN);
            model.lesson().edit(new SceneEdit.JoinNaturally(Optional.of(JoinKind.FULL_OUTER)));
            check("a natural join");
        });
        write(robot, PLAIN + " JOIN visits v ON v.keeper_id = k.keeper_id WHERE v.hive_no > 1 ORDER BY v.hive_no");
        robot.interact(() -> check("a chain"));
        for (KeyCode sheet : List.of(KeyCode.U, KeyCode.W, KeyCode.O, KeyCode.R, KeyCode.D, KeyCode.K)) {
            robot.push(KeyCode.ESCAPE).push(sheet);
            until(() -> robot.lookup(".query-pane").<QueryPane>query().isReady());
            robot.interact(() -> check("the sheet of the key " + sheet));
        }
        robot.push(KeyCode.ESCAPE).push(KeyCode.F1);
        robot.interact(() -> check("the keys"));
        robot.push(KeyCode.ESCAPE);
        robot.interact(() -> area(robot).replaceText(PLAIN + " WHERE"));
        until(() -> robot.lookup(".query-problem").tryQuery().isPresent());
        robot.interact(() -> check("a problem"));
        robot.interact(() -> model.lesson().mode().set(Mode.TABLES));
        robot.interact(() -> check("the tables"));
        robot.interact(() -> {
            model.lesson().edit(new ScenesEdit.Keep(SceneStart.PLAIN));
            model.lesson().edit(new OwnTablesEdit.Begin());
            model.lesson().edit(new RowEdit.Delete("keepers", 1, 1));
            model.lesson().edit(new CellEdit.Put("hives", Block.cell(0, 2), "12"));
            model.lesson().edit(new SceneEdit.OpenLike(SceneStart.PLAIN.at(OptionalLong.of(3))));
            model.lesson().mode().set(Mode.SCENES);
            check("the scenes");
        });
    }

    private void check(String where) {
        AtRest.layOut(screen.view().getScene());
        assertThat(english(screen.view())).as(where).isEmpty();
        assertThat(Looks.cut(screen.view())).as(where).isEmpty();
    }

    /** Words that are neither of the language nor of the lesson. */
    private Set<String> english(Parent within) {
        String known = known(model.lesson().lesson().get());
        return shown(within).filter(text -> !FOREIGN.matcher(text).find()).filter(text -> WORD.matcher(text).find())
                .filter(text -> Stream.of(text.split("[^\\p{L}\\p{N}_]+"))
                        .anyMatch(
                                word -> WORD.matcher(word).matches() && !known.contains(word.toLowerCase(Locale.ROOT))))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    private static Stream<String> shown(Node node) {
        // SQL and what stands on keys is the same in every language.
        if (!node.isVisible() || node.getStyleClass().stream().anyMatch(List.of("sql-flow", "key")::contains))
            return Stream.empty();
        Stream<String> own = switch (node) {
            case Labeled label -> Stream.of(label.getText() == null ? "" : label.getText());
            case TextInputControl field -> Stream.of(field.getPromptText());
            case Text text when !(text.getParent() instanceof Labeled) -> Stream.of(text.getText());
            default -> Stream.empty();
        };
        own = Stream.concat(own, told(node));
        return node instanceof Parent parent
                ? Stream.concat(own, parent.getChildrenUnmodifiable().stream().flatMap(PseudoLanguageTest::shown))
                : own;
    }

    /** What is said of a thing to those who point at it, and to those who do not see it. */
    private static Stream<String> told(Node node) {
        return Stream.concat(Tip.of(node).stream(),
                Stream.of(node.getAccessibleText(), node.getAccessibleHelp(), node.getAccessibleRoleDescription())
                        .filter(Objects::nonNull));
    }

    /** Names, values and SQL are as they are in every language. */
    private static String known(Lesson lesson) {
        return Stream.concat(lesson.tables().stream().map(table -> table.name() + " " + table.columns() + " "
                + table.rows()), Stream.of(lesson.staged().sql(), lesson.title(),
                        lesson.scenes().all().toString(), lesson.shared().toString(),
                        "select from where join left right full inner cross outer order by group having limit distinct "
                                + "null and not exists true false union on"))
                .collect(Collectors.joining(" ")).toLowerCase(Locale.ROOT);
    }
}
