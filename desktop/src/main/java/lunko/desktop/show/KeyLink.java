package lunko.desktop.show;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import lunko.insight.KeyCheck;

/** The line between the two tables that says which of them belong together and how many meet how many; and the one being drawn. */
final class KeyLink extends Pane {
    private static final double BEND = 0.5;

    private final ShowModel model;
    private final CubicCurve curve = new CubicCurve();
    private final Circle from = new Circle(5);
    private final Circle to = new Circle(5);
    private final Label many = new Label();
    private final Line drawn = new Line();

    KeyLink(ShowModel model, ObjectProperty<Optional<KeyDrag>> drag) {
        this.model = model;
        setMouseTransparent(true);
        curve.getStyleClass().add("key-link");
        from.getStyleClass().addAll("key-end", "left");
        to.getStyleClass().addAll("key-end", "right");
        many.getStyleClass().add("key-many");
        drawn.getStyleClass().add("key-link");
        drawn.setVisible(false);
        getChildren().addAll(curve, from, to, many, drawn);
        drag.subscribe(this::draw);
    }

    /** Draws the link from one place to another, if columns are matched. */
    void place(Point2D left, Point2D right) {
        Optional<KeyCheck> check = model.showing().get().check();
        getChildren().forEach(node -> {
            if (node != drawn) node.setVisible(check.isPresent());
        });
        if (check.isEmpty()) return;
        double middle = left.getX() + (right.getX() - left.getX()) * BEND;
        curve.setStartX(left.getX());
        curve.setStartY(left.getY());
        curve.setControlX1(middle);
        curve.setControlY1(left.getY());
        curve.setControlX2(middle);
        curve.setControlY2(right.getY());
        curve.setEndX(right.getX());
        curve.setEndY(right.getY());
        from.setCenterX(left.getX());
        from.setCenterY(left.getY());
        to.setCenterX(right.getX());
        to.setCenterY(right.getY());
        many.setText(check.get().multiplicity());
        many.applyCss();
        many.autosize();
        many.relocate(middle - many.getWidth() / 2, (left.getY() + right.getY() - many.getHeight()) / 2);
    }

    private void draw(Optional<KeyDrag> drag) {
        drawn.setVisible(drag.isPresent());
        drag.ifPresent(under -> {
            Point2D start = sceneToLocal(under.from());
            Point2D end = sceneToLocal(under.at());
            drawn.setStartX(start.getX());
            drawn.setStartY(start.getY());
            drawn.setEndX(end.getX());
            drawn.setEndY(end.getY());
        });
    }
}
