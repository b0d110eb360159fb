package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.OptionalLong;
import java.util.function.Function;
import javafx.beans.value.ObservableDoubleValue;
import javafx.geometry.Orientation;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.util.Duration;
import lunko.desktop.grid.ColumnWidths;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.handout.PictureCopy;
import lunko.desktop.handout.PictureHandle;
import lunko.desktop.show.model.Motion;
import lunko.desktop.show.model.Motions;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Join;
import lunko.handout.figure.Motif;
import lunko.insight.question.Question;
import lunko.phrase.Phrase;
import lunko.query.Side;
import lunko.show.Showing;

/** The result as it grows: two parts that scroll as one, and between them where each row comes from. */
public final class ResultGrid {
    private final ResultRows rows = new ResultRows();
    private final ResultSide left;
    private final ResultSide right;
    private final ResultLinks links;
    private final ShowModel model;
    private final Motions motions;
    private final PhraseFlow title = new PhraseFlow("result-title");
    /** Where the columns come from, said where there is room for it. */
    private final PhraseFlow under = new PhraseFlow("result-title");
    private final MenuButton menu;
    private final HBox head;
    private final StackPane leftCard;
    private final StackPane rightCard;

    /** The result of the join that a model shows, under columns as wide as those above. */
    public ResultGrid(ShowModel model, ResultActions actions, Function<Side, ColumnWidths> widths,
            ObservableDoubleValue arrival, Motions motions) {
        this.motions = motions;
        this.model = model;
        menu = actions.menu();
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        title.setMinWidth(Region.USE_PREF_SIZE);
        Button picture = PictureHandle.of(new PictureCopy(model), () -> Motif.RESULT);
        head = new HBox(title, under, gap, picture, menu) {
            @Override
            protected void layoutChildren() {
                double wanted = title.prefWidth(-1) + under.prefWidth(-1) + picture.prefWidth(-1)
                        + menu.prefWidth(-1);
                under.setVisible(wanted <= getWidth());
                super.layoutChildren();
            }
        };
        head.getStyleClass().add("result-head");
        head.setAlignment(Pos.CENTER_LEFT);
        left = new ResultSide(model, Side.LEFT, widths.apply(Side.LEFT), rows, arrival);
        right = new ResultSide(model, Side.RIGHT, widths.apply(Side.RIGHT), rows, arrival);
        links = new ResultLinks(model, rows, arrival);
        leftCard = card(left);
        rightCard = card(right);
        left.scrollAlongWith(right, Orientation.VERTICAL);
        links.scrollAlongWith(right, Orientation.VERTICAL);
        model.staged().subscribe((before, now) -> show(before, now));
        model.asking().subscribe((_, _) -> say(model.staged().get()));
        model.arrangement().subscribe((_, _) -> {
            rows.show(model.staged().get(), model.arrangement().get(), false);
            say(model.staged().get());
        });
        show(model.staged().get(), model.staged().get());
    }

    /** The part under a side's table, as a card. */
    public StackPane card(Side side) {
        return side.of(leftCard, rightCard);
    }

    /** The part of a side. */
    public ResultSide part(Side side) {
        return side.of(left, right);
    }

    /** What stands between the two parts: the source rows of each row. */
    public ResultLinks between() {
        return links;
    }

    /** Where the row that came last is listed. */
    public int last() {
        return rows.last();
    }

    /** The line over the result. */
    public HBox head() {
        return head;
    }

    private static StackPane card(ResultSide part) {
        StackPane card = new StackPane(part);
        card.getStyleClass().addAll("card", "result-card");
        return card;
    }

    private void show(Showing before, Showing now) {
        boolean kin = before.isOfSameJoin(now) && before != now;
        int places = rows.size();
        boolean changed = rows.show(now, model.arrangement().get(), kin);
        say(now);
        boolean jump = Motion.between(before, now) == Motion.JUMP;
        int wanted = Math.max(0, rows.last()) + (rows.isPending() ? 1 : 0);
        // All of another result is looked at from where one is.
        boolean leave = jump && !kin && now.isAtEnd();
        if (!changed || rows.isEmpty() || leave || right.isWhollyInView(wanted)) return;
        if (rows.size() != places) {
            // What scrolls along must have the rows to scroll to.
            left.layout();
            links.layout();
        }
        right.reveal(wanted, jump ? Duration.ZERO : motions.time().getValue());
    }

    private void say(Showing now) {
        title.show(title(now));
        under.show(now.outcome().filter(_ -> now.match().isPresent()).map(outcome -> under(outcome.join()))
                .orElse(Phrase.EMPTY));
    }

    private static Phrase under(Join join) {
        return join.kind().only().map(side -> words().resultGrid().onlyColumnsOf(table(join, side))).orElseGet(
                () -> words().resultGrid().columnsUnder(table(join, Side.LEFT), table(join, Side.RIGHT)));
    }

    private static Phrase table(Join join, Side side) {
        return Phrase.of(words().names().rows(join.on(side).title()), side.tone());
    }

    private Phrase title(Showing showing) {
        return showing.match().map(frame -> words().resultGrid().resultHeading(frame.landed().size(),
                model.covers(Question.Cover.COUNTS) ? OptionalLong.empty()
                        : OptionalLong.of(showing.outcome().orElseThrow().size()),
                showing.changes().map(changes -> changes.said(words())).orElse(""),
                model.arrangement().get().said(words()), rows.before() + 1L))
                .orElseGet(words().resultGrid()::noneYet);
    }
}
