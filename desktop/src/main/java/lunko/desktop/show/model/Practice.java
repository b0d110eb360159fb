package lunko.desktop.show.model;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import lunko.phrase.Phrase;
import lunko.practice.Assessment;
import lunko.practice.Attempt;
import lunko.practice.Hints;
import lunko.show.Asking;

/** Practising alone: what has been done about the question at hand, checked, and helped with. */
public final class Practice {
    private final ShowModel model;
    private final BooleanProperty on = new SimpleBooleanProperty(this, "on", false);
    private final ReadOnlyObjectWrapper<Attempt> attempt = new ReadOnlyObjectWrapper<>(this, "attempt", Attempt.NONE);

    /** With what a model shows. What is guessed otherwise, or asked of other rows, has to be checked anew. */
    public Practice(ShowModel model) {
        this.model = model;
        model.asking().subscribe((before, now) -> {
            if (!before.map(Asking::asked).equals(now.map(Asking::asked))
                    || !before.flatMap(Asking::guess).equals(now.flatMap(Asking::guess)))
                attempt.set(Attempt.NONE);
        });
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) attempt.set(Attempt.NONE);
        });
    }

    /** Whether somebody practises. */
    public BooleanProperty on() {
        return on;
    }

    /** What has been done about the question at hand. */
    public ReadOnlyObjectProperty<Attempt> attempt() {
        return attempt.getReadOnlyProperty();
    }

    /** Checks what is guessed; of tables, what they are like now. */
    public void check() {
        open().flatMap(asking -> Assessment.of(asking.answered(), model.showing().get()))
                .ifPresent(assessment -> {
                    attempt.set(attempt.get().assessed(assessment));
                    if (assessment.isRight() && open().isPresent()) model.toggleCovers();
                });
    }

    /** One more hint, if there is one. */
    public void hint() {
        open().ifPresent(asking -> {
            int all = Hints.of(asking, model.showing().get()).size();
            int had = attempt.get().hints();
            if (had < all) attempt.set(attempt.get().hinted(had + 1 == all));
        });
    }

    /** What has been said so far to help. */
    public List<Phrase> hints() {
        return open().map(asking -> Hints.of(asking, model.showing().get()).stream()
                .limit(attempt.get().hints()).map(hint -> hint.in(words())).toList()).orElse(List.of());
    }

    private Optional<Asking> open() {
        return model.asking().get().filter(asking -> !asking.uncovered());
    }
}
