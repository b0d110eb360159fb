package lunko.page;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import lunko.exchange.lesson.LessonFile;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.TableEdit;
import lunko.lesson.course.Course;
import lunko.page.file.PageFile;
import lunko.page.session.Handed;
import lunko.practice.Distractors;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.words.english.English;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.Keys;
import org.openqa.selenium.WebElement;

/** What a learner does with a page, in a browser, as large as a laptop's and as a phone's. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PageTest {
    @TempDir
    private Path folder;
    private Browser laptop;
    private Browser phone;

    @BeforeAll
    void start() {
        laptop = Browser.start(1280, 800);
        phone = Browser.start(390, 844);
    }

    @AfterAll
    void stop() {
        if (laptop != null) laptop.close();
        if (phone != null) phone.close();
    }

    @AfterEach
    void nothingWasSaidInTheLog() {
        laptop.isQuiet();
        phone.isQuiet();
    }

    private Path page(String name, Lesson lesson, boolean answers) throws IOException {
        List<Integer> all = IntStream.range(0, lesson.scenes().size()).boxed().toList();
        return Files.write(folder.resolve(name + ".html"),
                PageFile.of(Handed.of(lesson, all, answers), English.language()));
    }

    private static Lesson after(Lesson lesson, Edit... edits) {
        History history = History.of(lesson);
        for (Edit edit : edits) history = history.after(edit).expect();
        return history.lesson();
    }

    private static Lesson asking(Question question) {
        return after(DemoLesson.lesson(), new SceneEdit.Ask(Optional.of(Asked.plainly(question))));
    }

    @Test
    void aPageIsSmallAndStepsThroughAScene() throws IOException {
        Path file = page("steps", DemoLesson.lesson(), true);
        assertThat(Files.size(file)).isLessThan(2 << 20);
        for (Browser browser : List.of(laptop, phone)) {
            browser.open(file);
            browser.press("start");
            assertThat(browser.text("#why")).startsWith("Step 0 of 26").contains("20 comparisons");
            assertThat(browser.texts("[data-result=left] tbody tr")).isEmpty();
            for (int step = 0; step < 12; step++) browser.press("on");
            assertThat(browser.text("#why")).contains("Step 12 of 26").contains("unknown");
            assertThat(browser.texts("[data-result=left] tbody tr")).hasSize(2);
            assertThat(browser.text("#stage h2.head")).contains("2 of 5 rows");
            browser.driver().findElement(By.tagName("body")).sendKeys(Keys.END);
            assertThat(browser.text("#stage h2.head")).contains("3 pairs + 2 kept");
        }
    }

    @Test
    void pointingLightsUpWhatBelongsTogether() throws IOException {
        laptop.open(page("point", DemoLesson.lesson(), true));
        laptop.press("row-left-3");
        assertThat(laptop.text("#why")).contains("Bramble is in the result once: it matches Oda.");
        assertThat(laptop.texts("[data-input='1'] tr.lit")).singleElement().asString().contains("Oda");
        assertThat(laptop.texts("[data-result=left] tr.lit")).singleElement().asString().contains("Bramble");
    }

    @Test
    void aWrongAnswerGetsHintsAndARightOneIsKept() throws IOException {
        Path file = page("ask", asking(new Question.HowMany()), true);
        for (Browser browser : List.of(laptop, phone)) {
            browser.open(file);
            assertThat(browser.text("#picture")).contains("Covered");
            browser.at("answer").sendKeys("3");
            browser.press("check");
            assertThat(browser.text(".verdict")).isEqualTo("Not quite");
            browser.press("hint");
            assertThat(browser.text(".hints")).contains("3 is what an inner join gives.");
            browser.press("hint");
            assertThat(browser.text(".hints")).contains("Count the pairs first");
            browser.at("answer").clear();
            browser.at("answer").sendKeys("5");
            browser.press("check");
            assertThat(browser.text(".verdict")).isEqualTo("Right");
            assertThat(browser.text("#stage h2.head")).contains("3 pairs + 2 kept");
            assertThat(browser.text("#scenes summary"))
                    .contains("1 of 1 questions answered rightly, 1 of them without the answer shown");
            browser.await("return Object.keys(localStorage).length > 0");
            browser.open(file);
            assertThat(browser.text("#scenes summary")).contains("1 of 1 questions");
            browser.run("document.querySelector('#scenes').open = true; navigator.clipboard.writeText = "
                    + "text => { window.copied = text; return Promise.resolve(); }");
            browser.press("results");
            assertThat(browser.run("return window.copied")).asString().contains("1. Scene 1 of 1: Right");
            browser.run("localStorage.clear()");
        }
    }

    @Test
    void aQueryThatIsRightByLuckIsToldSo() throws IOException {
        laptop.open(page("luck", asking(new Question.WriteQuery(Demand.ROWS)), false));
        assertThat(laptop.texts("[data-key=uncover]")).isEmpty();
        WebElement answer = laptop.at("answer");
        answer.sendKeys("SELECT * FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id AND k.keeper_id < 13");
        laptop.press("check");
        assertThat(laptop.text(".verdict")).isEqualTo("Not quite");
        assertThat(laptop.text(".luck")).contains("by luck").contains("keepers");
        laptop.at("answer").clear();
        laptop.at("answer").sendKeys("SELECT * FROM hives LEFT JOIN keepers USING (keeper_id)");
        laptop.press("check");
        laptop.press("hint");
        assertThat(laptop.text(".hints")).contains("The result has the columns");
    }

    @Test
    void resultsAreMatchedWithQueries() throws IOException {
        Lesson lesson = asking(Distractors.of(Showing.of(DemoLesson.lesson(), JoinAlgorithm.NESTED_LOOP)));
        Path file = page("match", lesson, true);
        for (Browser browser : List.of(laptop, phone)) {
            browser.open(file);
            browser.press("match-0-0");
            browser.press("hint");
            assertThat(browser.text(".hints")).contains("Query 1 gives the row").contains("result A does not have it");
            // A result is that of one query alone: left, inner, right and full, by their numbers of rows.
            for (String chosen : List.of("0-1", "1-0", "2-2", "3-3")) browser.press("match-" + chosen);
            browser.press("check");
            assertThat(browser.text("#answer")).isEqualTo("1 – B, 2 – A, 3 – C, 4 – D");
            assertThat(browser.texts(".match .right-guess")).hasSize(4);
            browser.run("localStorage.clear()");
        }
    }

    @Test
    void cellsAndQueriesAreChangedAndPutBack() throws IOException {
        Path file = page("change", DemoLesson.lesson(), true);
        for (Browser browser : List.of(laptop, phone)) {
            browser.open(file);
            browser.press("try");
            WebElement cell = browser.at("cell-hives-2-2");
            cell.sendKeys("14" + Keys.TAB);
            assertThat(browser.text("#stage h2.head")).contains("4 pairs + 1 kept");
            browser.at("written").clear();
            browser.at("written").sendKeys("SELECT * FROM hives h JOIN keeprs k ON h.keeper_id = k.keeper_id");
            browser.rest();
            browser.await("return document.querySelector('#written').closest('section').innerText"
                    + ".includes('no table keeprs')");
            browser.press("fix-0-0");
            assertThat(browser.text("#stage h2.head")).contains("4 rows");
            browser.await("return Object.keys(localStorage).length > 0");
            browser.open(file);
            assertThat(browser.text("#stage h2.head")).contains("4 rows");
            browser.press("putBack");
            assertThat(browser.text("#stage h2.head")).contains("3 pairs + 2 kept");
            browser.run("localStorage.clear()");
        }
    }

    @Test
    void whatWasMadeIsSavedAsALesson() throws IOException {
        laptop.open(page("save", DemoLesson.lesson(), true));
        laptop.driver().executeCdpCommand("Browser.setDownloadBehavior",
                Map.of("behavior", "allow", "downloadPath", folder.toString()));
        laptop.press("try");
        laptop.at("cell-hives-0-1").sendKeys(" field" + Keys.TAB);
        laptop.press("save");
        Path saved = folder.resolve("Hives and keepers.lunko");
        for (int wait = 0; wait < 200 && !Files.exists(saved); wait++) laptop.await("return true");
        Lesson read = LessonFile.read(saved).expect();
        assertThat(read.table("hives").rows().getFirst().value(1).shown()).isEqualTo("Clover field");
        assertThat(read.scene().own()).isPresent();
        laptop.run("localStorage.clear()");
    }

    @Test
    void whatALessonSaysIsTextWhateverItLooksLike() throws IOException {
        String evil = "</script><script>window.hurt = 1</script><img src=x onerror='window.hurt = 2'>\"'&amp;";
        Lesson lesson = after(DemoLesson.lesson(), new SceneEdit.Retitle(evil), new SceneEdit.Entitle(evil),
                new SceneEdit.HandNote("[go](javascript:window.hurt=3) " + evil),
                new TableEdit.Rename("hives", "<b>" + "hives" + "</b>"));
        laptop.open(page("evil", lesson, true));
        laptop.press("tab-pairs");
        laptop.press("tab-stages");
        assertThat(laptop.run("return window.hurt === undefined && !document.querySelector('img, b, a[href]')"))
                .isEqualTo(true);
        assertThat(laptop.text("h1")).isEqualTo(evil);
        // Nothing may be asked of anybody.
        assertThat(laptop.run("return document.querySelector('meta[http-equiv]').content"))
                .asString().startsWith("default-src 'none';").doesNotContain("unsafe").doesNotContain("http");
    }

    @Test
    void whoCannotSeeOrUseAMouseIsToldEverything() throws Exception {
        Path file = page("course", Course.HIVES_AND_KEEPERS.lesson(), true);
        for (Browser browser : List.of(laptop, phone)) {
            browser.open(file);
            for (int scene : List.of(0, 2, 10, 15)) {
                browser.run("document.querySelector('#scenes').open = true");
                browser.press("scene-" + scene);
                for (String picture : List.of("tab-venn", "tab-pairs", "tab-kinds", "tab-stages")) {
                    browser.press(picture);
                    assertThat(browser.barriers()).as(scene + " " + picture).isEmpty();
                }
                browser.press("uncover");
            }
            browser.run("localStorage.clear()");
        }
    }

    @Test
    void printingGivesTheSceneAtHand() throws IOException {
        laptop.open(page("print", DemoLesson.lesson(), true));
        Map<String, Object> printed = laptop.driver().executeCdpCommand("Page.printToPDF", Map.of());
        byte[] pdf = Base64.getDecoder().decode((String) printed.get("data"));
        assertThat(pdf).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        assertThat(pdf.length).isGreaterThan(10_000);
    }

    /** The pictures in the docs (docs/screenshots/make.sh). */
    @Test
    @EnabledIfSystemProperty(named = "lunko.pictures", matches = ".+")
    void picturesForTheDocs() throws IOException {
        Path into = Path.of(System.getProperty("lunko.pictures"));
        Path file = page("pictures", Course.HIVES_AND_KEEPERS.lesson(), true);
        laptop.open(file, "#3-12");
        laptop.press("tick-left-2");
        laptop.run("scrollTo(0, 0)");
        laptop.picture(into.resolve("page.png"));
        phone.open(file, "#3-12");
        phone.picture(into.resolve("page-phone.png"));
        for (Browser browser : List.of(laptop, phone)) browser.run("localStorage.clear()");
    }
}
