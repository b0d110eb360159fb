package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.Rectangle2D;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.text.FontWeight;
import lunko.desktop.action.Controls;
import lunko.desktop.look.ShortLabel;
import lunko.desktop.look.Tip;
import lunko.desktop.look.Typeface;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Join;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.insight.picture.PairGrid;
import lunko.insight.question.Question;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.table.Truth;

/**
 * Left rows by right rows, with the verdict on each two of them, filled as the steps go; and the numbers of pairs at
 * its edges, which the number of rows of the result follows from.
 */
final class PairGridView extends DrawnPane {
    private static final PseudoClass SEEN = PseudoClass.getPseudoClass("seen");
    private static final PseudoClass NOW = PseudoClass.getPseudoClass("now");
    private static final PseudoClass GUESSED = PseudoClass.getPseudoClass("guessed");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    /** More rows than that would be too small to be read. */
    private static final int MOST = 24;
    private static final double HEAD = 6;
    private static final double FOOT = 34;
    private static final double NAMES = 84;
    private static final double WHY = 54;
    /** The least size of a cell in which its sign can be seen. */
    private static final double LEAST = 6;
    private static final double LINE = 20;
    private static final double MOST_UPRIGHT = 90;
    /** The least height of a text that can be read. */
    private static final double LEGIBLE = 13;
    private static final Typeface TOTAL = Typeface.code(FontWeight.BOLD, 13);
    private static final Typeface NAME = Typeface.text(FontWeight.BOLD, 12.5);
    private static final double LARGEST = 36;
    private static final double WIDEST = 64;

    /** A cell of the grid, on its two rows. */
    private record Cell(int left, int right, Label label) {}

    private final ShowModel model;
    private final List<Cell> cells = new ArrayList<>();
    private Optional<PairGrid> grid = Optional.empty();

