package lunko.desktop.query;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import lunko.lesson.Diagnostic;
import lunko.problem.Problem;

/** What is wrong with the text, and which of it is explained. */
final class Diagnostics {

    /** All of it, and the number of the one that is explained, counted from 0. */
    record Told(List<Diagnostic> all, int number) {

        /** The one that is explained, if anything is wrong. */
        Optional<Diagnostic> explained() {
            return all.isEmpty() ? Optional.empty() : Optional.of(all.get(number));
        }
    }

    private final ReadOnlyObjectWrapper<Told> told = new ReadOnlyObjectWrapper<>(new Told(List.of(), 0));

    ReadOnlyObjectProperty<Told> told() {
        return told.getReadOnlyProperty();
    }

    /** Takes up what is wrong now; which of it is explained stays so, if it is the same, wherever it is now. */
    void set(List<Diagnostic> now) {
        told.set(new Told(now, problems(now).equals(problems(told.get().all())) ? told.get().number() : 0));
    }

    private static List<Problem> problems(List<Diagnostic> of) {
        return of.stream().map(Diagnostic::problem).toList();
    }

    /** Explains the next one. */
    void next() {
        Told now = told.get();
        if (!now.all().isEmpty()) told.set(new Told(now.all(), (now.number() + 1) % now.all().size()));
    }
}
