package lunko.desktop.show;

import static lunko.desktop.words.Spoken.words;

import atlantafx.base.controls.ProgressSliderSkin;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.look.Hues;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.Player;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.show.model.Speed;
import lunko.engine.JoinResult;
import lunko.engine.ResultRow;
import lunko.insight.question.Question;
import lunko.query.Side;
import lunko.show.Joining;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Drives the steps: buttons, a bar to drag with a mark for each row that lands, and the speed. */
final class StepBar extends HBox {
    private static final int MOST_MARKS = 240;
    private static final double THUMB = 20;
    private static final double CLOSEST = 12;

    private final ShowModel model;
    private final Slider slider = new Slider(0, 1, 0);
    private final Pane marks = new Pane();
    private boolean following;

    StepBar(ShowModel model, Player player, StepActions actions) {
        this.model = model;
        getStyleClass().add("step-bar");
        setAlignment(Pos.CENTER_LEFT);
        Button play = actions.play().iconButton(Feather.PLAY);
        play.getStyleClass().add("play");
        play.graphicProperty()
                .bind(player.playing().map(playing -> new FontIcon(playing ? Feather.PAUSE : Feather.PLAY)));
        slider.setSkin(new ProgressSliderSkin(slider));
        slider.setId("steps");
        slider.setBlockIncrement(1);
        slider.setAccessibleText(words().steps().step());
        slider.valueProperty().subscribe((_, value) -> {
            if (!following) player.goTo(Math.round(value.doubleValue()));
        });
        slider.valueChangingProperty().subscribe(changing -> {
            if (!changing) follow(model.showing().get());
        });
        marks.setMouseTransparent(true);
        marks.getStyleClass().add("marks");
        marks.layoutBoundsProperty().subscribe((_, _) -> mark(model.showing().get()));
        Track bar = new Track();
        HBox.setHgrow(bar, Priority.ALWAYS);
        ToggleButton onlyPairs = Controls.toggle(words().steps().onlyPairs());
        onlyPairs.setId("only-pairs");
        onlyPairs.selectedProperty().bindBidirectional(player.onlyPairs());
        Tip.on(onlyPairs, actions.onlyPairs().name());
        Choice<JoinAlgorithm> algorithm = choice(JoinAlgorithm.values(), way -> way.title(words()));
        algorithm.setId("algorithm");
        algorithm.valueProperty().bindBidirectional(model.algorithm());
        algorithm.setAccessibleText(words().steps().howMatched());
        Tip.on(algorithm, words().steps().howMatched());
        Label speedLabel = new Label(words().steps().speed());
        speedLabel.getStyleClass().add("about");
        Choice<Speed> speed = choice(Speed.values(), Speed::toString);
        speed.valueProperty().bindBidirectional(player.speed());
        speed.setAccessibleText(words().steps().speed());
        speedLabel.setLabelFor(speed);
        getChildren().addAll(actions.first().iconButton(Feather.SKIP_BACK),
                actions.back().iconButton(Feather.CHEVRON_LEFT), play,
                actions.forward().iconButton(Feather.CHEVRON_RIGHT),
                actions.last().iconButton(Feather.SKIP_FORWARD), bar, actions.openHere().iconButton(Feather.BOOKMARK),
                algorithm, onlyPairs, speedLabel, speed);
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) mark(now);
            follow(now);
        });
        model.asking().subscribe(_ -> marks.setVisible(!model.covers(Question.Cover.MARKS)));
        follow(model.showing().get());
    }

    /** Takes the keyboard, so that no table or field does. */
    void takeFocus() {
        slider.requestFocus();
    }

    private void follow(Showing showing) {
        following = true;
        slider.setMax(Math.max(1, showing.last()));
        slider.setDisable(showing.frame().isEmpty());
        if (!slider.isValueChanging()) slider.setValue(showing.number());
        following = false;
    }

    /** A dot where a pair lands and a diamond where a row is kept; of too many, some at even distances. */
    private void mark(Showing showing) {
        List<Mark> wanted = showing.run().either(
                run -> run.joinings().stream().flatMap(joining -> marks(joining, run).stream()).toList(),
                _ -> List.of());
        // Those that are there are moved: most look as before while somebody types, and what is new is styled anew.
        List<Node> there = marks.getChildren();
        if (there.size() > wanted.size()) there.subList(wanted.size(), there.size()).clear();
        List<Node> more =
                Stream.generate(Region::new).<Node>map(mark -> mark).limit(wanted.size() - there.size()).toList();
        there.addAll(more);
        for (int i = 0; i < wanted.size(); i++) wanted.get(i).show((Region) there.get(i));
    }

    /** A mark on the bar: what it looks like and where it is. */
    private record Mark(String style, double x, double y, double width, double height, double turned) {

        void show(Region mark) {
            mark.setManaged(false);
            if (!mark.getStyleClass().contains(style)) mark.getStyleClass().setAll("step-mark", style);
            mark.resizeRelocate(x, y, width, height);
            mark.setRotate(turned);
        }
    }

    private List<Mark> marks(Joining joining, Showing.Run run) {
        Timeline timeline = run.timeline();
        List<Mark> all = new ArrayList<>();
        JoinResult outcome = joining.outcome();
        long start = timeline.start(joining.part());
        double track = marks.getWidth() - THUMB;
        List<Long> rows = marked(outcome.size());
        boolean crowded = rows.size() * CLOSEST > track * (joining.timeline().last() + 1) / (timeline.last() + 1);
        for (long row : rows) {
            ResultRow lands = outcome.row(row);
            boolean pair = lands instanceof ResultRow.Met;
            String style = switch (lands) {
                case ResultRow.Met _ -> "pair-mark";
                case ResultRow.Kept(Side side, int _) -> Hues.style(run.hues().ofRows(outcome.join().on(side)));
                case ResultRow.Taken(Side side, int _) -> Hues.style(run.hues().ofRows(outcome.join().on(side)));
            };
            double x = THUMB / 2 + track * (start + joining.timeline().landing(row)) / timeline.last();
            double y = marks.getHeight() / 2;
            // Where they are many, lines under the bar, where they do not hide the thumb.
            all.add(crowded ? new Mark(style, Math.round(x), y + 6, 1, 7, 0)
                    : new Mark(style, x - 4.5, y - 4.5, 9, 9, pair ? 0 : 45));
        }
        return all;
    }

    /** The bar with its marks. It is laid out by itself: a step does not move anything around it. */
    private final class Track extends Pane {

        Track() {
            getChildren().addAll(slider, marks);
            getChildren().forEach(child -> child.setManaged(false));
        }

        @Override
        protected void layoutChildren() {
            double height = slider.prefHeight(-1);
            slider.resizeRelocate(0, Math.round((getHeight() - height) / 2), getWidth(), height);
            marks.resizeRelocate(0, 0, getWidth(), getHeight());
        }

        @Override
        protected double computePrefHeight(double width) {
            return slider.prefHeight(width);
        }
    }

    private static <T> Choice<T> choice(T[] values, Function<T, String> title) {
        Choice<T> choice = new Choice<>(List.of(values), title);
        choice.setMinWidth(USE_PREF_SIZE);
        return choice;
    }

    private static List<Long> marked(long rows) {
        long every = Math.max(1, (rows + MOST_MARKS - 1) / MOST_MARKS);
        return LongStream.iterate(0, row -> row < rows, row -> row + every).boxed().toList();
    }
}
