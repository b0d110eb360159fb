package lunko.desktop.look;

import static lunko.desktop.words.Spoken.words;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Orientation;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import lunko.insight.picture.KindCount;
import lunko.query.JoinKind;

/**
 * How many rows each kind of join gives on the tables at hand, and how the numbers come about; a click chooses the
 * kind.
 */
public final class KindTiles extends Pane {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final String UNKNOWN = "–";
    /** The shares of the two columns: the sums of outer joins are longer. */
    private static final double[] SHARES = {0.53, 0.47};
    private static final int LINES = (JoinKind.values().length + 1) / SHARES.length;
    private static final double BETWEEN_COLUMNS = 5;
    private static final double BETWEEN_LINES = 3;
    /** The padding and border of a tile, in pixels. */
    private static final double AROUND = 18;
    private static final double GAP = 7;
    /** So much closer two lines are than labels of their heights. */
    private static final double CLOSER = 4;

    private final Map<JoinKind, Tile> tiles = new EnumMap<>(JoinKind.class);

    /** Tiles for all kinds; nothing is known yet. */
    public KindTiles(Consumer<JoinKind> choose) {
        getStyleClass().add("count-tiles");
        for (JoinKind kind : JoinKind.values()) tiles.put(kind, new Tile(kind, choose));
        getChildren().addAll(tiles.values());
    }

