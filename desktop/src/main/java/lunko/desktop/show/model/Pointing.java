package lunko.desktop.show.model;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.BooleanSupplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.show.RowsAtHand.Place;
import lunko.show.RowsAtHand;
import lunko.show.Showing;

/** What is pointed at in the show, and what belongs to it. */
public final class Pointing {
    private final ReadOnlyObjectProperty<Showing> showing;
    private final ReadOnlyObjectWrapper<Optional<Lineage>> lineage = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<OptionalLong> decided = new ReadOnlyObjectWrapper<>(OptionalLong.empty());
    private final ReadOnlyObjectWrapper<Optional<Place>> row = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObjectProperty<OptionalInt> part = new SimpleObjectProperty<>(OptionalInt.empty());
    private Optional<Pointed> chosen = Optional.empty();
    private final BooleanSupplier silent;
    private boolean changing;

    /** Points at nothing of what is shown, and not at anything as long as that would give an answer away. */
    Pointing(ReadOnlyObjectProperty<Showing> showing, BooleanSupplier silent) {
        this.showing = showing;
        this.silent = silent;
    }

    /** What belongs to the row that is pointed at, if one is. */
    public ReadOnlyObjectProperty<Optional<Lineage>> lineage() {
        return lineage.getReadOnlyProperty();
    }

    /** The same for a view of a join, which may be another one than that of the row pointed at: then it is nothing. */
    public Optional<Lineage> lineageIn(Showing shown) {
        return lineage.get().filter(_ -> showing.get().isOfSameJoin(shown));
    }

    /** The step in which it was decided what becomes of that which is pointed at. */
    public ReadOnlyObjectProperty<OptionalLong> decided() {
        return decided.getReadOnlyProperty();
    }

    /** The part of the steps that is pointed at in the words of the query, counted from 0. */
    public ObjectProperty<OptionalInt> part() {
        return part;
    }

    /** The row of a stage other than a join that is pointed at. */
    public ReadOnlyObjectProperty<Optional<Place>> row() {
        return row.getReadOnlyProperty();
    }

    /** Whether the words that are pointed at belong to the part of the steps at hand. */
    public boolean isAtPartAtHand() {
        return part.get().isPresent() && !silent.getAsBoolean()
                && showing.get().frame().filter(frame -> frame.part() == part.get().getAsInt()).isPresent();
    }

    /** Points at a row for as long as the mouse is over it; nothing means the one that was chosen, if one was. */
    public void at(Optional<Pointed> at) {
        if (!changing) show(at.or(() -> chosen));
    }

    /** Chooses a row to be pointed at until the next step. */
    public void choose(Optional<Pointed> at) {
        if (changing) return;
        chosen = at;
        show(at);
    }

    /** Points at a row of the stage at hand, which is not a join; nothing means at none. */
    public void row(Optional<Place> at) {
        if (changing) return;
        row.set(at);
        step(at.flatMap(place -> showing.get().rowsAtHand().map(hand -> hand.decided(place))).map(OptionalLong::of)
                .orElse(OptionalLong.empty()));
    }

    /** Whether a row of the stage at hand, which is not a join, belongs to what is pointed at. */
    public boolean lights(RowsAtHand hand, Place place) {
        // Whoever points at the words of the stage sees the rows that they strike out.
        return place.before() && isAtPartAtHand() && hand.timeline().strikesOut(place.row())
                || row.get().filter(at -> hand.belong(at, place)).isPresent();
    }

    /** Points at what a step of a stage other than a join has decided; nothing means at nothing. */
    public void step(OptionalLong step) {
        if (!changing) decided.set(step);
    }

    /** Points at nothing any more. */
    void forget() {
        chosen = Optional.empty();
        lineage.set(Optional.empty());
        row.set(Optional.empty());
        decided.set(OptionalLong.empty());
    }

    /**
     * Changes what is shown. What was pointed at is not there any more; and until every view shows what is there now,
     * none of them points: it would mean a row of one showing by its place in another.
     */
    void whileChanging(Runnable change) {
        forget();
        boolean before = changing;
        changing = true;
        try {
            change.run();
        } finally {
            changing = before;
        }
    }

    private void show(Optional<Pointed> pointed) {
        Optional<Lineage> now = silent.getAsBoolean() ? Optional.empty()
                : pointed.flatMap(at -> showing.get().outcome().flatMap(outcome -> Lineage.of(outcome, at)));
        if (now.equals(lineage.get())) return;
        lineage.set(now);
        decided.set(now.map(of -> showing.get().decided(of.pointed())).orElse(OptionalLong.empty()));
    }
}
