package lunko.handout;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import lunko.handout.drawing.Drawing;
import lunko.handout.figure.SceneFigure;
import lunko.handout.figure.Subject;
import lunko.handout.file.PdfFile;
import lunko.handout.file.PngFile;
import lunko.handout.file.SvgFile;
import lunko.handout.motion.Film;
import lunko.handout.sheet.Variant;
import lunko.lesson.Lesson;
import lunko.page.session.Handed;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.show.Showing;
import lunko.words.Language;

/**
 * Something to be handed out of some scenes of a lesson.
 *
 * @param lessons the lesson, each time showing one of the scenes
 */
public record Handout(HandoutKind kind, List<Lesson> lessons, Options options, Language in) {
    static final String PICTURE = ".png";

    /** Keeps its scenes as they are. */
    public Handout {
        lessons = List.copyOf(lessons);
    }

    /** A handout of some scenes of a lesson, counted from 0. */
    public static Handout of(HandoutKind kind, Lesson lesson, List<Integer> scenes, Options options, Language in) {
        return new Handout(kind, scenes.stream().map(lesson::at).toList(), options, in);
    }

    /** Whether it is one file, and not a folder with several. */
    public boolean isOneFile() {
        return kind.isOneFile(this);
    }

    /** Its files, in order, none of which is made yet. What is on them may be drawn for that. */
    public List<Piece> pieces() {
        return lessons.isEmpty() ? List.of() : kind.pieces(this);
    }

    /** The scenes that cannot be shown, by their numbers among those handed out, counted from 0. */
    public List<Integer> obstructed() {
        List<Showing> all = showings();
        return IntStream.range(0, all.size()).filter(scene -> all.get(scene).timeline().isEmpty()).boxed().toList();
    }

    List<Showing> showings() {
        return lessons.stream().map(Handout::showing).toList();
    }

    /** All steps of a scene done, matched in its way. */
    private static Showing showing(Lesson lesson) {
        return Showing.of(lesson, lesson.scene().start().way());
    }

    List<Subject> subjects(Variant variant) {
        return lessons.stream().map(lesson -> new Subject(showing(variant.of(lesson)), in)).toList();
    }

    /** The scenes as learners are handed them on a page. */
    Handed handed() {
        Lesson whole = lessons.getFirst();
        return Handed.of(whole, lessons.stream().map(lesson -> lesson.scenes().at()).toList(), options.answers());
    }

    Film film() {
        return new Film(options.palette(), options.width(), options.seconds(), options.moves());
    }

    byte[] png(Drawing drawing, String title) {
        return PngFile.of(drawing, options.palette(), options.scale());
    }

    byte[] svg(Drawing drawing, String title) {
        return SvgFile.of(drawing, options.palette(), title);
    }

    /** {@code scene-01}, for the first. */
    static String numbered(String what, int number) {
        return what + (number < 9 ? "-0" : "-") + (number + 1);
    }

    static Piece text(String name, Supplier<String> text) {
        return new Piece(name, () -> new Preview.Text(text.get()), _ -> Checked
                .valid(new Piece.Made(text.get().getBytes(StandardCharsets.UTF_8), Set.of())));
    }

    /** A file of pages; a problem where there are none. */
    Piece pages(String name, Supplier<List<Drawing>> pages) {
        return new Piece(name, () -> new Preview.Pages(pages.get()), _ -> {
            List<Drawing> drawn = pages.get();
            return drawn.isEmpty() ? Checked.invalid(Problem.of(new WorkFault.NothingToHandOut()))
                    : Checked.valid(
                            Piece.Made.of(PdfFile.of(drawn, options.palette(), lessons.getFirst().title()), drawn));
        });
    }

    /** A file for each variant. */
    List<Piece> variants(HandoutKind of, Function<Variant, List<Drawing>> pages) {
        return IntStream.range(0, options.variants()).mapToObj(Variant::new)
                .map(variant -> pages(of + (options.variants() == 1 ? "" : "-" + variant.letter()) + of.ending(),
                        () -> pages.apply(variant)))
                .toList();
    }

    /** A file with the picture of each scene that has such, made of a drawing and its title. */
    List<Piece> pictures(String ending, BiFunction<Drawing, String, byte[]> format) {
        List<Subject> subjects = subjects(new Variant(0));
        return IntStream.range(0, subjects.size()).boxed()
                .flatMap(scene -> options.motif().of(subjects.get(scene)).map(drawing -> drawn(
                        numbered("scene", scene) + ending, drawing,
                        shown -> format.apply(shown, lessons.get(scene).title()))).stream())
                .toList();
    }

    /** A file with the picture of each step of each scene, made of a drawing and the title of the lesson. */
    List<Piece> steps(String ending, BiFunction<Drawing, String, byte[]> format) {
        List<Piece> pieces = new ArrayList<>();
        List<Subject> subjects = subjects(new Variant(0));
        for (int scene = 0; scene < subjects.size(); scene++) {
            List<Drawing> steps = film().steps(subjects.get(scene));
            for (int step = 0; step < steps.size(); step++)
                pieces.add(drawn(numbered("scene", scene) + numbered("-step", step) + ending, steps.get(step),
                        shown -> format.apply(shown, lessons.getFirst().title())));
        }
        return pieces;
    }

    static Piece drawn(String name, Drawing drawing, Function<Drawing, byte[]> format) {
        return new Piece(name, () -> new Preview.Pages(List.of(drawing)),
                _ -> Checked.valid(Piece.Made.of(format.apply(drawing), List.of(drawing))));
    }

    /** A file with the steps of a scene. */
    Piece film(String name, Subject subject) {
        return new Piece(name, () -> new Preview.Pages(film().steps(subject)), watch -> film().gif(subject, watch)
                .map(bytes -> Piece.Made.of(bytes, List.of(SceneFigure.of(subject)))));
    }
}
