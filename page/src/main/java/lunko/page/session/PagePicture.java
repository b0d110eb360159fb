package lunko.page.session;

import java.util.Locale;
import java.util.function.Function;
import lunko.words.PageSentences;

/** What may stand below the rows of a page. */
public enum PagePicture {
    /** Circles with the rows in them. */
    VENN(PageSentences::circles),
    /** Left rows by right rows. */
    PAIRS(PageSentences::pairs),
    /** Every kind at once. */
    KINDS(PageSentences::kinds),
    /** The stages of the query. */
    STAGES(PageSentences::stages);

    private final Function<PageSentences, String> said;

    PagePicture(Function<PageSentences, String> said) {
        this.said = said;
    }

    /** What it is called. */
    public String said(PageSentences in) {
        return said.apply(in);
    }

    /** Its name for the view: {@code venn}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT);
    }
}
