package lunko.desktop.show;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lunko.desktop.look.Hues;
import lunko.desktop.show.ask.AskBar;
import lunko.desktop.show.ask.Cover;
import lunko.desktop.show.ask.PracticeBar;
import lunko.desktop.show.join.JoinStage;
import lunko.desktop.show.join.KindBar;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.picture.KindCounts;
import lunko.desktop.show.picture.PictureCard;
import lunko.desktop.show.rows.RowsStage;
import lunko.desktop.show.rows.StageStrip;
import lunko.insight.question.Question;
import lunko.query.Side;
import lunko.show.Asking;

/** The show: everything about a join at once, from the kinds on top to the step bar at the bottom. */
public final class ShowPage extends VBox {
    private static final PseudoClass PRESENTED = PseudoClass.getPseudoClass("presented");

    private static final PseudoClass STALE = PseudoClass.getPseudoClass("stale");

    /** Kept, because a binding that nobody keeps stops telling. */
    private final BooleanBinding old;
    private final StepBar steps;
    private final KindBar kinds;
    private final SceneRail rail;
    private final AskBar ask;
    private final Region matches;
    private final List<Cover> pictured;
    private final ShowModel model;
    private final VBox right;
    private final List<Pane> canWait;
    /** Whether the pictures beside the stage are to be seen. */
    private final BooleanProperty beside = new SimpleBooleanProperty(true);
    private boolean presented;
    private boolean sheeted;

    /**
     * The page for a model.
     *
     * @param query what stands above the stage
     * @param sheet what takes the place of the stage for a while
     * @param motions how things move
     */
    public ShowPage(ShowModel model, Region query, ObservableValue<Optional<Region>> sheet, ShowActions actions,
            Motions motions) {
        this.model = model;
        getStyleClass().addAll("page-part", "show-page");
        JoinStage stage = new JoinStage(model, actions.cards(), motions);
        steps = new StepBar(model, actions.player(), actions.steps());
        RowsStage rows = new RowsStage(model, actions.cards().results(), motions);
        StackPane stages = new StackPane(stage, rows);
        StackPane place = new StackPane(stages);
        VBox top = new VBox(query, new StageStrip(model));
        top.getStyleClass().add("left-half");
        VBox left = new VBox(new Cover(model, top, () -> model.covers(Question.Cover.QUERY)), place);
        left.getStyleClass().add("left-half");
        left.setMinWidth(0);
        VBox.setVgrow(place, Priority.ALWAYS);
        // Whatever is said above it, the stage gives up its room before anything leaves the window.
        for (Region part : List.of(place, stages, stage, rows)) part.setMinHeight(0);
        old = model.stale().or(model.waiting());
        PracticeBar practice = new PracticeBar(model, actions.practice(), actions.steps().check(),
                actions.steps().hint());
        ask = new AskBar(model, actions.practice(), practice.buttons(), actions.steps().uncover());
        PictureCard pictures = new PictureCard(model, beside);
        Cover picture = new Cover(model, pictures, () -> model.covers(Question.Cover.PICTURE)
                && !(model.asking().get().orElseThrow().question() instanceof Question.WhichPairs));
        VBox.setVgrow(picture, Priority.ALWAYS);
        Cover counts = new Cover(model, new KindCounts(model), () -> model.covers(Question.Cover.COUNTS));
        pictured = List.of(picture, counts);
        matches = ask.results();
        VBox.setVgrow(matches, Priority.ALWAYS);
        right = new VBox(picture, counts, matches);
        canWait = Stream.concat(stage.canWait(), Stream.of(rows, right)).toList();
        old.subscribe(stale -> List.of(stages, right).forEach(part -> part.pseudoClassStateChanged(STALE, stale)));
        stages.getStyleClass().add("stages");
        model.showing().subscribe(now -> {
            boolean matches = now.isOnJoinStage();
            stage.setVisible(matches);
            rows.setVisible(!matches);
        });
        model.staged().subscribe(now -> {
            for (Side side : Side.values()) Hues.dress(this, side, now.hue(side));
        });
        HBox.setHgrow(left, Priority.ALWAYS);
        right.getStyleClass().add("right-half");
        right.setMinWidth(Region.USE_PREF_SIZE);
        HBox middle = new HBox(left, right);
        middle.getStyleClass().add("middle");
        VBox.setVgrow(middle, Priority.ALWAYS);
        kinds = new KindBar(model, actions.kinds());
        rail = new SceneRail(model.lesson());
        getChildren().addAll(kinds, ask, practice, middle,
                new Cover(model, new WhyLine(model), () -> model.covers(Question.Cover.WHY)), steps, rail);
        model.asking().subscribe(_ -> arrange());
        arrange();
        StackPane sheetPlace = new StackPane();
        Cover covered = new Cover(model, sheetPlace, () -> model.covers(Question.Cover.COUNTS));
        covered.setMinHeight(0);
        sheet.subscribe(over -> {
            stages.setVisible(over.isEmpty());
            stages.setManaged(over.isEmpty());
            sheeted = over.isPresent();
            arrange();
            place.getChildren()
                    .setAll(over.isPresent() ? List.<Node>of(stages, covered) : List.of(stages));
            sheetPlace.getChildren().setAll(over.stream().toList());
        });
    }

    /** The panes whose content nobody needs in the first picture. */
    public List<Pane> canWait() {
        return canWait;
    }

    /** How wide the column on the right is, in pixels. */
    public DoubleProperty sideWidth() {
        return right.prefWidthProperty();
    }

    /** Shows nothing but the stage and the why, for a class to look at; or everything again. */
    public void present(boolean stageAlone) {
        pseudoClassStateChanged(PRESENTED, stageAlone);
        presented = stageAlone;
        arrange();
    }

    /** While something stands in the place of the stage, it has the room of the pictures as well. */
    private void arrange() {
        // A class that guesses needs that in which the guess is put.
        Optional<Question> open = model.asking().get().filter(asking -> !asking.uncovered()).map(Asking::question);
        boolean byKind = open.filter(Question.WhichKind.class::isInstance).isPresent();
        boolean byPairs = open.filter(Question.WhichPairs.class::isInstance).isPresent();
        show(kinds, !presented || byKind);
        boolean byResults = model.asking().get()
                .filter(asking -> asking.question() instanceof Question.MatchResults).isPresent();
        beside.set(!sheeted && (!presented || byPairs || byResults));
        show(matches, byResults);
        pictured.forEach(part -> show(part, !byResults));
        show(right, beside.get());
        show(steps, !presented);
        show(rail, presented);
    }

    private static void show(Node part, boolean seen) {
        part.setVisible(seen);
        part.setManaged(seen);
    }

    /** Takes the keyboard, so that no table or field does. */
    public void takeFocus() {
        // While there are no steps, nothing in their bar can have it.
        requestFocus();
        steps.takeFocus();
    }
}
