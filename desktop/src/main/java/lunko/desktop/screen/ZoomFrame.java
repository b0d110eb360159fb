package lunko.desktop.screen;

import java.util.List;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.Orientation;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.transform.Scale;

/**
 * Shows a view larger or smaller than it is. It fills the window whatever its size, larger on a large one and smaller
 * on a small one; made larger still, until it no longer fits, it can be scrolled, and nothing is cut off.
 */
final class ZoomFrame extends Pane {
    /** The largest zoom, and the least, where 1 is what the window's size asks for. */
    static final double MOST = 2.5;
    static final double LEAST = 0.8;
    private static final double STEP = 1.1;
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 740;
    private static final double BAR = 12;

    private final Region view;
    private final Scale scale = new Scale(1, 1);
    private final ScrollBar across = bar(Orientation.HORIZONTAL);
    private final ScrollBar down = bar(Orientation.VERTICAL);
    private final DoubleProperty zoom = new SimpleDoubleProperty(1);
    private double usualWidth = 1280;
    private double usualHeight = 800;

    ZoomFrame(Region view) {
        this.view = view;
        getStyleClass().add("zoom-frame");
        view.getTransforms().add(scale);
        view.setManaged(false);
        getChildren().addAll(view, across, down);
        zoom.subscribe((_, _) -> requestLayout());
        for (ScrollBar bar : List.of(across, down)) bar.valueProperty().subscribe((_, _) -> place());
        // What no table inside has taken for itself.
        addEventHandler(ScrollEvent.SCROLL, event -> {
            across.setValue(Math.clamp(across.getValue() - event.getDeltaX(), 0, across.getMax()));
            down.setValue(Math.clamp(down.getValue() - event.getDeltaY(), 0, down.getMax()));
        });
    }

    private static ScrollBar bar(Orientation orientation) {
        ScrollBar bar = new ScrollBar();
        bar.setOrientation(orientation);
        bar.setFocusTraversable(false);
        return bar;
    }

    /** How much larger than usual, from {@value #LEAST} to {@value #MOST}. */
    DoubleProperty zoom() {
        return zoom;
    }

    void larger() {
        zoom.set(Math.min(MOST, zoom.get() * STEP));
    }

    void smaller() {
        zoom.set(Math.max(LEAST, zoom.get() / STEP));
    }

    /** The size at which the view is shown as it is; on larger windows it is larger. */
    void usual(double width, double height) {
        usualWidth = width;
        usualHeight = height;
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        if (getWidth() <= 0 || getHeight() <= 0) return;
        // Below its least size the view becomes smaller, above the usual one larger, and between them it has less room.
        double leastWidth = Math.min(LEAST_WIDTH, usualWidth);
        double leastHeight = Math.min(LEAST_HEIGHT, usualHeight);
        double smaller = Math.min(1, Math.min(getWidth() / leastWidth, getHeight() / leastHeight));
        double larger = Math.max(1, Math.min(getWidth() / usualWidth, getHeight() / usualHeight));
        double whole = smaller * larger * zoom.get();
        double width = Math.max(leastWidth, Math.floor(getWidth() / whole));
        double height = Math.max(leastHeight, Math.floor(getHeight() / whole));
        scale.setX(whole);
        scale.setY(whole);
        view.resize(width, height);
        show(across, width * whole - getWidth(), getWidth());
        show(down, height * whole - getHeight(), getHeight());
        across.resizeRelocate(0, getHeight() - BAR, getWidth() - BAR, BAR);
        down.resizeRelocate(getWidth() - BAR, 0, BAR, getHeight() - BAR);
        place();
    }

    private static void show(ScrollBar bar, double hidden, double seen) {
        // A part of a pixel is no reason for a bar.
        boolean needed = hidden > 1;
        bar.setVisible(needed);
        bar.setMax(needed ? hidden + BAR : 0);
        bar.setVisibleAmount(needed ? bar.getMax() * seen / (seen + hidden) : 0);
        bar.setValue(Math.clamp(bar.getValue(), 0, bar.getMax()));
    }

    private void place() {
        view.relocate(-across.getValue(), -down.getValue());
    }
}
