package lunko.desktop.look;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.TableColumnBase;
import lunko.insight.picture.TableHue;
import lunko.query.Side;

/** The style classes that give things the colour of their table. */
public final class Hues {
    private Hues() {}

    /** The class of what belongs to a table: {@code hue-third}. */
    public static String style(TableHue hue) {
        return "hue-" + hue.name().toLowerCase(Locale.ROOT);
    }

    /** Lets a column of a table view have the colour of a table, or of none. */
    public static void dress(TableColumnBase<?, ?> column, Optional<TableHue> hue) {
        StyleClasses.choose(column, Stream.of(TableHue.values()).map(Hues::style).toList(), style(hue));
    }

    /** The class of what belongs to a table, or to none. */
    public static List<String> style(Optional<TableHue> hue) {
        return hue.map(Hues::style).stream().toList();
    }

    /** Lets what comes from a side have the colour of a table, in a node and all within it: {@code left-third}. */
    public static void dress(Node node, Side side, TableHue hue) {
        StyleClasses.choose(node, Stream.of(TableHue.values()).map(other -> style(side, other)).toList(),
                List.of(style(side, hue)));
    }

    private static String style(Side side, TableHue hue) {
        return side.id() + "-" + hue.name().toLowerCase(Locale.ROOT);
    }
}
