package lunko.desktop.screen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Mode;
import lunko.insight.picture.Picture;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** Figures, kinds and buttons are whole, however large the numbers and however little room there is. */
class FiguresTest extends OpenWindow {
    private static final String CHAIN =
            "SELECT h.hive, r.kg FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id "
                    + "FULL JOIN harvests r ON r.hive_no = h.hive_no WHERE r.kg > 1 ORDER BY r.kg";

    private static final int[][] SCREENS =
            {{800, 600}, {1024, 768}, {1280, 720}, {1280, 800}, {1920, 1080}, {3840, 2160}};

    @Start
    void start(Stage stage) {
        open(stage);
    }

    private static Table rows(String name, int rows, int keys) {
        return Table.of(name, List.of(new Column("k", Type.INTEGER), new Column("name_of_" + name, Type.TEXT)),
                IntStream.range(0, rows)
                        .mapToObj(row -> List.<Value>of(row % 7 == 0 ? Value.NULL : Value.of(row % keys),
                                Value.of("a name that is long " + row)))
                        .toList());
    }

    @Test
    void whatIsShownFitsEveryScreen(FxRobot robot) {
        ZoomFrame frame = screen.view().frame();
        for (boolean presenting : new boolean[] {false, true}) {
            robot.interact(() -> screen.view().presenting().set(presenting));
            for (int[] size : SCREENS) {
                String as = size[0] + " x " + size[1] + (presenting ? ", presented" : "");
                robot.interact(() -> {
                    frame.resize(size[0], size[1]);
                    AtRest.layOut(frame.getScene());
                    assertThat(frame.getChildrenUnmodifiable().stream().filter(ScrollBar.class::isInstance)).as(as)
                            .noneMatch(Node::isVisible);
                    Node why = frame.lookup("#why");
                    assertThat(frame.getLayoutBounds().contains(frame.sceneToLocal(
                            why.localToScene(why.getLayoutBounds())))).as("why on " + as).isTrue();
                    assertThat(Looks.cut(screen.view())).as(as).isEmpty();
                });
            }
        }
        robot.interact(() -> screen.view().presenting().set(false));
    }

    /** Also where it cannot be asked of what is shown, and whoever practises has buttons of their own. */
    @Test
    void whatIsAskedFitsEveryScreen(FxRobot robot) {
        List<Question> questions = List.of(new Question.WhichPairs(), new Question.HowMany(),
                new Question.SayWithoutJoin(), new Question.WhichRows(Side.LEFT, Question.Fate.IN_RESULT));
        robot.interact(() -> {
            show(SceneEdit.Write.of(CHAIN).applyTo(DemoLesson.lesson()).expect());
            screen.view().actions().show().practice().on().set(true);
        });
        for (Question question : questions) {
            robot.interact(() -> model.lesson().edit(new SceneEdit.Ask(Optional.of(Asked.plainly(question)))));
            for (int[] size : SCREENS) {
                robot.interact(() -> {
                    screen.view().frame().resize(size[0], size[1]);
                    AtRest.layOut(screen.view().frame().getScene());
                    assertThat(Looks.outside(screen.view().frame())).as(question + " " + size[0]).isEmpty();
                    assertThat(Looks.cut(screen.view())).as(question + " " + size[0]).isEmpty();
                });
            }
        }
    }

    @Test
    void whatIsSaidOfALinkLiesOnNoTable(FxRobot robot) {
        ZoomFrame frame = screen.view().frame();
        robot.interact(() -> model.lesson().mode().set(Mode.TABLES));
        for (int[] size : new int[][] {{800, 600}, {1024, 768}, {1280, 800}}) {
            robot.interact(() -> {
                frame.resize(size[0], size[1]);
                AtRest.layOut(frame.getScene());
                List<Bounds> cards = frame.lookupAll(".bench-card").stream()
                        .map(card -> card.localToScene(card.getLayoutBounds())).toList();
                assertThat(cards).hasSize(6);
                assertThat(frame.lookupAll(".key-many").stream().map(said -> said.localToScene(said.getLayoutBounds())))
                        .as(size[0] + " x " + size[1])
                        .noneMatch(said -> cards.stream().anyMatch(said::intersects));
            });
        }
    }

    @Test
    void theQueryIsAsHighAsItsLinesWhateverItWasZoomedTo(FxRobot robot) {
        robot.interact(() -> model.lesson().edit(SceneEdit.Write.of(
                "SELECT * FROM harvests r JOIN grades g ON r.kg BETWEEN g.from_kg AND g.to_kg")));
        ZoomFrame frame = screen.view().frame();
        double first = queryHeight(robot);
        robot.interact(() -> {
            frame.zoom().set(2);
            AtRest.layOut(frame.getScene());
            frame.zoom().set(1);
        });
        assertThat(queryHeight(robot)).isEqualTo(first);
    }

    private double queryHeight(FxRobot robot) {
        for (int pass = 0; pass < 2; pass++) {
            robot.interact(() -> AtRest.layOut(screen.view().frame().getScene()));
            WaitForAsyncUtils.waitForFxEvents();
        }
        return screen.view().frame().lookup("#query-text").getLayoutBounds().getHeight();
    }

    @Test
    void whatStandsBesideARowLies(FxRobot robot) {
        robot.push(KeyCode.DIGIT5);
        assertThat(robot.lookup(".pair-total").queryAllAs(Label.class))
                .anyMatch(total -> total.getText().equals("4"))
                .allMatch(total -> total.getRotate() == 0 && !total.isTextTruncated());
    }

    @Test
    void nothingThatCountsIsCut(FxRobot robot) {
        List<Lesson> lessons = List.of(DemoLesson.lesson(),
                SceneEdit.Write.of(CHAIN).applyTo(DemoLesson.lesson()).expect(),
                Lesson.of("", rows("plots", 200, 90), JoinKind.FULL_OUTER, rows("folk", 70, 120),
                        List.of(new KeyPair("k", "k"))),
                Lesson.of("", rows("many", 2_000, 500), JoinKind.LEFT_OUTER, rows("few", 24, 24),
                        List.of(new KeyPair("k", "k"))));
        for (Lesson lesson : lessons) {
            robot.interact(() -> show(lesson));
            for (Picture picture : Picture.values()) {
                for (double zoom : new double[] {ZoomFrame.LEAST, 1, 1.4, ZoomFrame.MOST}) {
                    for (Mode mode : Mode.values()) {
                        robot.interact(() -> {
                            model.picture().set(picture);
                            model.lesson().mode().set(mode);
                            screen.view().frame().zoom().set(zoom);
                        });
                        WaitForAsyncUtils.waitForFxEvents();
                        robot.interact(() -> assertThat(Looks.cut(screen.view()))
                                .as(lesson.tables().getFirst().name() + " " + picture + " " + zoom + " " + mode)
                                .isEmpty());
                    }
                }
            }
        }
    }
}
