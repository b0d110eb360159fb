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
import lunko.practice.Results;
import lunko.show.Asking;

/** Practising alone: what has been done about the question at hand, checked, and helped with. */
public final class Practice {
    private final ShowModel model;
    private final BooleanProperty on = new SimpleBooleanProperty(this, "on", false);
    private final ReadOnlyObjectWrapper<Attempt> attempt = new ReadOnlyObjectWrapper<>(this, "attempt", Attempt.NONE);

    /** With what a model shows. What is guessed otherwise, or asked of other rows, has to be checked anew. */
    public Practice(ShowModel model) {
        this.model = model;
        model.asking().subscribe((_, now) -> {
            if (on.get()) now.ifPresent(this::follow);
        });
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run() && attempt.get().assessed().isPresent())
                attempt.get().guess().ifPresent(guess -> keep(attempt.get().guessing(guess)));
        });
        model.lesson().lesson().subscribe(_ -> comeBack());
        model.lesson().mode().subscribe(_ -> comeBack());
        on.subscribe(_ -> comeBack());
    }

    /** What somebody has done about the question of this scene before is there again, while they practise. */
    private void comeBack() {
        Attempt before = model.lesson().results().get().of(model.lesson().lesson().get().scenes().at());
        attempt.set(before);
        if (!on.get() || model.asking().get().isEmpty()) return;
        before.guess().filter(guess -> !model.asking().get().get().guess().equals(Optional.of(guess)))
                .ifPresent(model::guess);
        if (before.uncovered() && open().isPresent()) model.toggleCovers();
    }

    private void follow(Asking now) {
        now.guess().filter(guess -> !attempt.get().guess().equals(Optional.of(guess)))
                .ifPresent(guess -> keep(attempt.get().guessing(guess)));
        if (now.uncovered() && !attempt.get().uncovered()) keep(attempt.get().uncovered(true));
    }

    private void keep(Attempt next) {
        model.lesson().attempt(next);
        attempt.set(next);
    }

    /** What has come of all questions. */
    public ReadOnlyObjectProperty<Results> results() {
        return model.lesson().results();
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
        open().ifPresent(this::follow);
        open().flatMap(asking -> Assessment.of(asking.answered(), model.showing().get()))
                .ifPresent(assessment -> {
                    keep(attempt.get().assessed(assessment));
                    if (assessment.isRight() && open().isPresent()) model.toggleCovers();
                });
    }

    /** One more hint, if there is one. */
    public void hint() {
        open().ifPresent(asking -> {
            int all = Hints.of(asking, model.showing().get()).size();
            int had = attempt.get().hints();
            if (had < all) keep(attempt.get().hinted(had + 1 == all));
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
