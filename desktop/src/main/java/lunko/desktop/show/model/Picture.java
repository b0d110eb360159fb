package lunko.desktop.show.model;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Function;
import lunko.desktop.words.PictureWords;

/** The pictures of a join, of which one is shown beside the stage. */
public enum Picture {
    /** Circles with the rows in them. */
    VENN(PictureWords::vennDiagram),
    /** Left rows by right rows. */
    PAIRS(PictureWords::pairGrid);

    private final Function<PictureWords, String> title;

    Picture(Function<PictureWords, String> title) {
        this.title = title;
    }

    /** The picture as its button calls it: {@code Pair grid}. */
    public String title() {
        return title.apply(words().pictures());
    }
}
