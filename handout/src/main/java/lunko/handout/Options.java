package lunko.handout;

import java.util.Set;
import lunko.handout.figure.Motif;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;
import lunko.handout.sheet.Variant;
import lunko.insight.question.Gap;
import lunko.query.change.SqlDialect;

/**
 * How something is handed out.
 *
 * @param motif what pictures are of
 * @param gaps what is missing in the queries of worksheets
 * @param variants how many worksheets with other rows there are, from 1 to 26
 * @param width how wide a moving picture is, in pixels, from 200 to 4000
 * @param scale how many pixels a picture has for each point, more than 0 and no more than 10
 * @param seconds for which each step of a moving picture is seen, from 0.1 to 60
 * @param moves which steps it has
 * @param answers whether learners may have the answers shown on a page
 * @param target which database scripts are for
 */
public record Options(Motif motif, Paper paper, Palette palette, Set<Gap> gaps, int variants, int width, double scale,
        double seconds, Moves moves, boolean answers, SqlDialect target) {

    /** Keeps within what can be made. */
    public Options {
        gaps = Set.copyOf(gaps);
        variants = Math.clamp(variants, 1, Variant.MOST);
        width = Math.clamp(width, 200, 4000);
        scale = Math.clamp(scale, 0.1, 10);
        seconds = Math.clamp(seconds, 0.1, 60);
    }

    /** As a person would first want it, in a palette. */
    public static Options in(Palette palette) {
        return new Options(Motif.SCENE, Paper.A4, palette, Set.of(), 1, 800, 2, 1, Moves.EVERY, true,
                SqlDialect.STANDARD);
    }

    /** The same, and whether learners may have answers shown. */
    public Options withAnswers(boolean shown) {
        return new Options(motif, paper, palette, gaps, variants, width, scale, seconds, moves, shown, target);
    }
}
