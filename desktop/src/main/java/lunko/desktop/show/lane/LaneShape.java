package lunko.desktop.show.lane;

import java.util.Optional;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.shape.CubicCurve;
import javafx.scene.shape.Line;
import javafx.scene.shape.SVGPath;
import javafx.scene.text.FontWeight;
import lunko.desktop.look.Typeface;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.Side;

/**
 * One thing drawn in the gap between two grids. A thing that has not changed from one frame to the next is not drawn
 * again.
 */
public sealed interface LaneShape {

    /** The node for it. */
    Node node();

    /** What a lane looks like. */
    enum Look {
        /** Two rows have met. */
        PLAIN("lane"),
        /** They come into the result in this step. */
        LANDING("lane", "lane-landing"),
        /** They belong to what is pointed at. */
        LIT("lane", "lane-lit"),
        /** It is unknown whether they match. */
        UNKNOWN("lane", "lane-unknown");

        private final String[] styleClasses;

        Look(String... styleClasses) {
            this.styleClasses = styleClasses;
        }
    }

    /** A lane between two rows, which can be pointed at. */
    record Lane(double from, double to, double width, Look look, Optional<Pointed> of) implements LaneShape {
        @Override
        public Node node() {
            CubicCurve lane = curve(look.styleClasses);
            stretch(lane, from, to, width);
            lane.setUserData(of.orElse(null));
            return lane;
        }
    }

    /** The end of a row that has no match. */
    record End(Side side, double y, double width, boolean kept) implements LaneShape {
        private static final double LENGTH = 20;

        @Override
        public Node node() {
            double end = side.of(LENGTH, width - LENGTH);
            Line stub = new Line(side.of(0.0, width), y, end, y);
            stub.setStroke(null);
            stub.getStyleClass().addAll("stub", kept ? side.id() : "left-out");
            SVGPath sign = new SVGPath();
            sign.setContent(kept ? "M-6 0L0 -6L6 0L0 6Z" : "M-4 -4L4 4M-4 4L4 -4");
            sign.setFill(null);
            sign.setTranslateX(end);
            sign.setTranslateY(y);
            sign.getStyleClass().addAll(kept ? "stub-kept" : "stub-left-out", side.id());
            return new Group(stub, sign);
        }
    }

    /** What a way of matching has put beside a row: the bucket it is in, its place in the sorted list. */
    record Mark(Side side, double y, double width, String said) implements LaneShape {
        private static final Typeface SAID = Typeface.code(FontWeight.BOLD, 11);
        private static final double HEIGHT = 18;

        @Override
        public Node node() {
            Label label = new Label(said);
            label.getStyleClass().addAll("row-mark", side.id());
            label.setManaged(false);
            double wide = SAID.width(said) + 14;
            label.resizeRelocate(Math.round(side.of(3.0, width - wide - 3)), Math.round(y - HEIGHT / 2),
                    Math.ceil(wide), HEIGHT);
            return new Group(label);
        }
    }

    /** Leads a curve from the left edge of the gap to its right. */
    static void stretch(CubicCurve lane, double from, double to, double width) {
        lane.setStartX(0);
        lane.setStartY(from);
        lane.setControlX1(width * 0.45);
        lane.setControlY1(from);
        lane.setControlX2(width * 0.55);
        lane.setControlY2(to);
        lane.setEndX(width);
        lane.setEndY(to);
    }

    /** A curve that is not seen until its style has come to it, which may be one picture later. */
    static CubicCurve curve(String... styleClasses) {
        CubicCurve curve = new CubicCurve();
        curve.setFill(null);
        curve.getStyleClass().addAll(styleClasses);
        return curve;
    }
}
