package lunko.desktop.show.picture;

import static lunko.desktop.words.Spoken.words;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Point2D;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Shape;
import lunko.desktop.look.Hues;
import lunko.desktop.look.ShortLabel;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.insight.picture.TableHues;
import lunko.insight.picture.ThreeCircles.Content;
import lunko.insight.picture.ThreeCircles.Member;
import lunko.insight.picture.ThreeCircles.Region;
import lunko.insight.picture.ThreeCircles;
import lunko.query.Side;
import lunko.show.Joining;
import lunko.show.Showing;
import lunko.table.RowName;

/**
 * The Venn diagram of three tables that a chain puts together: three circles, with what came together in their regions.
 */
final class ThreeVennView extends DrawnPane {
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");
    private static final double FOOT = 22;
    private static final int MOST_NAMED = 2;
    /** With less room than that, in pixels, names would hide figures. */
    private static final double LEAST_NAME = 52;
    private static final int MOST_TOLD = 20;

    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final ShowModel model;
    private Optional<ThreeCircles> circles = Optional.empty();
    private TableHues hues = TableHues.NONE;

    ThreeVennView(ShowModel model) {
        super("venn");
        this.model = model;
        model.showing().subscribe((before, now) -> {
            if (!before.isOfSameJoin(now)) show(now);
        });
        show(model.showing().get());
        whileSeen(model.pointing().lineage(), this::light);
    }

    private void show(Showing now) {
        circles = now.joining().flatMap(Joining::circles);
        hues = now.hues();
        setAccessibleText(circles.map(three -> words().pictures().threeCircles(
                three.names().stream().map(words().names()::rows).toList(),
                three.regions().get(Region.ABC).rows().size())).orElse(""));
        redraw();
    }

    /** Lights up the rows that belong to the one that is pointed at. */
    private void light(Optional<Lineage> lineage) {
        for (Node node : lookupAll(".venn-row")) {
            node.pseudoClassStateChanged(LIT,
                    lineage.isPresent() && node.getUserData() instanceof Member(RowName _, Optional<Pointed> at)
                            && at.filter(one -> switch (one) {
                                case Pointed.Pair(int left, int right) ->
                                    lineage.get().lights(Side.LEFT, left) && lineage.get().lights(Side.RIGHT, right);
                                case Pointed.Source(Side side, int row) -> lineage.get().lights(side, row);
                                case Pointed.Result(var row) -> lineage.get().lights(row);
                            }).isPresent());
        }
    }

    @Override
    void draw() {
        if (getWidth() < 100 || getHeight() < 100 || circles.isEmpty()) return;
        double radius = Math.min((getWidth() - 24) / 3.1, (getHeight() - 2 * FOOT - 8) / 2.95);
        Point2D middle = new Point2D(getWidth() / 2, FOOT + radius * 1.42);
        double apart = radius * 0.62;
        List<Point2D> centres = List.of(at(middle, apart, 210), at(middle, apart, 330), at(middle, apart, 90));
        List<Circle> rings = centres.stream().map(centre -> new Circle(centre.getX(), centre.getY(), radius)).toList();
        Map<Region, Point2D> places = new EnumMap<>(Region.class);
        for (Region region : Region.values()) {
            List<Integer> in = List.of(0, 1, 2).stream().filter(region::isIn).toList();
            Shape shape = in.stream().map(i -> (Shape) rings.get(i)).reduce(Shape::intersect).orElseThrow();
            for (int other = 0; other < rings.size(); other++)
                if (!region.isIn(other)) shape = Shape.subtract(shape, rings.get(other));
            Content content = circles.get().regions().get(region);
            shape.getStyleClass().addAll("venn-region", in.size() == 1 ? "venn-own" : "venn-both");
            if (in.size() == 1) shape.getStyleClass().addAll(hue(in.getFirst()));
            shape.pseudoClassStateChanged(KEPT, content.kept());
            shape.getStyleClass().add("venn-choice");
            shape.setOnMouseClicked(_ -> model.toggle(region));
            Tip.on(shape, told(content));
            getChildren().add(shape);
            double x = in.stream().mapToDouble(i -> centres.get(i).getX()).average().orElse(0);
            double y = in.stream().mapToDouble(i -> centres.get(i).getY()).average().orElse(0);
            // Away from the circles that it is not in.
            Point2D away = new Point2D(x, y).subtract(middle);
            places.put(region, middle.add(away.multiply(in.size() == 1 ? 1.62 : in.size() == 2 ? 2.0 : 0)));
        }
        for (int i = 0; i < rings.size(); i++) {
            rings.get(i).getStyleClass().add("venn-circle");
            rings.get(i).getStyleClass().addAll(hue(i));
            rings.get(i).setMouseTransparent(true);
            getChildren().add(rings.get(i));
        }
        places.forEach((region, place) -> content(region, place, region == Region.ABC ? radius * 0.72 : radius * 0.66));
        double side = getWidth() / 2;
        caption(0, 4, 0, side, Pos.CENTER_LEFT);
        caption(1, 4, side, side, Pos.CENTER_RIGHT);
        caption(2, centres.get(2).getY() + radius + 2, 0, getWidth(), Pos.CENTER);
    }

