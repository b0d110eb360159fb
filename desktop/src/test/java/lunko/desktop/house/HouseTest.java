package lunko.desktop.house;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.DatePicker;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Spinner;
import lunko.desktop.action.GuardedField;

/** The floors of the house: each uses only those below it. */
@AnalyzeClasses(packages = "lunko", importOptions = ImportOption.DoNotIncludeTests.class)
class HouseTest {

    @ArchTest
    static final ArchRule FLOORS = layeredArchitecture().consideringOnlyDependenciesInLayers()
            .layer("desktop").definedBy("lunko.desktop..")
            .layer("handout").definedBy("lunko.handout..")
            .layer("page").definedBy("lunko.page..")
            .layer("exchange").definedBy("lunko.exchange..")
            .layer("practice").definedBy("lunko.practice..")
            .layer("shown").definedBy("lunko.show..")
            .layer("lesson").definedBy("lunko.lesson..")
            .layer("insight").definedBy("lunko.insight..")
            .layer("steps").definedBy("lunko.steps..")
            .layer("engine").definedBy("lunko.engine..")
            .layer("query").definedBy("lunko.query..")
            .layer("words").definedBy("lunko.words..")
            .layer("table").definedBy("lunko.table..")
            .layer("phrase").definedBy("lunko.phrase..")
            .layer("problem").definedBy("lunko.problem..")
            .whereLayer("desktop").mayNotBeAccessedByAnyLayer()
            .whereLayer("handout").mayOnlyBeAccessedByLayers("desktop")
            .whereLayer("page").mayOnlyBeAccessedByLayers("desktop", "handout")
            .whereLayer("exchange").mayOnlyBeAccessedByLayers("desktop", "handout", "page")
            .whereLayer("practice").mayOnlyBeAccessedByLayers("desktop", "page", "exchange")
            .whereLayer("shown")
            .mayOnlyBeAccessedByLayers("desktop", "handout", "page", "exchange", "practice")
            .whereLayer("lesson")
            .mayOnlyBeAccessedByLayers("practice", "shown", "desktop", "exchange", "handout", "page")
            .whereLayer("insight")
            .mayOnlyBeAccessedByLayers("lesson", "practice", "shown", "desktop", "exchange", "handout", "page")
            .whereLayer("steps")
            .mayOnlyBeAccessedByLayers("insight", "lesson", "practice", "shown", "desktop", "exchange", "handout",
                    "page")
            .whereLayer("engine")
            .mayOnlyBeAccessedByLayers("steps", "insight", "lesson", "practice", "shown", "desktop", "exchange",
                    "handout", "page")
            .whereLayer("query")
            .mayOnlyBeAccessedByLayers("problem", "words", "engine", "steps", "insight", "lesson", "practice", "shown",
                    "desktop", "exchange", "handout", "page")
            .whereLayer("words")
            .mayOnlyBeAccessedByLayers("steps", "insight", "lesson", "practice", "shown", "desktop", "exchange",
                    "handout", "page")
            .whereLayer("table").mayOnlyBeAccessedByLayers(
                    "problem", "words", "query", "engine", "steps", "insight", "lesson", "practice", "shown",
                    "desktop", "exchange", "handout", "page");

    @ArchTest
    static final ArchRule ROOMS_OF_THE_DESKTOP = layeredArchitecture().consideringOnlyDependenciesInLayers()
            .layer("command").definedBy("lunko.desktop.command..")
            .layer("screen").definedBy("lunko.desktop.screen..")
            .layer("query").definedBy("lunko.desktop.query..")
            .layer("show").definedBy("lunko.desktop.show..")
            .layer("bench").definedBy("lunko.desktop.bench..")
            .layer("grid").definedBy("lunko.desktop.grid..")
            .layer("lesson").definedBy("lunko.desktop.lesson..")
            .whereLayer("screen").mayOnlyBeAccessedByLayers("command")
            .whereLayer("query").mayOnlyBeAccessedByLayers("screen", "command")
            .whereLayer("show").mayOnlyBeAccessedByLayers("query", "screen", "command")
            .whereLayer("bench").mayOnlyBeAccessedByLayers("screen")
            .whereLayer("grid").mayOnlyBeAccessedByLayers("bench", "show", "query", "screen")
            .whereLayer("lesson").mayOnlyBeAccessedByLayers("grid", "bench", "show", "query", "screen", "command");

    @ArchTest
    static final ArchRule LOWEST_FLOORS_STAND_ALONE = noClasses()
            .that().resideInAnyPackage("lunko.table..", "lunko.phrase..")
            .should().dependOnClassesThat().resideInAnyPackage("lunko.problem..", "lunko.query..", "lunko.words..");

