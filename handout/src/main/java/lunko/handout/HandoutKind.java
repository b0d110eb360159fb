package lunko.handout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.handout.figure.SceneFigure;
import lunko.handout.figure.Subject;
import lunko.handout.file.PngFile;
import lunko.handout.motion.Film;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.AnswerSheet;
import lunko.handout.sheet.SummarySheet;
import lunko.handout.sheet.Variant;
import lunko.handout.sheet.Worksheet;
import lunko.handout.text.LessonMarkdown;
import lunko.handout.text.LessonNotebook;
import lunko.handout.text.LessonScript;
import lunko.page.file.PageFile;
import lunko.problem.Checked;
import lunko.words.HandoutSentences;

/** What can be handed out. */
public enum HandoutKind {
    /** Tasks to be filled in. */
    WORKSHEET(".pdf", Palette.PRINT, HandoutSentences::worksheets) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.variants(this, variant -> new Worksheet(of.options().paper(), variant, of.options().gaps())
                    .of(of.subjects(variant)));
        }
    },
    /** What worksheets should have come to. */
    ANSWERS(".pdf", Palette.PRINT, HandoutSentences::answerSheets) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.variants(this,
                    variant -> new AnswerSheet(of.options().paper(), variant).of(of.subjects(variant)));
        }
    },
    /** Every kind of join on one page. */
    SUMMARY(".pdf", Palette.PRINT, HandoutSentences::summarySheet) {
        @Override
        List<Piece> pieces(Handout of) {
            return List.of(of.pages(this + ending(),
                    () -> new SummarySheet(of.options().paper()).of(of.lessons().getFirst(), of.in())));
        }
    },
    /** Pictures of scenes, a page for each. */
    PDF(".pdf", Palette.LIGHT, HandoutSentences::pagesOfPictures) {
        @Override
        List<Piece> pieces(Handout of) {
            return List.of(of.pages(this + ending(), () -> of.subjects(new Variant(0)).stream()
                    .flatMap(subject -> of.options().motif().of(subject).stream()).toList()));
        }
    },
    /** Pictures of scenes that can be made larger without loss. */
    SVG(".svg", Palette.LIGHT, HandoutSentences::drawings) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.pictures(ending(), of::svg);
        }
    },
    /** Pictures of scenes. */
    PNG(".png", Palette.LIGHT, HandoutSentences::pictures) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.pictures(ending(), of::png);
        }
    },
    /** A picture of each step of a scene. */
    STEPS(".png", Palette.LIGHT, HandoutSentences::picturesOfSteps) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.steps(ending(), of::png);
        }
    },
    /** The same, in pictures that can be made larger without loss. */
    STEPS_SVG(".svg", Palette.LIGHT, HandoutSentences::drawingsOfSteps) {
        @Override
        List<Piece> pieces(Handout of) {
            return of.steps(ending(), of::svg);
        }
    },
    /** The steps of a scene, moving. */
    GIF(".gif", Palette.LIGHT, HandoutSentences::movingPictures) {
        @Override
        List<Piece> pieces(Handout of) {
            List<Subject> subjects = of.subjects(new Variant(0));
            return IntStream.range(0, subjects.size())
                    .mapToObj(scene -> of.film(Handout.numbered("scene", scene) + ending(), subjects.get(scene)))
                    .toList();
        }
    },
    /** A text with its pictures beside it. */
    MARKDOWN(".md", Palette.LIGHT, HandoutSentences::markdown) {
        @Override
        List<Piece> pieces(Handout of) {
            List<Piece> pieces = new ArrayList<>(of.pictures(Handout.PICTURE, of::png));
            pieces.addFirst(Handout.text("lesson" + ending(), () -> LessonMarkdown.of(of.showings(),
                    scene -> Handout.numbered("scene", scene) + Handout.PICTURE, of.in())));
            return pieces;
        }
    },
    /** A Jupyter notebook. */
    NOTEBOOK(".ipynb", Palette.LIGHT, HandoutSentences::notebook) {
        @Override
        List<Piece> pieces(Handout of) {
            List<Subject> subjects = of.subjects(new Variant(0));
            return List.of(new Piece("lesson" + ending(),
                    () -> new Preview.Pages(subjects.stream().map(SceneFigure::of).toList()),
                    _ -> Checked.valid(new Piece.Made(LessonNotebook.of(of.showings(),
                            scene -> PngFile.of(SceneFigure.of(subjects.get(scene)), of.options().palette(), 1.5),
                            of.in()), Set.of()))));
        }
    },
    /** A page for a browser, to step through and practise with. */
    PAGE(PageFile.ENDING, Palette.LIGHT, HandoutSentences::learnersPage) {
        @Override
        List<Piece> pieces(Handout of) {
            List<Subject> subjects = of.subjects(new Variant(0));
            return List.of(new Piece("lesson" + ending(),
                    () -> new Preview.Pages(subjects.stream().map(SceneFigure::of).toList()),
                    _ -> Checked.valid(new Piece.Made(PageFile.of(of.handed(), of.in()), Set.of()))));
        }
    },
    /** A script for a database. */
    SCRIPT(".sql", Palette.LIGHT, HandoutSentences::script) {
        @Override
        List<Piece> pieces(Handout of) {
            return List.of(Handout.text("lesson" + ending(),
                    () -> LessonScript.of(of.lessons(), of.options().target(), of.in())));
        }
    };

    private final String ending;
    private final Palette usual;
    private final Function<HandoutSentences, String> said;

    HandoutKind(String ending, Palette usual, Function<HandoutSentences, String> said) {
        this.ending = ending;
        this.usual = usual;
        this.said = said;
    }

    /** The files of a handout of this kind, in order. */
    abstract List<Piece> pieces(Handout of);

    /** Whether a handout of this kind is one file, which is known without drawing anything. */
    boolean isOneFile(Handout of) {
        return switch (this) {
            case WORKSHEET, ANSWERS -> of.options().variants() == 1;
            case SUMMARY, PDF, NOTEBOOK, PAGE, SCRIPT -> true;
            case SVG, PNG, GIF -> of.lessons().size() == 1;
            case STEPS, STEPS_SVG, MARKDOWN -> false;
        };
    }

    /** With what the name of its file ends: {@code .pdf}. */
    public String ending() {
        return ending;
    }

    /** The palette that it is in where nobody wants another. */
    public Palette usual() {
        return usual;
    }

    /** What it is called where it is chosen. */
    public String said(HandoutSentences in) {
        return said.apply(in);
    }

    /** Its name on the command line: {@code worksheet}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
