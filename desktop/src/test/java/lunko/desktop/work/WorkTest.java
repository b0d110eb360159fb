package lunko.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.concurrent.Task;
import lunko.problem.Checked;
import lunko.problem.WorkFault;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** Long work: seen, stopped, one piece at a time, and never silent about its end. */
@ExtendWith(ApplicationExtension.class)
class WorkTest {
    private final List<Checked<String>> answers = new CopyOnWriteArrayList<>();
    private Work work;

    @BeforeEach
    void begin() {
        work = WaitForAsyncUtils.waitForAsyncFx(120_000, Work::new);
    }

    @Test
    void isOffTheThreadOfTheWindowAndAnswersInIt() throws Exception {
        start("Counting", () -> Checked.valid("in window thread: " + Platform.isFxApplicationThread()));
        awaitAnswers(1);
        assertThat(answers).containsExactly(Checked.valid("in window thread: false"));
        assertThat(work.running().get()).isEmpty();
    }

    @Test
    void canBeStoppedAndShowsHowFarItIs() throws Exception {
        CountDownLatch halfWay = new CountDownLatch(1);
        WaitForAsyncUtils.waitForAsyncFx(120_000, () -> work.<String>start("Counting", watch -> {
            while (watch.goesOn(1, 2)) halfWay.countDown();
            return Checked.valid("not stopped");
        }, answers::add));
        assertThat(halfWay.await(2, TimeUnit.MINUTES)).isTrue();
        WaitForAsyncUtils.waitForFxEvents();
        Task<?> task = work.running().get().orElseThrow();
        WaitForAsyncUtils.waitFor(2, TimeUnit.MINUTES,
                () -> WaitForAsyncUtils.waitForAsyncFx(120_000, task::getProgress) == 0.5);
        assertThat(WaitForAsyncUtils.waitForAsyncFx(120_000, task::getTitle)).isEqualTo("Counting");

        start("More", () -> Checked.valid("never"));
        assertThat(answers).containsExactly(Checked.invalid(new WorkFault.Busy()));
        WaitForAsyncUtils.waitForAsyncFx(120_000, () -> task.cancel());
        awaitAnswers(2);
        assertThat(answers.getLast()).isEqualTo(Checked.invalid(new WorkFault.Stopped()));
    }

    @Test
    void aDefectIsAnsweredWithASentence() throws Exception {
        start("Counting", () -> {
            throw new IllegalStateException("a defect, for the test");
        });
        awaitAnswers(1);
        assertThat(answers).containsExactly(
                Checked.invalid(new WorkFault.Failed("Counting")));
    }

    private void start(String title, Supplier<Checked<String>> answer) {
        WaitForAsyncUtils.waitForAsyncFx(120_000, () -> work.start(title, _ -> answer.get(), answers::add));
    }

    private void awaitAnswers(int count) throws Exception {
        WaitForAsyncUtils.waitFor(2, TimeUnit.MINUTES, () -> answers.size() == count);
    }
}