    /** What is wrong is said as data: its sentence, as any other, is a language's affair. */
    @ArchTest
    static final ArchRule NOBODY_KNOWS_A_LANGUAGE = noClasses()
            .that().resideOutsideOfPackages("lunko.words.english..", "lunko.desktop.words..", "lunko.bench..",
                    "lunko.page.engine..")
            .should().dependOnClassesThat()
            .resideInAnyPackage("lunko.words.english..", "lunko.desktop.words.english..");

    @ArchTest
    static final ArchRule CORE_IS_JDK_ANTLR_AND_TEXT_ONLY = classes()
            .that().resideOutsideOfPackages("lunko.desktop..", "lunko.exchange..", "lunko.handout..",
                    "lunko.page..")
            .should().onlyDependOnClassesThat()
            .resideInAnyPackage("java..", "lunko..", "org.antlr..", "org.apache.commons.text..");

    /** What a browser's Java lacks, or does otherwise: drawing by chance, comparing arrays, normal forms of texts. */
    @ArchTest
    static final ArchRule CORE_DOES_WITHOUT_WHAT_A_BROWSER_LACKS = noClasses()
            .that().resideOutsideOfPackages("lunko.desktop..", "lunko.exchange..", "lunko.handout..", "lunko.bench..")
            .and().doNotHaveSimpleName("LookAlikes").and().resideOutsideOfPackage("lunko.page.file..")
            .should().dependOnClassesThat().haveFullyQualifiedName("java.util.Random")
            .orShould().dependOnClassesThat().haveFullyQualifiedName("java.text.Normalizer")
            .orShould().dependOnClassesThat().resideInAPackage("java.util.concurrent.atomic")
            .orShould().callMethod(java.util.Arrays.class, "compare", int[].class, int[].class);

    @ArchTest
    static final ArchRule NO_INTERFACE_CODE_BELOW_THE_DESKTOP = noClasses()
            .that().resideOutsideOfPackage("lunko.desktop..")
            .should().dependOnClassesThat().resideInAnyPackage("javafx..", "javax.swing..");

    /** Pictures on paper are drawn by the JDK; whatever else is below the desktop runs in a browser too. */
    @ArchTest
    static final ArchRule ONLY_HANDOUTS_ARE_DRAWN = noClasses()
            .that().resideOutsideOfPackages("lunko.desktop..", "lunko.handout..")
            .should().dependOnClassesThat().resideInAnyPackage("java.awt..");

    /** Otherwise an underscore in the name of a column is not to be seen. */
    @ArchTest
    static final ArchRule TEXTS_OF_BUTTONS_AND_MENUS_ARE_SHOWN_AS_THEY_ARE = noClasses()
            .that().resideInAPackage("lunko.desktop..").and().doNotHaveSimpleName("Controls")
            .should().callConstructorWhere(DescribedPredicate.describe("makes a button or menu item of the toolkit",
                    call -> call.getTargetOwner().getPackageName().equals("javafx.scene.control")
                            && (call.getTargetOwner().isAssignableTo(ButtonBase.class)
                                    || call.getTargetOwner().isAssignableTo(MenuItem.class))
                            && !call.getOriginOwner().isAssignableTo(ButtonBase.class)
                            && !call.getTargetOwner().isAssignableTo(SeparatorMenuItem.class)));

    /** Otherwise what is typed may be no value at all, and nobody would say so. */
    @ArchTest
    static final ArchRule WHAT_IS_TYPED_AS_A_VALUE_IS_GUARDED = noClasses()
            .that().areNotAssignableTo(GuardedField.class)
            .should().callConstructorWhere(DescribedPredicate.describe("makes a field for values of the toolkit",
                    call -> call.getTargetOwner().isEquivalentTo(Spinner.class)
                            || call.getTargetOwner().isEquivalentTo(DatePicker.class)));

    /** Otherwise digits and signs would be those of the machine's country, which no program reads. */
    @ArchTest
    static final ArchRule NUMBERS_ARE_WRITTEN_THE_SAME_EVERYWHERE = noClasses()
            .should().callMethod(String.class, "format", String.class, Object[].class)
            .orShould().callMethod(String.class, "formatted", Object[].class)
            .orShould().callMethod(String.class, "toLowerCase").orShould().callMethod(String.class, "toUpperCase");

    @ArchTest
    static void linesAreShort(JavaClasses classes) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            for (Path file : files.filter(each -> each.toString().matches(".*/src/(main|test)/.*\\.java")).toList()) {
                assertThat(Files.readAllLines(file)).as(file.toString()).allMatch(line -> line.length() <= 120);
            }
        }
    }

    /** Sentences are made by a language alone: elsewhere texts are SQL, names that programs read, or for the log. */
    @ArchTest
    static void noSentenceIsMadeOutsideALanguage(JavaClasses classes) throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            List<String> found = files.filter(Sentences::isToBeFreeOfThem).flatMap(Sentences::in).toList();
            assertThat(found).isEmpty();
        }
    }

    @ArchTest
    static final ArchRule NO_CIRCLES = slices().matching("lunko.(**)").should().beFreeOfCycles();
}
