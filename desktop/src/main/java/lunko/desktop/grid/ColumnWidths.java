package lunko.desktop.grid;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.text.FontWeight;
import lunko.desktop.look.Typeface;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Type;

/**
 * The widths of the columns of one side, which its source table and its part of the result share, so that a column of
 * the result falls under the column that it comes from.
 */
public final class ColumnWidths {
    /** How wide the column with the row numbers is, in pixels. */
    public static final double NUMBER_COLUMN = 34;
    private static final double PADDING = 18;
    private static final double KEY_SIGN = 18;
    private static final double NARROWEST = 54;
    private static final double WIDEST = 240;
    private static final double SCROLL_BAR = 14;
    private static final double NO_BAR = 8;
    private static final int ROWS_LOOKED_AT = 100;
    private static final Typeface HEADING = Typeface.text(FontWeight.BOLD, 12.5);
    private static final Typeface BELOW = Typeface.text(FontWeight.NORMAL, 12);
    private static final Typeface TEXT = Typeface.text(FontWeight.NORMAL, 13.5);
    private static final Typeface CODE = Typeface.code(FontWeight.NORMAL, 13.5);

    /**
     * The width at which everything in a column can be read, and the one at which its values and its name alone can.
     */
    private record Need(double whole, double values) {}

    /**
     * A column and what stands over it.
     *
     * @param whole what stands there where there is room for it
     * @param shorter what stands there where there is not
     * @param below the line below, the empty text if there is none
     * @param key whether a sign tells that it is a key
     */
    public record Heading(Column column, String whole, String shorter, String below, boolean key) {

        /** A column with nothing but its name over it. */
        public static Heading named(Column column, boolean key) {
            return new Heading(column, column.name(), column.name(), "", key);
        }

        private double name() {
            return heading(column.name()) + (key ? KEY_SIGN : 0);
        }

        private Need need(double values) {
            double wide = Math.max(Math.max(values, BELOW.width(below)), Math.max(heading(whole), name()));
            return new Need(width(wide), width(Math.max(values, Math.max(heading(shorter), name()))));
        }
    }

    /** What the widths were made for. */
    private record Measured(List<Heading> headings, List<Row> rows) {}

    private final List<DoubleProperty> widths = new ArrayList<>();
    private List<Need> needs = List.of();
    private Measured measured = new Measured(List.of(), List.of());
    private double available;
    private double bar = SCROLL_BAR;

    /** The width of a column, counted from 0. */
    public ReadOnlyDoubleProperty of(int column) {
        while (widths.size() <= column) widths.add(new SimpleDoubleProperty(NARROWEST));
        return widths.get(column);
    }

    /** Makes the columns as wide as their values and headings ask for. */
    public void fit(List<Heading> headings, List<Row> rows) {
        Measured now = new Measured(headings, rows.subList(0, Math.min(ROWS_LOOKED_AT, rows.size())));
        if (now.equals(measured)) return;
        measured = now;
        needs = IntStream.range(0, headings.size()).mapToObj(i -> {
            Type type = headings.get(i).column().type();
            return headings.get(i).need(now.rows().stream().mapToDouble(row -> length(row, i, type)).max().orElse(0));
        }).toList();
        share();
    }

    /** The width at which nothing is cut. */
    public double wanted() {
        return NUMBER_COLUMN + bar + needs.stream().mapToDouble(Need::whole).sum();
    }

    /** The width at which values and names are not cut. */
    public double least() {
        return NUMBER_COLUMN + bar + needs.stream().mapToDouble(Need::values).sum();
    }

    /** Leaves room for a scroll bar beside the rows, or, where all of them can be seen, none. */
    public void scrolling(boolean down) {
        double now = down ? SCROLL_BAR : NO_BAR;
        if (now == bar) return;
        bar = now;
        share();
    }

    /** Spreads the columns over a width, or lets them be wider if they need more. */
    public void spreadOver(double width) {
        available = width;
        share();
    }

    private void share() {
        double room = available - NUMBER_COLUMN - bar;
        double whole = needs.stream().mapToDouble(Need::whole).sum();
        double values = needs.stream().mapToDouble(Need::values).sum();
        double more = Math.max(0, room - whole) / Math.max(1, needs.size());
        // Between the two needs, headings are said in short; with less room than that, the table scrolls.
        double part = room >= whole ? 1 : room >= values ? (room - values) / (whole - values) : 1;
        for (int i = 0; i < needs.size(); i++) {
            Need need = needs.get(i);
            of(i);
            widths.get(i).set(Math.floor(need.values + part * (need.whole - need.values) + more));
        }
    }

    /** How wide a heading is, in pixels. */
    public static double heading(String text) {
        return HEADING.width(text);
    }

    private static double width(double content) {
        return Math.clamp(content + PADDING, NARROWEST, WIDEST);
    }

    private static double length(Row row, int column, Type type) {
        String shown = row.entry(column).shown();
        String start = shown.substring(0, Math.min(shown.length(), 60));
        double text = (type == Type.TEXT ? TEXT : CODE).width(start);
        return row.value(column).isNull() ? text + 10 : text;
    }
}
