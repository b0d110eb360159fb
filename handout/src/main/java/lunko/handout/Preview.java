package lunko.handout;

import java.util.List;
import lunko.handout.drawing.Drawing;

/** What a file will look like, before it is made. */
public sealed interface Preview {

    /** It is drawn, on one page or several. */
    record Pages(List<Drawing> pages) implements Preview {

        /** Keeps its pages as they are. */
        public Pages {
            pages = List.copyOf(pages);
        }
    }

    /** It is a text. */
    record Text(String text) implements Preview {}
}
