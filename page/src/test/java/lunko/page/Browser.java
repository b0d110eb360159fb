package lunko.page;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.providers.EmbeddedResourceAxeProvider;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.logging.Level;
import org.junit.jupiter.api.Assumptions;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;

/** Chromium without a window. Where there is none, tests that need it say so and are left out. */
final class Browser implements AutoCloseable {
    private static final Duration SOON = Duration.ofMinutes(2);

    private final ChromeDriver driver;

    private Browser(ChromeDriver driver) {
        this.driver = driver;
    }

    /** Starts it with a window of that size inside, in pixels. */
    static Browser start(int width, int height) {
        Optional<Path> chromium = first("/usr/bin/chromium", "/usr/bin/chromium-browser", "/usr/bin/google-chrome");
        Optional<Path> chromedriver = first("/usr/bin/chromedriver", "/usr/lib/chromium/chromedriver");
        Assumptions.assumeTrue(chromium.isPresent() && chromedriver.isPresent(),
                "There is no browser here: install chromium and chromium-driver.");
        ChromeOptions options = new ChromeOptions();
        options.setBinary(chromium.get().toFile());
        options.addArguments("--headless=new", "--no-sandbox", "--disable-gpu", "--disable-dev-shm-usage");
        LoggingPreferences logging = new LoggingPreferences();
        logging.enable(LogType.BROWSER, Level.ALL);
        options.setCapability("goog:loggingPrefs", logging);
        ChromeDriver driver = new ChromeDriver(new ChromeDriverService.Builder()
                .usingDriverExecutable(chromedriver.get().toFile()).withSilent(true).build(), options);
        driver.manage().timeouts().scriptTimeout(SOON);
        driver.executeCdpCommand("Emulation.setDeviceMetricsOverride", Map.of("width", width, "height", height,
                "deviceScaleFactor", 1, "mobile", width < 500));
        return new Browser(driver);
    }

    private static Optional<Path> first(String... paths) {
        return Arrays.stream(paths).map(Path::of).filter(Files::isExecutable).findFirst();
    }

    ChromeDriver driver() {
        return driver;
    }

    /**
     * What keeps those from the page as it is who do not see it, or use no mouse: each rule, and where it is broken.
     */
    List<?> barriers() throws Exception {
        // The page has no frames: all is asked in it, with no second window, which a busy machine does not always find.
        driver.executeScript(new EmbeddedResourceAxeProvider().getScript());
        return (List<?>) driver.executeAsyncScript("""
                const done = arguments[0];
                axe.run().then(found => done(found.violations.map(rule => rule.id + ' ' + rule.nodes[0].html)),
                        why => done([String(why)]));""");
    }

    /** Opens a file, and waits until the page is ready. */
    void open(Path file) {
        open(file, "");
    }

    /** Opens a file at a place in it. */
    void open(Path file, String place) {
        driver.get("about:blank");
        driver.get(file.toUri() + place);
        await("return 'ready' in document.documentElement.dataset");
    }

    /** Waits until a script says true. */
    void await(String script) {
        long end = System.nanoTime() + SOON.toNanos();
        while (!Boolean.TRUE.equals(driver.executeScript(script))) {
            if (System.nanoTime() > end) throw new AssertionError("never came true: " + script + "\n" + log());
            pause(25);
        }
    }

    /** Waits as long as the page waits for somebody to go on typing. */
    void rest() {
        pause(600);
    }

    private static void pause(long milliseconds) {
        try {
            Thread.sleep(milliseconds);
        } catch (InterruptedException stopped) {
            throw new AssertionError(stopped);
        }
    }

    /** What a script gives. */
    Object run(String script, Object... arguments) {
        return driver.executeScript(script, arguments);
    }

    /** What is called so in the page. */
    WebElement at(String key) {
        return driver.findElement(By.cssSelector("[data-key='" + key + "']"));
    }

    /** Presses what is called so. */
    void press(String key) {
        run("arguments[0].scrollIntoView({block: 'center'})", at(key));
        at(key).click();
    }

    /** Writes what is seen as a PNG. */
    void picture(Path file) throws IOException {
        Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
    }

    /** The text of the first element that a selector finds. */
    String text(String selector) {
        return driver.findElement(By.cssSelector(selector)).getText();
    }

    /** The texts of all elements that a selector finds. */
    List<String> texts(String selector) {
        return driver.findElements(By.cssSelector(selector)).stream().map(WebElement::getText).toList();
    }

    /** What the browser's log says since it was asked last. */
    List<String> log() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream().map(LogEntry::getMessage).toList();
    }

    /** Nothing has gone wrong in the page. */
    void isQuiet() {
        assertThat(log()).isEmpty();
    }

    @Override
    public void close() {
        driver.quit();
    }
}
