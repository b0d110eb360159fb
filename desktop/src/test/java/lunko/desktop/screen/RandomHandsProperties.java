package lunko.desktop.screen;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.logging.Handler;
import java.util.logging.LogManager;
import java.util.logging.LogRecord;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.SimpleObjectProperty;
import javafx.stage.Stage;
import javafx.util.Duration;
import lunko.desktop.lesson.Recent;
import lunko.desktop.look.Appearance;
import lunko.desktop.look.Look;
import lunko.lesson.Lesson;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;
import org.slf4j.LoggerFactory;
import org.testfx.util.WaitForAsyncUtils;

/** Whatever is done in the window, one thing after another, nothing goes wrong in it and nothing is logged. */
class RandomHandsProperties {
    /** So many things are done in ten windows; of more, each window has its share. */
    private static final int HANDS = Integer.getInteger("lunko.hands", 400) / 10;
    private static final int AT_ONCE = 60;
    private static final int COMPARED = 10;
    private static final List<String> WRONG = new ArrayList<>();
    private static final ListAppender<ILoggingEvent> LOGGED = new ListAppender<>();

    @BeforeContainer
    static void start() {
        try {
            Platform.startup(() -> {});
        } catch (IllegalStateException running) {
            // Another test has started it.
        }
        Platform.setImplicitExit(false);
        window(() -> {
            Look.install();
            Thread.currentThread().setUncaughtExceptionHandler((_, failure) -> WRONG.add(told(failure)));
            return null;
        });
        LOGGED.start();
        ((Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME)).addAppender(LOGGED);
        LogManager.getLogManager().getLogger("").addHandler(new Handler() {
            @Override
            public void publish(LogRecord logged) {
                if (logged.getLevel().intValue() > java.util.logging.Level.INFO.intValue())
                    WRONG.add(logged.getLevel() + " " + logged.getMessage());
            }

            @Override
            public void flush() {}

            @Override
            public void close() {}
        });
    }

    @AfterContainer
    static void stop() {
        ((Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME)).detachAppender(LOGGED);
    }

    @Property(tries = 10, edgeCases = EdgeCasesMode.NONE, seed = "20261128")
    void nothingGoesWrong(@ForAll("hands") List<Hand> hands, @ForAll("lessons") Lesson lesson) {
        for (int i = 0; i < hands.size(); i += AT_ONCE)
            inANewWindow(lesson, hands.subList(i, Math.min(hands.size(), i + AT_ONCE)));
    }

    private static void inANewWindow(Lesson lesson, List<Hand> hands) {
        Habits habits = new Habits(new Recent(Path.of("target", "no-lessons.txt")), new Appearance());
        Stage stage = window(Stage::new);
        Screen screen = window(() -> {
            Screen opened = Screen.of(lesson, () -> stage, habits,
                    _ -> new SimpleObjectProperty<>(Duration.ZERO));
            stage.setScene(opened.view().inScene(1280, 800));
            stage.show();
            WRONG.clear();
            LOGGED.list.clear();
            return opened;
        });
        WaitForAsyncUtils.waitForFxEvents();
        Looks first = window(() -> {
            AtRest.layOut(stage.getScene());
            return Looks.of(stage.getScene().getRoot());
        });
        try {
            for (int i = 0; i < hands.size(); i++) {
                Hand hand = hands.get(i);
                window(() -> {
                    hand.in(stage, screen, habits.appearance());
                    AtRest.pulse(stage.getScene());
                    return null;
                });
                assertThat(WRONG).as("after " + hands.subList(0, i + 1)).isEmpty();
                assertThat(LOGGED.list.stream().filter(event -> event.getLevel().isGreaterOrEqual(Level.WARN)))
                        .as("after " + hands.subList(0, i + 1)).isEmpty();
                if (i % COMPARED == COMPARED - 1) {
                    AtRest rest = new AtRest(stage, screen, habits);
                    rest.come();
                    assertThat(rest.differenceToNew()).as("after " + hands.subList(0, i + 1)).isEmpty();
                    assertThat(window(() -> Looks.cut(stage.getScene().getRoot())))
                            .as("after " + hands.subList(0, i + 1)).isEmpty();
                    assertThat(window(() -> Looks.outside(stage.getScene().getRoot())))
                            .as("outside after " + hands.subList(0, i + 1)).isEmpty();
                    // What the text area's library says of colours while a window comes to be.
                    window(() -> LOGGED.list).clear();
                }
            }
            AtRest rest = new AtRest(stage, screen, habits);
            rest.come();
            assertThat(window(() -> rest.differenceAllUndone(first))).as("all undone after " + hands).isEmpty();
        } finally {
            window(() -> {
                screen.player().pause();
                stage.hide();
                stage.setScene(null);
                return null;
            });
            WaitForAsyncUtils.waitForFxEvents();
            // For each node the toolkit goes through all windows that had the stylesheet, until they are collected.
            System.gc();
        }
    }

    @Provide
    Arbitrary<List<Hand>> hands() {
        return Combinators.combine(Arbitraries.of(Hand.Kind.class), Arbitraries.integers().between(0, 100_000))
                .as(Hand::new).list().ofSize(HANDS);
    }

    @Provide
    Arbitrary<Lesson> lessons() {
        return Beginnings.all();
    }

    /** What something gives that is done in the window's thread. */
    static <T> T window(Callable<T> work) {
        try {
            return WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, WaitForAsyncUtils.asyncFx(work));
        } catch (TimeoutException hangs) {
            throw new AssertionError("The window hangs: " + Thread.getAllStackTraces().entrySet().stream()
                    .filter(entry -> Stream.of(entry.getValue()).anyMatch(
                            at -> at.getClassName().startsWith("lunko") || at.getClassName().startsWith("com.sun")))
                    .map(entry -> entry.getKey() + Arrays.toString(entry.getValue()).replace(", ", "\n\tat "))
                    .collect(Collectors.joining("\n")), hangs);
        }
    }

    private static String told(Throwable failure) {
        StringWriter told = new StringWriter();
        failure.printStackTrace(new PrintWriter(told));
        return told.toString();
    }
}
