package lunko.desktop.look;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Nodes one beside the other, in as many lines as there must be. One that would be wider than all the room there is
 * gets as much, so that its text goes on in a line below; the toolkit's own flow would stand out on the right.
 */
public final class FittingFlow extends Pane {
    /** It does not ask for more width than that, in pixels, if it has to have more lines. */
    private static final double WANTED = 400;

    private final double gap;
    private final double lineGap;

    /** Nodes with so much between two of them, and between two lines, in pixels. */
    public FittingFlow(double gap, double lineGap) {
        this.gap = gap;
        this.lineGap = lineGap;
    }

    /** A node, and where it stands. */
    private record Placed(Node node, double x, double width, double height) {}

    private record Line(List<Placed> nodes) {

        double height() {
            return nodes.stream().mapToDouble(Placed::height).max().orElse(0);
        }
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computeMinWidth(double height) {
        return getManagedChildren().stream().mapToDouble(node -> snapSizeX(node.minWidth(-1))).max().orElse(0);
    }

    @Override
    protected double computePrefWidth(double height) {
        double all = getManagedChildren().stream().mapToDouble(node -> snapSizeX(node.prefWidth(-1)) + gap).sum() - gap;
        return Math.max(computeMinWidth(height), Math.clamp(all, 0, WANTED));
    }

    @Override
    protected double computePrefHeight(double width) {
        return height(lines(width < 0 ? prefWidth(-1) : width));
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    private double height(List<Line> lines) {
        return lines.stream().mapToDouble(line -> line.height() + lineGap).sum() - (lines.isEmpty() ? 0 : lineGap);
    }

    private List<Line> lines(double width) {
        List<Line> lines = new ArrayList<>();
        double x = 0;
        for (Node node : getManagedChildren()) {
            double wide = Math.min(snapSizeX(node.prefWidth(-1)), width);
            if (lines.isEmpty() || x + wide > width) {
                lines.add(new Line(new ArrayList<>()));
                x = 0;
            }
            lines.getLast().nodes().add(new Placed(node, x, wide, snapSizeY(node.prefHeight(wide))));
            x += wide + gap;
        }
        return lines;
    }

    @Override
    protected void layoutChildren() {
        List<Line> lines = lines(getWidth());
        // In the middle of a place that is higher.
        double y = Math.max(0, snapPositionY((getHeight() - height(lines)) / 2));
        for (Line line : lines) {
            for (Placed one : line.nodes()) {
                one.node().resizeRelocate(one.x(), y + snapPositionY((line.height() - one.height()) / 2), one.width(),
                        one.height());
            }
            y += line.height() + lineGap;
        }
    }
}
