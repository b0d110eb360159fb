package lunko.desktop.scenes;

import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/** One line of text, of which only what has room is seen: it does not wrap. */
final class ClippedLine extends Region {
    private final Region text;
    private final Rectangle room = new Rectangle();

    /** The line of a text. */
    ClippedLine(Region text) {
        this.text = text;
        setMinWidth(0);
        setClip(room);
        getChildren().add(text);
    }

    @Override
    protected double computePrefHeight(double width) {
        return text.prefHeight(-1);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        room.setWidth(getWidth());
        room.setHeight(getHeight());
        text.resizeRelocate(0, 0, Math.max(getWidth(), text.prefWidth(-1)), getHeight());
    }
}
