package lunko.desktop.show.rows;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.look.Hues;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.question.Question;
import lunko.show.Asking;
import lunko.insight.explanation.StageSummary;
import lunko.show.Showing;
import lunko.steps.StageKind;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The stages of the query from left to right, each as a small grid with its number of rows; a click goes to the end of
 * one.
 */
public final class StageStrip extends ScrollPane {
    private static final PseudoClass AT_HAND = PseudoClass.getPseudoClass("at-hand");
    private static final PseudoClass TO_COME = PseudoClass.getPseudoClass("to-come");
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");
    private static final PseudoClass STRUCK = PseudoClass.getPseudoClass("struck");

    private final ShowModel model;
    private final HBox tiles = new HBox();
    private final List<FontIcon> arrows = new ArrayList<>();

    /** All stages of what a model shows. */
    public StageStrip(ShowModel model) {
        this.model = model;
        getStyleClass().add("stage-strip");
        setId("stages");
        tiles.getStyleClass().add("stage-tiles");
        tiles.setAlignment(Pos.CENTER_LEFT);
        setContent(tiles);
        setFitToHeight(true);
        setMinWidth(0);
        setPrefWidth(0);
        setMinHeight(USE_PREF_SIZE);
        setVbarPolicy(ScrollBarPolicy.NEVER);
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) make(now);
            mark(now);
        });
        model.asking().subscribe((before, now) -> {
            if (covers(before) == covers(now)) return;
            make(model.showing().get());
            mark(model.showing().get());
        });
        // Where a tile is, is known once all have been laid out.
        viewportBoundsProperty().subscribe((_, _) -> mark(model.showing().get()));
        tiles.needsLayoutProperty().subscribe(needs -> {
            if (!needs) mark(model.showing().get());
        });
        model.pointing().part()
                .subscribe(part -> tiles.getChildren().stream()
                        .filter(node -> node.getUserData() instanceof Titled)
                        .forEach(node -> node.pseudoClassStateChanged(LIT,
                                part.isPresent() && ((Titled) node.getUserData()).glance().part() == part.getAsInt())));
        make(model.showing().get());
        mark(model.showing().get());
    }

    private static boolean covers(Optional<Asking> asking) {
        return asking.filter(open -> open.covers(Question.Cover.COUNTS)).isPresent();
    }

    /**
     * A stage at a glance under its heading, and the round that it is of, if it is of one.
     *
     * @param covered whether how many rows it gives is not to be seen, because it would give an answer away
     */
    private record Titled(StageSummary glance, String title, OptionalInt round, boolean covered) {}

    /** A join alone has no strip: its one stage is the whole picture already. */
    private void make(Showing now) {
        boolean stages = now.timeline().filter(timeline -> timeline.parts().size() > 1).isPresent();
        setVisible(stages);
        setManaged(stages);
        if (!stages) {
            tiles.getChildren().clear();
            return;
        }
        // Stages that look as before keep their tiles: most of them do while somebody types.
        Map<Titled, Node> before = new HashMap<>();
        tiles.getChildren().stream().filter(node -> node.getUserData() instanceof Titled)
                .forEach(node -> before.put((Titled) node.getUserData(), node));
        List<Node> after = new ArrayList<>();
        for (StageSummary glance : StageSummary.all(now.timeline().get(), now.hues())) {
            if (!after.isEmpty()) after.add(arrow(after.size() / 2));
            Titled titled = new Titled(glance, now.timeline().get().title(glance.part(), words()).text(),
                    now.timeline().get().round(glance.part()), model.covers(Question.Cover.COUNTS));
            after.add(Optional.ofNullable(before.remove(titled)).orElseGet(() -> tile(titled)));
        }
        if (!after.equals(tiles.getChildren())) tiles.getChildren().setAll(after);
    }

    private FontIcon arrow(int number) {
        while (arrows.size() <= number) {
            FontIcon on = new FontIcon(Feather.CHEVRON_RIGHT);
            on.getStyleClass().add("stage-arrow");
            arrows.add(on);
        }
        return arrows.get(number);
    }

    private Button tile(Titled titled) {
        StageSummary glance = titled.glance();
        Label kind = new Label(glance.clause(words()));
        kind.getStyleClass().add("stage-kind");
        Label rows = new Label(words().counts().rows(glance.rows()));
        rows.getStyleClass().add("stage-rows");
        String how = words().counts().sum(glance.sum());
        Label sum = new Label(titled.round().isPresent() ? words().counts().inRound(titled.round().getAsInt(), how)
                : how);
        sum.getStyleClass().add("stage-sum");
        VBox words = titled.covered() ? new VBox(kind) : new VBox(kind, rows, sum);
        words.getStyleClass().add("stage-words");
        HBox both = titled.covered() ? new HBox(words) : new HBox(grid(glance), words);
        both.setAlignment(Pos.CENTER_LEFT);
        both.getStyleClass().add("stage-line");
        Button tile = Controls.button("");
        tile.setGraphic(both);
        tile.getStyleClass().add("stage-tile");
        if (titled.covered()) tile.getStyleClass().add("stage-tile-covered");
        tile.setUserData(titled);
        String said = titled.covered() ? titled.title()
                : words().show().stage(titled.title(), glance.rows(), words().counts().sum(glance.sum()));
        Tip.on(tile, said);
        tile.setAccessibleText(said);
        tile.setOnAction(_ -> model.goTo(glance.step()));
        return tile;
    }

    private static VBox grid(StageSummary glance) {
        VBox grid = new VBox();
        grid.getStyleClass().add("mini-grid");
        grid.setAlignment(Pos.CENTER);
        for (StageSummary.Line line : glance.lines()) {
            HBox row = new HBox();
            row.getStyleClass().add("mini-row");
            row.pseudoClassStateChanged(STRUCK, line.struckOut());
            for (int i = 0; i < line.marks().size(); i++) {
                Region cell = new Region();
                cell.getStyleClass().addAll("mini-cell",
                        "mini-" + line.marks().get(i).name().toLowerCase(Locale.ROOT));
                if (line.marks().get(i) == StageSummary.Mark.VALUE)
                    cell.getStyleClass().addAll(Hues.style(glance.hues().get(i)));
                row.getChildren().add(cell);
            }
            grid.getChildren().add(row);
        }
        return grid;
    }

    private void mark(Showing now) {
        int part = now.frame().map(frame -> frame.part()).orElse(0);
        tiles.getChildren().stream().filter(node -> node instanceof Button).forEach(node -> {
            StageSummary own = ((Titled) node.getUserData()).glance();
            boolean atHand = own == now(now, part);
            node.pseudoClassStateChanged(AT_HAND, atHand);
            node.pseudoClassStateChanged(TO_COME,
                    own.part() > part || own.part() == part && own.step() > now.number() && !atHand);
            if (atHand) reveal(node.getBoundsInParent().getMinX(), node.getBoundsInParent().getMaxX());
        });
    }

    /**
     * The glance of the step at hand: where an outer join matches and keeps in turn, that of what it does in this step.
     */
    private StageSummary now(Showing now, int part) {
        List<StageSummary> own = tiles.getChildren().stream().filter(node -> node instanceof Button)
                .map(node -> ((Titled) node.getUserData()).glance()).filter(glance -> glance.part() == part).toList();
        boolean keeps = now.number() == own.getLast().step()
                || now.frame().filter(frame -> frame.shown().kind() == StageKind.KEEP).isPresent();
        return keeps ? own.getLast() : own.getFirst();
    }

    /** The tile at hand is in the middle, as far as there are others beside it. */
    private void reveal(double from, double to) {
        double view = getViewportBounds().getWidth();
        double hidden = tiles.getWidth() - view;
        setHvalue(hidden <= 0 ? 0 : Math.clamp(((from + to) / 2 - view / 2) / hidden, 0, 1));
    }
}
