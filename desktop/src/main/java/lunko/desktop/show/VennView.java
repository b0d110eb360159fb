package lunko.desktop.show;

import java.util.function.IntFunction;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Shape;
import lunko.engine.Join;
import lunko.insight.Regions;
import lunko.query.JoinKind;
import lunko.query.Side;

/** The Venn diagram of the join with the actual rows in its regions; those that the kind keeps are filled. */
final class VennView extends Pane {
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");
    private static final double LINE = 19;
    private static final double FOOT = 46;

    private Showing shown;

    VennView(ShowModel model) {
        getStyleClass().addAll("card", "venn");
        shown = model.showing().get();
        model.showing().subscribe((before, now) -> {
            shown = now;
            if (before.run() != now.run()) draw();
        });
        widthProperty().subscribe((_, _) -> draw());
        heightProperty().subscribe((_, _) -> draw());
    }

    private void draw() {
        getChildren().clear();
        Label title = new Label("Venn diagram");
        title.getStyleClass().add("card-title");
        title.relocate(15, 12);
        getChildren().add(title);
        if (getWidth() < 100 || getHeight() < 100) return;
        shown.regions().ifPresentOrElse(regions -> draw(regions, shown.outcome().orElseThrow().join()), () -> {
            Label missing = label("Match two columns to see who meets whom.", "about");
            missing.relocate(15, 40);
            getChildren().add(missing);
        });
    }

    private void draw(Regions regions, Join join) {
        double radius = Math.min((getWidth() - 40) / 2.95, (getHeight() - 44 - FOOT) / 2);
        double middle = getWidth() / 2;
        double apart = radius * 0.95;
        double y = 40 + (getHeight() - 40 - FOOT) / 2;
        Circle left = new Circle(middle - apart / 2, y, radius);
        Circle right = new Circle(middle + apart / 2, y, radius);
        JoinKind kind = regions.kind();
        boolean pairsOnly = !kind.compares();
        Shape leftOnly = region(Shape.subtract(left, right), "venn-left", kind.keeps(Side.LEFT));
        Shape rightOnly = region(Shape.subtract(right, left), "venn-right", kind.keeps(Side.RIGHT));
        Shape both = region(Shape.intersect(left, right), "venn-both", true);
        left.getStyleClass().addAll("venn-circle", "left");
        right.getStyleClass().addAll("venn-circle", "right");
        getChildren().addAll(leftOnly, rightOnly, both, left, right);

        double lune = apart;
        double lens = 2 * radius - apart;
        double leftAt = middle - apart / 2 - radius + lune * 0.52;
        double rightAt = middle + apart / 2 + radius - lune * 0.52;
        int lines = (int) Math.max(1, (radius * 1.25 - 34) / LINE);
        place(content(regions.alone(Side.LEFT).size(), lines, "left", kind.keeps(Side.LEFT),
                n -> join.left().name(regions.alone(Side.LEFT).get(n))), leftAt, y, lune * 0.86);
        place(content(regions.pairCount(), lines, "both", true, n -> {
            var pair = regions.pairs().get(n);
            return join.left().name(pair.left()) + " · " + join.right().name(pair.right());
        }), middle, y, lens * 0.95);
        place(content(regions.alone(Side.RIGHT).size(), lines, "right", kind.keeps(Side.RIGHT),
                n -> join.right().name(regions.alone(Side.RIGHT).get(n))), rightAt, y, lune * 0.86);

        double foot = y + radius + 8;
        String partnerless = pairsOnly ? "" : "no partner";
        place(caption(join.left().title(), partnerless, "left"), leftAt, foot, FOOT - 10, lune);
        place(caption("", pairsOnly ? "every row with every row" : "pairs", "both"), middle, pairsOnly ? foot + LINE : foot, FOOT - 10, lens * 2);
        place(caption(join.right().title(), partnerless, "right"), rightAt, foot, FOOT - 10, lune);
    }

    private static Shape region(Shape shape, String styleClass, boolean kept) {
        shape.getStyleClass().addAll("venn-region", styleClass);
        shape.pseudoClassStateChanged(KEPT, kept);
        return shape;
    }

    /** A region's count and, as far as they fit, its rows. */
    private static VBox content(long count, int lines, String side, boolean kept, IntFunction<String> name) {
        VBox box = new VBox();
        box.setAlignment(Pos.CENTER);
        box.getStyleClass().addAll("venn-content", side);
        box.pseudoClassStateChanged(KEPT, kept);
        box.getChildren().add(label(Long.toString(count), "venn-count"));
        long fits = count <= lines ? count : lines - 1;
        for (int n = 0; n < fits; n++) box.getChildren().add(label(name.apply(n), "venn-row"));
        if (count > fits) box.getChildren().add(label("+ " + (count - fits) + " more", "venn-more"));
        return box;
    }

    private static VBox caption(String table, String meaning, String side) {
        VBox box = new VBox(label(table, "venn-table"), label(meaning, "venn-meaning"));
        box.getChildren().removeIf(node -> node instanceof Label l && l.getText().isEmpty());
        box.setAlignment(Pos.TOP_CENTER);
        box.getStyleClass().addAll("venn-caption", side);
        return box;
    }

    private static Label label(String text, String styleClass) {
        Label label = new Label(text);
        label.getStyleClass().add(styleClass);
        return label;
    }

    private void place(VBox box, double x, double y, double width) {
        box.setMaxWidth(width);
        getChildren().add(box);
        box.applyCss();
        double height = box.prefHeight(width);
        box.resize(width, height);
        box.setManaged(false);
        box.relocate(x - width / 2, y - height / 2);
    }

    private void place(VBox box, double x, double top, double height, double width) {
        getChildren().add(box);
        box.setManaged(false);
        box.resize(width, height);
        box.relocate(x - width / 2, top);
    }
}
