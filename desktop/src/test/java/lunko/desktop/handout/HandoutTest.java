package lunko.desktop.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextArea;
import javafx.scene.image.ImageView;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import lunko.desktop.OpenWindow;
import lunko.desktop.lesson.Notice;
import lunko.desktop.work.Work;
import lunko.handout.Handout;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import lunko.handout.figure.Motif;
import lunko.handout.paint.Palette;
import lunko.lesson.course.Course;
import lunko.words.english.English;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;

/** What is handed out is chosen, looked at and saved; pictures are copied. */
class HandoutTest extends OpenWindow {

    @Start
    void start(Stage stage) {
        open(stage);
    }

    private static <T> T shown(FxRobot robot, Class<T> type) {
        return robot.lookup("#handout-preview").lookup(type::isInstance).tryQuery().map(type::cast).orElse(null);
    }

    @SuppressWarnings("unchecked") // What it offers is known here.
    private static void choose(FxRobot robot, HandoutKind kind) {
        robot.interact(() -> ((ChoiceBox<HandoutKind>) robot.lookup("#handout-kind").query()).setValue(kind));
    }

    @Test
    void whatWillComeIsShownBeforeItIsSaved(FxRobot robot) throws Exception {
        robot.interact(() -> show(Course.HIVES_AND_KEEPERS.lesson()));
        robot.push(KeyCode.CONTROL, KeyCode.P);
        until(() -> shown(robot, ImageView.class) != null);
        assertThat(shown(robot, ImageView.class).getAccessibleText()).contains("Worksheet A", "Draw a line");
        assertThat(texts(robot, ".recipe-preview .label")).contains("1 of 24");
        assertThat(robot.lookup("#handout-kind").query().isFocused()).isTrue();
        // Gaps are asked for a worksheet alone.
        assertThat(texts(robot, ".recipe-form .check-box")).hasSize(3);
        choose(robot, HandoutKind.SCRIPT);
        until(() -> shown(robot, TextArea.class) != null);
        assertThat(shown(robot, TextArea.class).getText()).contains("CREATE TABLE", "-- 3. Keep every hive");
        assertThat(texts(robot, ".recipe-form .check-box")).isEmpty();
        robot.push(KeyCode.ESCAPE);
        assertThat(robot.lookup("#handout-kind").tryQuery()).isEmpty();
    }

    @Test
    void itIsWrittenBesideTheWindowAndReplacesNothingUnasked(FxRobot robot) throws Exception {
        HandoutSaving saving = new HandoutSaving(model.lesson(), new Work(), () -> null);
        Handout handout = Handout.of(HandoutKind.SVG, model.lesson().lesson().get(), List.of(0),
                Options.in(Palette.LIGHT), English.language());
        Path file = folder.resolve("left.svg");
        robot.interact(() -> saving.save(handout, file, false));
        until(() -> model.lesson().notice().get().isPresent());
        assertThat(notice()).isEqualTo("Saved: " + file);
        assertThat(Files.readString(file)).contains("Sainfoin");
        Files.writeString(file, "mine");
        robot.interact(() -> saving.save(handout, file, false));
        until(() -> model.lesson().notice().get().filter(Notice.Offer.class::isInstance).isPresent());
        assertThat(file).hasContent("mine");
        robot.clickOn("Replace");
        until(() -> !Files.readString(file).equals("mine"));
    }

    @Test
    void aPictureIsCopiedAsPixelsAndAsShapes(FxRobot robot) throws Exception {
        robot.clickOn(".picture-card .picture-handle");
        until(() -> model.lesson().notice().get().isPresent());
        assertThat(notice()).isEqualTo("Copied as a picture: Venn diagram");
        robot.interact(() -> {
            Clipboard clipboard = Clipboard.getSystemClipboard();
            assertThat(clipboard.hasImage()).isTrue();
            Set<DataFormat> formats = clipboard.getContentTypes();
            DataFormat svg = formats.stream().filter(format -> format.getIdentifiers().contains("image/svg+xml"))
                    .findFirst().orElseThrow();
            assertThat(new String(((ByteBuffer) clipboard.getContent(svg)).array(), StandardCharsets.UTF_8))
                    .contains("Clover · Oda").doesNotContain("DOCTYPE");
        });
        // Dragged away it is a file too.
        robot.interact(() -> assertThat(new PictureCopy(model).dragged(Motif.RESULT).orElseThrow().getFiles())
                .singleElement().satisfies(file -> assertThat(file).isNotEmpty().hasName("result.png")));
        // What there is no picture of is said.
        write(robot, "SELECT hive FROM hives");
        robot.interact(() -> new PictureCopy(model).copy(Motif.VENN));
        assertThat(notice()).startsWith("There is nothing to hand out here");
    }
}
