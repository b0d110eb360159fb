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

    /** What the widths were made for. */
    private record Measured(List<Column> columns, List<Row> rows, List<String> headings, List<String> shorter,
            List<Integer> keys) {}

    private final List<DoubleProperty> widths = new ArrayList<>();
    private List<Need> needs = List.of();
    private Measured measured = new Measured(List.of(), List.of(), List.of(), List.of(), List.of());
    private double available;
    private double bar = SCROLL_BAR;

    /** The width of a column, counted from 0. */
    public ReadOnlyDoubleProperty of(int column) {
        while (widths.size() <= column) widths.add(new SimpleDoubleProperty(NARROWEST));
        return widths.get(column);
    }

    /**
     * Makes the columns as wide as their values and headings ask for; the headings of key columns have a sign, and some
     * lines below the names.
     *
     * @param shorter what stands over a column where there is no room for its whole heading
     */
    public void fit(List<Column> columns, List<Row> rows, List<String> headings, List<String> shorter,
            List<String> below, List<Integer> keys) {
        Measured now =
                new Measured(columns, rows.subList(0, Math.min(ROWS_LOOKED_AT, rows.size())), headings, shorter, keys);
        if (now.equals(measured)) return;
        measured = now;
        needs = IntStream.range(0, columns.size()).mapToObj(i -> {
            double values = now.rows().stream()
                    .mapToDouble(row -> length(row, i, columns.get(i).type())).max().orElse(0);
            double heading = Math.max(heading(headings.get(i)),
                    heading(columns.get(i).name()) + (keys.contains(i) ? KEY_SIGN : 0));
            double second = below.isEmpty() ? 0 : BELOW.width(below.get(i));
            double name = Math.max(heading(shorter.get(i)),
                    heading(columns.get(i).name()) + (keys.contains(i) ? KEY_SIGN : 0));
            return new Need(width(Math.max(values, Math.max(heading, second))), width(Math.max(values, name)));
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

    /** Substitution room for a scroll bar beside the rows, or, where all of them can be seen, none. */
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
