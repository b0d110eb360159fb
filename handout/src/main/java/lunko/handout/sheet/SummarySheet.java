package lunko.handout.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
    private static final double BETWEEN = 20;

    /** Its page for the tables of the scene that is shown; none, where these cannot be joined. */
    public List<Drawing> of(Lesson lesson, Language in) {
        double width = (paper.within() - BETWEEN) / 2;
        List<Drawing> tiles = new ArrayList<>();
        for (JoinKind kind : JoinKind.values())
            showing(lesson, kind).ifPresent(showing -> tiles.add(KindTile.of(new Subject(showing, in), width)));
        if (tiles.isEmpty()) return List.of();
        List<Drawing> lines = new ArrayList<>();
        lines.add(TextFigure.of(in.handouts().everyKind(lesson.title()), Lettering.STRONG.of(16), Common.INK,
                paper.within()));
        lines.add(tables(lesson, in).within(paper.within()));
        for (int i = 0; i < tiles.size(); i += 2)
            lines.add(Drawing.row(0, List.of(tiles.get(i).sized(width + BETWEEN, tiles.get(i).height()),
                    i + 1 < tiles.size() ? tiles.get(i + 1) : Drawing.EMPTY)));
        Pages pages = new Pages(paper);
        pages.add(0, Drawing.column(14, lines));
        return pages.all(in.handouts().foot(lesson.title()), in);
    }

    private static Drawing tables(Lesson lesson, Language in) {
        Showing inner = showing(lesson, JoinKind.INNER).orElseThrow();
        Subject subject = new Subject(inner, in);
        return Drawing.row(40, List.of(TablesFigure.of(subject, lesson.staged().table(Side.LEFT)),
                TablesFigure.of(subject, lesson.staged().table(Side.RIGHT)))).scaled(0.72);
    }

    /** The two tables at hand, joined by a kind; nothing, where that cannot run. */
    private static Optional<Showing> showing(Lesson lesson, JoinKind kind) {
        Checked<Lesson> chosen = new SceneEdit.Write(Optional.empty()).applyTo(lesson)
                .then(drawn -> new SceneEdit.ChooseKind(kind).applyTo(drawn));
        return chosen.<Optional<Showing>>either(of -> Optional.of(Showing.of(of, JoinAlgorithm.NESTED_LOOP)),
                _ -> Optional.empty()).filter(showing -> showing.outcome().isPresent());
    }
}
