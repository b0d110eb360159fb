package lunko.handout;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import lunko.exchange.file.Watch;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.FontRun;
import lunko.handout.drawing.Mark;
import lunko.problem.Checked;

/**
 * A file of a handout, which is still to be made.
 *
 * @param name of the file, where there are several
 * @param preview what it will look like
 */
public record Piece(String name, Supplier<Preview> preview, Maker maker) {

    /** Makes what a file holds; a problem where it has been stopped or there is nothing to make. */
    @FunctionalInterface
    public interface Maker {
        /** Makes it. */
        Checked<Made> make(Watch watch);
    }

    /**
     * What a file holds.
     *
     * @param missing characters that no typeface here has, by their numbers, in whose place these stand
     */
    public record Made(byte[] bytes, Set<String> missing) {

        /** What is made of drawings. */
        static Made of(byte[] bytes, List<Drawing> drawings) {
            return new Made(bytes, FontRun.missing(drawings.stream().flatMap(Made::texts)));
        }

        private static Stream<String> texts(Drawing drawing) {
            return drawing.marks().stream().filter(Mark.Text.class::isInstance).map(mark -> ((Mark.Text) mark).text());
        }
    }
}
