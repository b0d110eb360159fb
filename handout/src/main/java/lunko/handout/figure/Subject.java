package lunko.handout.figure;

import java.util.List;
import java.util.stream.IntStream;
import lunko.engine.JoinResult;
import lunko.engine.ResultCell;
import lunko.engine.Stage;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.Ink;
import lunko.handout.drawing.Ink.Common;
import lunko.handout.drawing.Lettering;
import lunko.insight.picture.TableHue;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.words.Language;

/** What is drawn, and the language that it is told in. */
public record Subject(Showing showing, Language in) {
    private static final Lettering TITLE = Lettering.STRONG.of(13);
    private static final Lettering ABOUT = Lettering.TEXT.of(11);

    /** The same after another step. */
    public Subject at(long step) {
        return new Subject(showing.at(step), in);
    }

    /** The join at hand; a defect where there is none. */
    JoinResult outcome() {
        return showing.outcome().orElseThrow();
    }

    /** The colour of a column of a stage. */
    TableHue hue(Stage stage, int column) {
        return showing.hues().of(stage, column).orElse(TableHue.JOINED);
    }

    /** What is drawn of the rows of a stage, row by row. */
    List<List<Cell>> cells(Stage stage) {
        return drawn(stage.rows().size()).mapToObj(row -> IntStream.range(0, stage.headings().size())
                .mapToObj(column -> Cell.of(ResultCell.of(stage, row, column), hue(stage, column))).toList()).toList();
    }

    /** Sentences about the join at hand. */
    PhraseFigure phrases() {
        return new PhraseFigure(showing.hue(Side.LEFT), showing.hue(Side.RIGHT));
    }

    /** A heading, and something that is said beside it. */
    Drawing title(String title, String about, Ink ink) {
        return Drawing.row(10, List.of(TextFigure.line(title, TITLE, ink),
                TextFigure.line(about, ABOUT, Common.MUTE).moved(0, 2))).under(Drawing.space(0, 26));
    }

    /** That there are more rows than are drawn; nothing where there are not. */
    Drawing more(long rows, int drawn) {
        return rows <= drawn ? Drawing.EMPTY
                : TextFigure.line(in.handouts().moreRows(rows - drawn), ABOUT, Common.MUTE);
    }

    /** The rows of a stage that are drawn, counted from 0. */
    static IntStream drawn(long rows) {
        return IntStream.range(0, (int) Math.min(rows, Panel.MOST_ROWS));
    }
}
