package lunko.exchange.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whoever is killed while saving leaves what was there before or what was to be there, and nothing beside it. */
class KilledWhileSavingTest {
    private static final int KILLS = Integer.getInteger("lunko.kills", 10);

    @TempDir
    Path folder;

    /** Saves one lesson after another into a file, for ever. */
    static final class Saving {
        private Saving() {}

        public static void main(String[] arguments) {
            Path file = Path.of(arguments[0]);
            for (int number = 0;; number++) {
                LessonFile.write(lesson(number % 2), file).expect();
                // Whoever waits for the first knows now that there is one.
                if (number == 0) System.out.println("saved");
            }
        }
    }

    /** One of two lessons; the second takes longer to be written. */
    private static Lesson lesson(int which) {
        Lesson demo = DemoLesson.lesson();
        return which == 0 ? demo
                : new SceneEdit.Note("It is long. ".repeat(5_000)).applyTo(demo).expect();
    }

    @Test
    void theFileIsTheOldOneOrTheNewOne() throws IOException, InterruptedException {
        Path file = folder.resolve("killed.lunko");
        Random random = new Random(KILLS);
        for (int kill = 0; kill < KILLS; kill++) {
            Process saving = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(),
                    "-XX:TieredStopAtLevel=1", "-cp", classPath(), Saving.class.getName(), file.toString())
                    .redirectError(ProcessBuilder.Redirect.DISCARD).start();
            assertThat(saving.inputReader().readLine()).isEqualTo("saved");
            Thread.sleep(random.nextInt(60));
            saving.destroyForcibly().waitFor();
            String note = LessonFile.read(file).expect().scene().telling().note();
            assertThat(note).as("kill " + kill).isIn(lesson(0).scene().telling().note(),
                    lesson(1).scene().telling().note());
        }
        LessonFile.write(lesson(0), file).expect();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactly(file);
        }
    }

    private static String classPath() {
        return Optional.ofNullable(System.getProperty("surefire.test.class.path"))
                .orElse(System.getProperty("java.class.path"));
    }
}