    /** The narrower they are, the more lines they have. */
    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefWidth(double height) {
        return BETWEEN_COLUMNS + tiles.entrySet().stream()
                .mapToDouble(tile -> tile.getValue().prefWidth(-1) / SHARES[column(tile.getKey())]).max().orElse(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        double wide = width < 0 ? prefWidth(-1) : width;
        return BETWEEN_LINES * (LINES - 1) + IntStream.range(0, LINES).mapToDouble(line -> height(line, wide)).sum();
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        double[] top = new double[LINES];
        for (int line = 1; line < LINES; line++)
            top[line] = top[line - 1] + height(line - 1, getWidth()) + BETWEEN_LINES;
        tiles.forEach((kind, tile) -> {
            int column = column(kind);
            int line = kind.ordinal() % LINES;
            tile.resizeRelocate(column == 0 ? 0 : getWidth() - width(column, getWidth()), top[line],
                    width(column, getWidth()), height(line, getWidth()));
        });
    }

    private static int column(JoinKind kind) {
        return kind.ordinal() / LINES;
    }

    /** How wide a column is where all of them are so wide. */
    private static double width(int column, double all) {
        return Math.floor((all - BETWEEN_COLUMNS) * SHARES[column]);
    }

    /** How high a line is where all are so wide. */
    private double height(int line, double all) {
        return tiles.entrySet().stream().filter(tile -> tile.getKey().ordinal() % LINES == line)
                .mapToDouble(tile -> tile.getValue().prefHeight(width(column(tile.getKey()), all))).max().orElse(0);
    }

    /** Shows counts, of which some may be missing, and the kind that is chosen, if one is. */
    public void show(List<KindCount> counts, Optional<JoinKind> chosen) {
        tiles.forEach((kind, tile) -> tile.show(counts.stream().filter(count -> count.kind() == kind).findFirst(),
                chosen.filter(kind::equals).isPresent()));
    }

    /** What stands in the first line of a tile; the rest has its place below. */
    private enum Fit {
        ALL, NAME_AND_ROWS, NAME
    }

    private static final class Tile extends Button {
        private final JoinKind kind;
        private final Label rows = new Label(UNKNOWN);
        private final Label figures = new Label();
        private final Line line;

        Tile(JoinKind kind, Consumer<JoinKind> choose) {
            this.kind = kind;
            getStyleClass().add("count-tile");
            Label name = new Label(words().names().kind(kind));
            name.getStyleClass().add("tile-name");
            rows.getStyleClass().add("tile-rows");
            rows.setMinWidth(Region.USE_PREF_SIZE);
            figures.getStyleClass().add("tile-figures");
            figures.setMinWidth(Region.USE_PREF_SIZE);
            line = new Line(name);
            setGraphic(line);
            widthProperty().subscribe(line::requestLayout);
            setMaxWidth(Double.MAX_VALUE);
            setOnAction(_ -> choose.accept(kind));
        }

        @Override
        public Orientation getContentBias() {
            return Orientation.HORIZONTAL;
        }

        @Override
        protected double computePrefWidth(double height) {
            return AROUND + line.width(Fit.ALL);
        }

        @Override
        protected double computePrefHeight(double width) {
            double around = snappedTopInset() + snappedBottomInset();
            return around + line.height(width < 0 ? Fit.ALL : line.fit(width - AROUND));
        }

        void show(Optional<KindCount> count, boolean chosen) {
            rows.setText(count.map(c -> words().counts().number(c.rows())).orElse(UNKNOWN));
            figures.setText(count.map(c -> c.figures(words())).orElse(""));
            String said = count
                    .map(c -> words().kinds().kindGives(kind, c.rows(), words().counts().sum(c.sum())))
                    .orElseGet(() -> words().kinds().kindCannotRun(kind));
            Tip.on(this, said);
            setAccessibleText(said);
            pseudoClassStateChanged(CHOSEN, chosen);
        }

        /** What a tile says in a line; what does not fit beside the name stands below it. */
        private final class Line extends Pane {
            private final Label name;

            Line(Label name) {
                this.name = name;
                getChildren().addAll(name, rows, figures);
            }

            private Fit fit() {
                return fit(Tile.this.getWidth() - AROUND);
            }

            private Fit fit(double room) {
                double more = figures.getText().isEmpty() ? 0 : GAP + figures.prefWidth(-1);
                if (room <= 0 || two() + more <= room) return Fit.ALL;
                return two() <= room ? Fit.NAME_AND_ROWS : Fit.NAME;
            }

            private double height(Fit fit) {
                return rows.prefHeight(-1) + switch (fit) {
                    case ALL -> 0;
                    case NAME_AND_ROWS -> figures.prefHeight(-1) - CLOSER;
                    case NAME -> rows.prefHeight(-1) - CLOSER;
                };
            }

            private double two() {
                return first() + GAP + rows.prefWidth(-1);
            }

            /** How wide the name is; the numbers beside short names are one below the other. */
            private double first() {
                return Math.max(name.minWidth(-1), name.prefWidth(-1));
            }

            private double width(Fit fit) {
                return switch (fit) {
                    case ALL -> two() + GAP + figures.prefWidth(-1);
                    case NAME_AND_ROWS -> Math.max(two(), first() + GAP + figures.prefWidth(-1));
                    case NAME -> Math.max(first(), rows.prefWidth(-1) + GAP + figures.prefWidth(-1));
                };
            }

            @Override
            protected double computePrefWidth(double height) {
                return width(fit());
            }

            @Override
            protected double computePrefHeight(double width) {
                return height(fit());
            }

            @Override
            protected void layoutChildren() {
                double base = rows.getBaselineOffset();
                double below = rows.prefHeight(-1) - CLOSER;
                place(name, 0, base);
                switch (fit()) {
                    case ALL -> {
                        place(rows, first() + GAP, base);
                        place(figures, two() + GAP, base);
                    }
                    case NAME_AND_ROWS -> {
                        place(rows, first() + GAP, base);
                        // Under the number that they make, where there is room.
                        double left = Tile.this.getWidth() - AROUND - figures.prefWidth(-1);
                        place(figures, Math.max(0, Math.min(first() + GAP, left)), below + figures.getBaselineOffset());
                    }
                    case NAME -> {
                        place(rows, 0, below + base);
                        place(figures, rows.prefWidth(-1) + GAP, below + base);
                    }
                }
            }

            /** Puts a label on a base line. */
            private static void place(Label label, double x, double base) {
                label.autosize();
                label.relocate(Math.round(x), Math.round(base - label.getBaselineOffset()));
            }
        }
    }
}
