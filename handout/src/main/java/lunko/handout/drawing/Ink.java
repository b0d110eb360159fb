package lunko.handout.drawing;

import lunko.insight.picture.TableHue;

/** What a line or a text is drawn in. Which colour that is, a palette says. */
public sealed interface Ink {

    /** That of what belongs to no table. */
    enum Common implements Ink {
        /** The ground of a picture. */
        PAPER,
        /** The ground of what lies on it. */
        CARD,
        /** What parts things. */
        LINE,
        /** What parts rows. */
        FAINT_LINE,
        /** Text. */
        INK,
        /** Text that says less. */
        MUTE,
        /** What has met. */
        PAIR,
        /** The step at hand. */
        NOW,
        /** Text about the step at hand. */
        NOW_INK,
        /** The border of a NULL that is stored. */
        PILL,
        /** What is there and does not count. */
        IDLE
    }

    /** That of a table, or of what is joined of several. */
    record Own(TableHue hue) implements Ink {}
}
