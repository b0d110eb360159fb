package lunko.handout.drawing;

import lunko.insight.picture.TableHue;

/** What an outline is filled with. In black and white each is told from the others by its pattern. */
public sealed interface Fill {

    /** All of it. */
    record Flat(Ink ink) implements Fill {}

    /** A row of a table that stands for itself. */
    record Body(TableHue hue) implements Fill {}

    /** The ground of what comes from a table. */
    record Wash(TableHue hue) implements Fill {}

    /** A region with rows of a table that count. */
    record Region(TableHue hue) implements Fill {}

    /** The NULLs of an outer join, where a table had nothing to give. */
    record Hatch(TableHue hue) implements Fill {}

    /** The ground of two rows that match. */
    record Met() implements Fill {}

    /** The ground of the step at hand. */
    record Now() implements Fill {}
}
