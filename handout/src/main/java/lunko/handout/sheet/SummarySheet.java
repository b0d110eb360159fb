package lunko.handout.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.handout.figure.KindTile;
import lunko.handout.figure.Subject;
import lunko.handout.figure.TablesFigure;
import lunko.handout.figure.TextFigure;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.words.Language;

/** Every kind of join on the two tables at hand, on one page. */
public record SummarySheet(Paper paper) {
    private static final double BETWEEN = 24;
    private static final double WIDEST = 1.7;

    /** Its page for the tables of the scene that is shown; none, where these cannot be joined. */
    public List<Drawing> of(Lesson lesson, Language in) {
        List<Subject> kinds = Stream.of(JoinKind.values()).flatMap(kind -> showing(lesson, kind).stream())
                .map(showing -> new Subject(showing, in)).toList();
        if (kinds.isEmpty()) return List.of();
        Pages pages = new Pages(paper);
        Drawing page = page(lesson, kinds, paper.within());
        // The smaller it has to be, the wider it may be.
        for (double wider = 1.05; wider < WIDEST && page.height() / page.width() > pages.left() / paper.within();
                wider += 0.05) {
            page = page(lesson, kinds, paper.within() * wider);
        }
        pages.add(0, page);
        return pages.all(in.handouts().foot(lesson.title()), in);
    }

    private static Drawing page(Lesson lesson, List<Subject> kinds, double width) {
        Language in = kinds.getFirst().in();
        double half = (width - BETWEEN) / 2;
        List<Drawing> lines = new ArrayList<>();
        lines.add(TextFigure.of(in.handouts().everyKind(lesson.title()), Lettering.STRONG.of(18), Common.INK, width));
        lines.add(tables(lesson, kinds.getFirst()).within(width));
        List<Drawing> tiles = kinds.stream().map(kind -> KindTile.of(kind, half)).toList();
        for (int i = 0; i < tiles.size(); i += 2)
            lines.add(Drawing.row(0, List.of(tiles.get(i).sized(half + BETWEEN, tiles.get(i).height()),
                    i + 1 < tiles.size() ? tiles.get(i + 1) : Drawing.EMPTY)));
        Drawing all = Drawing.column(16, lines);
        return all.sized(width, all.height());
    }

    private static Drawing tables(Lesson lesson, Subject subject) {
        return Drawing.row(40, List.of(TablesFigure.of(subject, lesson.staged().table(Side.LEFT)),
                TablesFigure.of(subject, lesson.staged().table(Side.RIGHT)))).scaled(0.78);
    }

    /** The two tables at hand, joined by a kind; nothing, where that cannot run. */
    private static Optional<Showing> showing(Lesson lesson, JoinKind kind) {
        Checked<Lesson> chosen = new SceneEdit.Write(Optional.empty()).applyTo(lesson)
                .then(drawn -> new SceneEdit.ChooseKind(kind).applyTo(drawn));
        return chosen.<Optional<Showing>>either(of -> Optional.of(Showing.of(of, JoinAlgorithm.NESTED_LOOP)),
                _ -> Optional.empty()).filter(showing -> showing.outcome().isPresent());
    }
}