    private static Point2D at(Point2D middle, double distance, double degrees) {
        return middle.add(distance * Math.cos(Math.toRadians(degrees)), distance * Math.sin(Math.toRadians(degrees)));
    }

    /** The style of the colour of a table, counted from 0. */
    private List<String> hue(int table) {
        return List.of(Hues.style(hues.ofRows(circles.orElseThrow().tables().get(table))));
    }

    /** What is in a region, and what a click on it does. */
    private static String told(Content content) {
        List<String> rows = content.rows().stream().limit(MOST_TOLD)
                .map(member -> words().names().shortRow(member.name())).toList();
        return content.kept() ? words().pictures().removeByKinds(rows) : words().pictures().addByKinds(rows);
    }

    private void content(Region region, Point2D place, double width) {
        Content content = circles.orElseThrow().regions().get(region);
        VBox box = new VBox();
        box.setAlignment(Pos.CENTER);
        box.setPickOnBounds(false);
        box.setManaged(false);
        box.getStyleClass().addAll("venn-content", "both");
        box.pseudoClassStateChanged(KEPT, content.kept());
        Label count = label(words().counts().number(content.rows().size()), "venn-count");
        count.setMouseTransparent(true);
        count.setMinWidth(USE_PREF_SIZE);
        box.getChildren().add(count);
        if (content.rows().size() <= MOST_NAMED && width >= LEAST_NAME)
            content.rows().forEach(row -> box.getChildren().add(pointing(row, region)));
        getChildren().add(box);
        box.applyCss();
        double wide = Math.max(width, box.minWidth(-1));
        double height = box.prefHeight(wide);
        box.resizeRelocate(place.getX() - wide / 2, place.getY() - height / 2, wide, height);
    }

    /** Lets rows be pointed at; a click is one on their region. */
    private Label pointing(Member member, Region region) {
        Label row = label(words().names().shortRow(member.name()), "venn-row");
        row.setUserData(member);
        row.setOnMouseEntered(_ -> model.pointing().at(member.at()));
        row.setOnMouseExited(_ -> model.pointing().at(Optional.empty()));
        row.setOnMouseClicked(_ -> model.toggle(region));
        return row;
    }

    private void caption(int table, double y, double x, double width, Pos alignment) {
        Label name = label(words().names().rows(circles.orElseThrow().names().get(table)), "venn-table");
        VBox box = new VBox(name);
        box.setAlignment(alignment);
        box.setManaged(false);
        box.getStyleClass().add("venn-caption");
        box.getStyleClass().addAll(hue(table));
        getChildren().add(box);
        box.resizeRelocate(x + 8, y, width - 16, FOOT - 2);
    }

    private static Label label(String text, String... styleClasses) {
        return new ShortLabel(text, styleClasses);
    }
}
