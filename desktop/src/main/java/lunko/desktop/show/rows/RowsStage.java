package lunko.desktop.show.rows;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.collections.FXCollections;
import javafx.scene.layout.Pane;
import javafx.util.Duration;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.MovingOver;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.result.QueryResult;
import lunko.desktop.show.result.ResultActions;
import lunko.desktop.show.table.StageGrid;
import lunko.engine.Recursion;
import lunko.engine.Stage;
import lunko.engine.UnaryStage;
import lunko.insight.question.Question;
import lunko.show.RowsAtHand;
import lunko.show.Showing;
import lunko.steps.StageKind;

/**
 * The stage where a query does something other than matching: on the left the rows it takes, struck out or taken on, on
 * the right those it gives, and lanes from the ones to the others. The result as a whole stands alone.
 */
public final class RowsStage extends Pane {
    private static final double GAP = 128;
    private static final double BETWEEN = 10;
    /** So many inputs are shown at once; of more, those around the one whose row has its turn. */
    private static final int MOST = 4;

    private final ShowModel model;
    private final Motions motions;
    private final List<RowsCard> before = new ArrayList<>();
    private final RowsCard after;
    private final QueryResult whole;
    private final RowsLanes lanes;
    private int firstShown;

    /** The stage at hand of what a model shows, where it is no join. */
    public RowsStage(ShowModel model, ResultActions actions, Motions motions) {
        this.model = model;
        this.motions = motions;
        this.after = new RowsCard(model, OptionalInt.empty(), this::placeLanes);
        this.whole = new QueryResult(model, actions);
        this.lanes = new RowsLanes(model);
        getStyleClass().add("rows-stage");
        getChildren().addAll(lanes, after, whole);
        model.showing().subscribe((earlier, now) -> {
            if (earlier.run() != now.run() || !earlier.part().equals(now.part())) make(now);
            follow(now, Motion.between(earlier, now));
            if (MovingOver.leads(earlier, now)) (before.isEmpty() ? List.of(whole) : before)
                    .forEach(card -> new MovingOver(motions).from(getHeight() / 2, card));
        });
        make(model.showing().get());
        follow(model.showing().get(), Motion.JUMP);
    }

    private void make(Showing now) {
        int inputs = now.rowsAtHand().map(hand -> hand.timeline().stage().inputs().size()).orElse(0);
        while (before.size() < inputs)
            before.add(new RowsCard(model, OptionalInt.of(before.size()), this::placeLanes));
        getChildren().removeAll(before.subList(inputs, before.size()));
        before.subList(inputs, before.size()).clear();
        now.rowsAtHand().ifPresent(hand -> {
            Stage stage = hand.timeline().stage();
            for (int i = 0; i < inputs; i++) {
                Stage input = stage.inputs().get(i);
                before.get(i).show(title(stage, i), words().counts().rows(input.rows().size()), input,
                        now.hues(),
                        stage instanceof UnaryStage one ? one.deciding() : Set.of(),
                        ReasonColumn.of(model, hand.timeline(), hand.offset(i), input.rows().size()));
                before.get(i).grid().toTop();
                if (!getChildren().contains(before.get(i))) getChildren().add(before.get(i));
            }
            after.show(done(hand.timeline().kind()), "", stage, now.hues(),
                    stage instanceof UnaryStage one ? one.decided() : Set.of(), Optional.empty());
        });
        whole.setVisible(now.wholeAtHand().isPresent());
        after.setVisible(!whole.isVisible());
        lanes.between(before.stream().map(RowsCard::grid).toList(), after.grid());
        requestLayout();
    }

    /** What the rows of an input are called: those of a round by its number. */
    private static String title(Stage stage, int input) {
        return stage instanceof Recursion rounds ? words().stages().roundTitle(rounds.called(), input)
                : words().names().rows(stage.inputs().get(input).title());
    }

    /** What the rows are that a stage gives, in a few words. */
    private static String done(StageKind kind) {
        return switch (kind) {
            case FILTER -> words().show().filtered();
            case GROUP -> words().show().groups();
            case PROJECT -> words().show().selected();
            case DISTINCT -> words().show().distinct();
            case COMBINE -> words().show().combined();
            case SORT -> words().show().sorted();
            case LIMIT -> words().show().limited();
            case MATCH, KEEP, RESULT -> words().resultGrid().result();
        };
    }

    private void follow(Showing now, Motion motion) {
        Duration time = motion == Motion.JUMP ? Duration.ZERO : motions.time().getValue();
        Optional<RowsAtHand> hand = now.rowsAtHand();
        hand.ifPresent(at -> {
            int landed = at.frame().landed();
            list(after.grid(), landed);
            after.say(model.covers(Question.Cover.COUNTS) || landed == at.timeline().stage().rows().size()
                    ? words().counts().rows(landed)
                    : words().resultGrid().soFar(landed, at.timeline().stage().rows().size()));
            if (landed > 0) after.grid().reveal(landed - 1, time);
            OptionalInt turn = at.frame().now();
            int input = turn.isPresent() ? input(at, turn.getAsInt()) : landed == 0 ? 0 : before.size() - 1;
            showAround(input);
            turn.ifPresent(row -> before.get(input).grid().reveal(row - at.offset(input), time));
        });
        placeLanes();
    }

    /** The input that a row is of, counted over all inputs. */
    private int input(RowsAtHand at, int row) {
        return IntStream.range(0, before.size()).filter(i -> row >= at.offset(i)).max().orElse(0);
    }

    private void showAround(int input) {
        firstShown = Math.clamp(input - 1, 0, Math.max(0, before.size() - MOST));
        for (int i = 0; i < before.size(); i++)
            before.get(i).setVisible(i >= firstShown && i < firstShown + MOST);
        requestLayout();
    }

    /** Lists the first so many rows, and tells of no more changes than there are. */
    private static void list(StageGrid grid, int rows) {
        var items = grid.getItems();
        if (items.size() > rows) items.remove(rows, items.size());
        if (items.size() < rows)
            items.addAll(FXCollections.observableArrayList(IntStream.range(items.size(), rows).boxed().toList()));
    }

    private void placeLanes() {
        lanes.place();
    }

    @Override
    protected void layoutChildren() {
        double width = getWidth();
        double height = getHeight();
        if (before.isEmpty()) {
            double wanted = Math.min(width, Math.max(width * 0.5, whole.wanted()));
            whole.resizeRelocate(Math.round((width - wanted) / 2), 0, Math.round(wanted), height);
            lanes.resizeRelocate(0, 0, 0, 0);
            return;
        }
        double wantedBefore = before.stream().mapToDouble(RowsCard::wanted).max().orElse(0);
        double room = width - GAP;
        double needed = before.stream().mapToDouble(RowsCard::needed).max().orElse(0);
        double least = Math.clamp(needed, room * 0.3, Math.max(room * 0.3, room - after.needed()));
        double left = Math.round(Math.clamp(room * wantedBefore / Math.max(1, wantedBefore + after.wanted()), least,
                Math.max(least, room * 0.66)));
        int shown = Math.min(MOST, before.size());
        double each = (height - BETWEEN * (shown - 1)) / shown;
        for (int i = 0; i < shown; i++)
            before.get(firstShown + i).resizeRelocate(0,
                    Math.round(i * (each + BETWEEN)), left, Math.round(each));
        after.resizeRelocate(left + GAP, 0, width - left - GAP, height);
        lanes.resizeRelocate(left, 0, GAP, height);
        for (RowsCard card : before) card.layout();
        after.layout();
        lanes.place();
    }
}