    PairGridView(ShowModel model) {
        super("pair-grid");
        this.model = model;
        model.showing().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) redraw();
        });
        model.asking().subscribe((_, _) -> redraw());
        model.keyByKey().subscribe((_, _) -> redraw());
        whileSeen(model.showing(), _ -> fill());
        whileSeen(model.pointing().lineage(), _ -> fill());
    }

    @Override
    void draw() {
        cells.clear();
        grid = model.showing().get().outcome().map(PairGrid::of);
        setAccessibleText(
                words().pictures()
                        .pairGridOf(grid.filter(_ -> !model.covers(Question.Cover.PICTURE)).map(of -> of.sum(words()))
                                .orElseGet(words().pictures()::nothingJoined)));
        if (getWidth() < 150 || getHeight() < 120) return;
        if (grid.isEmpty()) {
            say(model.showing().get().timeline().isPresent() ? words().pictures().noTables()
                    : words().pictures().matchTwo());
        } else if (grid.get().lefts() > MOST || grid.get().rights() > MOST) {
            say(words().pictures().gridTooLarge(grid.get().lefts(), grid.get().rights(), MOST));
        } else {
            make(grid.get());
        }
    }

    private void say(String sentence) {
        Label said = label(sentence, "about");
        said.setWrapText(true);
        said.setMaxWidth(getWidth() - 30);
        said.relocate(15, HEAD);
    }

    /** Where the first cell of a grid lies, how large each is, and where the grid ends, in pixels. */
    private record Cells(double x, double y, double wide, double high, double foot) {

        double x(int right) {
            return x + right * wide;
        }

        double y(int left) {
            return y + left * high;
        }
    }

    private void make(PairGrid pairs) {
        Join join = pairs.outcome().join();
        double totalWidth = widest(TOTAL, pairs.lefts(), left -> total(pairs, Side.LEFT, left));
        double wide = Math.min(WIDEST, (getWidth() - NAMES - totalWidth - 26) / Math.max(1, pairs.rights()));
        // Where they have no room beside each other, they stand upright, and where not even that, they are left out.
        double head = lines(wide, widest(NAME, pairs.rights(), right -> shortName(join.right(), right)), MOST_UPRIGHT);
        double totals = lines(wide, widest(TOTAL, pairs.rights(), right -> total(pairs, Side.RIGHT, right)),
                Double.MAX_VALUE);
        double high = Math.min(LARGEST, (getHeight() - HEAD - FOOT - head - totals - 4) / Math.max(1, pairs.lefts()));
        if (wide < LEAST || high < LEAST) {
            say(words().pictures().gridNoRoom(pairs.lefts(), pairs.rights()));
            return;
        }
        Cells places = new Cells(NAMES + 14, HEAD + head, wide, high, HEAD + head + pairs.lefts() * high + 2);
        for (int right = 0; right < pairs.rights() && head > 0; right++)
            placeAtColumn(label(shortName(join.right(), right), "pair-name", "right"),
                    new Rectangle2D(places.x(right), HEAD, wide - 2, head));
        for (int left = 0; left < pairs.lefts(); left++) makeRow(pairs, left, places, totalWidth);
        for (int right = 0; right < pairs.rights() && totals > 0; right++)
            placeAtColumn(label(total(pairs, Side.RIGHT, right), "pair-total"),
                    new Rectangle2D(places.x(right), places.foot, wide - 2, totals));
        foot(pairs, places.foot + Math.max(0, totals - LINE));
    }

    private void makeRow(PairGrid pairs, int left, Cells places, double totalWidth) {
        boolean legible = places.high >= LEGIBLE;
        if (legible) place(label(shortName(pairs.outcome().join().left(), left), "pair-name", "left"),
                new Rectangle2D(12, places.y(left), NAMES - 6, places.high), Pos.CENTER_RIGHT);
        for (int right = 0; right < pairs.rights(); right++) {
            Label cell = cell(pairs, left, right);
            place(cell, new Rectangle2D(places.x(right) + 1, places.y(left) + 1, places.wide - 2, places.high - 2),
                    Pos.CENTER);
            cells.add(new Cell(left, right, cell));
        }
        if (legible) place(label(total(pairs, Side.LEFT, left), "pair-total"),
                new Rectangle2D(places.x(pairs.rights()) + 5, places.y(left), totalWidth, places.high),
                Pos.CENTER_LEFT);
    }

    private static double widest(Typeface typeface, int count, IntFunction<String> text) {
        return IntStream.range(0, count).mapToDouble(i -> typeface.width(text.apply(i)) + 6).max().orElse(0);
    }

    /** How high a line of texts over columns must be, the longest of which has a width: more than a line if upright. */
    private static double lines(double column, double longest, double most) {
        if (column < LEGIBLE) return 0;
        return longest <= column ? LINE : Math.clamp(longest, LINE + 2, most);
    }

    private static String shortName(Stage stage, int row) {
        return words().names().shortRow(stage.name(row));
    }

    private Label cell(PairGrid pairs, int left, int right) {
        Join join = pairs.outcome().join();
        Truth verdict = pairs.verdict(left, right);
        if (model.covers(Question.Cover.PICTURE)) return covered(new Pointed.Pair(left, right));
        Label cell = label(switch (verdict) {
            case TRUE -> "●";
            case FALSE -> "·";
            case UNKNOWN -> "?";
        }, "pair-cell", verdict.id());
        String said = words().pictures().pairIs(words().names().row(join.left().name(left)),
                words().names().row(join.right().name(right)), verdict);
        Tip.on(cell, said);
        cell.setAccessibleText(said);
        Pointed pair = new Pointed.Pair(left, right);
        cell.setOnMouseEntered(_ -> model.pointing().at(Optional.of(pair)));
        cell.setOnMouseExited(_ -> model.pointing().at(Optional.empty()));
        cell.setOnMouseClicked(_ -> model.pointing().choose(Optional.of(pair)));
        return cell;
    }

    /** How many pairs there are, and how that comes about. */
    private void foot(PairGrid pairs, double foot) {
        if (model.covers(Question.Cover.PICTURE)) return;
        Optional<String> byKeys = pairs.sumByKeys(words());
        Label sum = label(byKeys.filter(_ -> model.keyByKey().get()).orElse(pairs.sum(words())), "pair-sum");
        sum.setWrapText(true);
        double beside = byKeys.isEmpty() ? WHY : whyButton(foot);
        place(sum, new Rectangle2D(12, foot + 20, getWidth() - 24 - beside, Math.max(20, getHeight() - foot - 22)),
                Pos.TOP_LEFT);
    }

    /** The button that asks why there are so many, and how wide it is. */
    private double whyButton(double foot) {
        ToggleButton why = Controls.toggle(words().pictures().why());
        why.setId("pairs-by-key");
        why.getStyleClass().add("pair-why");
        why.setSelected(model.keyByKey().get());
        Tip.on(why, words().pictures().whyPairs());
        why.setOnAction(_ -> model.keyByKey().set(why.isSelected()));
        why.setManaged(false);
        getChildren().add(why);
        why.applyCss();
        double wide = Math.max(WHY, Math.ceil(why.prefWidth(-1)));
        why.resizeRelocate(getWidth() - wide - 6, foot + 17, wide, 24);
        return wide;
    }

    /** A cell that says nothing yet, to be marked by a click. */
    private Label covered(Pointed pair) {
        boolean marked = model.asking().get().filter(open -> open.marked().marked().contains(pair)).isPresent();
        Label cell = label(marked ? "✓" : "", "pair-cell", "guess-cell");
        cell.pseudoClassStateChanged(GUESSED, marked);
        cell.setOnMouseClicked(_ -> model.mark(pair));
        return cell;
    }

    /** How many pairs a row is in, +1 where it is kept for having none, and ? where that is unknown. */
    private String total(PairGrid pairs, Side side, int row) {
        if (model.covers(Question.Cover.PICTURE)) return "";
        return pairs.pairs(side, row) + (pairs.keeps(side, row) ? " +1" : "")
                + (pairs.outcome().matches(side, row) == Truth.UNKNOWN ? " ?" : "");
    }

    private void fill() {
        Showing showing = model.showing().get();
        Optional<Lineage> lineage = model.pointing().lineage().get();
        for (Cell cell : cells) {
            boolean seen = showing.runs().filter(
                    timeline -> timeline.seen(showing.match().orElseThrow().number(), cell.left(), cell.right()))
                    .isPresent();
            if (model.covers(Question.Cover.PICTURE)) continue;
            cell.label().pseudoClassStateChanged(SEEN, seen);
            cell.label()
                    .pseudoClassStateChanged(NOW,
                            showing.match()
                                    .filter(frame -> frame.now(Side.LEFT).stream().anyMatch(row -> row == cell.left())
                                            && frame.now(Side.RIGHT).stream().anyMatch(row -> row == cell.right()))
                                    .isPresent());
            cell.label().pseudoClassStateChanged(LIT,
                    lineage.filter(of -> of.lights(Side.LEFT, cell.left()) && of.lights(Side.RIGHT, cell.right()))
                            .isPresent());
        }
    }

    private Label label(String text, String... styleClasses) {
        Label label = new ShortLabel(text, styleClasses);
        getChildren().add(label);
        return label;
    }

    /** Puts a label over or under a column; upright, where there is more height for it than a line. */
    private static void placeAtColumn(Label label, Rectangle2D at) {
        boolean upright = at.getHeight() > LINE;
        label.setRotate(upright ? -90 : 0);
        double width = upright ? at.getHeight() - 2 : at.getWidth();
        double height = upright ? at.getWidth() : at.getHeight() - 2;
        place(label, new Rectangle2D(at.getMinX() + (at.getWidth() - width) / 2,
                at.getMinY() + (at.getHeight() - 2 - height) / 2, width, height), Pos.CENTER);
    }

    /** Puts a label into a rectangle. */
    private static void place(Label label, Rectangle2D at, Pos alignment) {
        label.setManaged(false);
        label.setAlignment(alignment);
        label.resizeRelocate(Math.round(at.getMinX()), Math.round(at.getMinY()), Math.round(at.getWidth()),
                Math.round(at.getHeight()));
    }
}
