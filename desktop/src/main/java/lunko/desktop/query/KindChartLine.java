package lunko.desktop.query;

import java.util.List;
import java.util.stream.Stream;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/**
 * A line of the chart of all kinds: what it is called, and beside that one thing for each kind, all of one width. A
 * band lies behind the kind that is chosen.
 */
final class KindChartLine extends Region {
    private static final double GAP = 7;
    private static final double LEAST = 56;

    private final Region name;
    private final List<? extends Region> cells;
    private final Room room;
    private final Region band = new Region();
    private int chosen;

    /**
     * How wide the lines of a chart are, in pixels, whether they have a bar to scroll beside them or not.
     *
     * @param names the part of it that their names have
     */
    record Room(ObservableDoubleValue names, ObservableDoubleValue all) {}

    /** A line. */
    KindChartLine(Region name, List<? extends Region> cells, Room room) {
        this.name = name;
        this.cells = cells;
        this.room = room;
        band.getStyleClass().add("chart-band");
        getChildren().add(band);
        getChildren().addAll(Stream.concat(Stream.of(name), cells.stream()).toArray(Node[]::new));
        room.names.subscribe(_ -> requestLayout());
        room.all.subscribe(_ -> requestLayout());
    }

    /** Puts the band behind a kind, counted from 0. */
    void choose(int kind) {
        if (kind == chosen) return;
        chosen = kind;
        requestLayout();
    }

    /** The part of the band that is to be seen here. */
    Region band() {
        return band;
    }

    @Override
    protected void layoutChildren() {
        double height = getHeight();
        double left = snapPositionX(room.names.get() + GAP);
        double each = (room.all.get() - left - GAP * (cells.size() - 1)) / cells.size();
        layoutInArea(name, 0, 0, room.names.get(), height, 0, HPos.LEFT, VPos.CENTER);
        for (int i = 0; i < cells.size(); i++) {
            double from = snapPositionX(left + i * (each + GAP));
            double width = snapPositionX(left + i * (each + GAP) + each) - from;
            if (i == chosen) band.resizeRelocate(from - GAP / 2, 0, width + GAP, height);
            layoutInArea(cells.get(i), from, 0, width, height, 0, HPos.CENTER, VPos.CENTER);
        }
    }

    @Override
    protected double computePrefWidth(double height) {
        return room.names.get() + (LEAST + GAP) * cells.size();
    }

    @Override
    protected double computeMinWidth(double height) {
        return computePrefWidth(height);
    }

    @Override
    protected double computePrefHeight(double width) {
        return Stream.concat(Stream.of(name), cells.stream()).mapToDouble(node -> node.prefHeight(-1)).max().orElse(0);
    }
}
