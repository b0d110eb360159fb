package lunko.lesson;

import java.util.Optional;
import java.util.stream.Stream;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.TableFault;

/** What a lesson may not hold, because no file could give it back. */
final class LessonLimits {
    private LessonLimits() {}

    /** A lesson that has become of another one; a problem where something in it is beyond the limits. */
    static Checked<Lesson> checked(Lesson before, Lesson now) {
        Stream<Optional<TableFault>> tables = now.tables().stream()
                .map(table -> Limits.fault(table, before.tables().stream()
                        .filter(other -> other.name().equals(table.name())).findFirst()));
        Stream<String> said = Stream.concat(Stream.of(now.title()),
                now.views().all().stream().map(view -> view.query().sql()));
        Stream<Optional<TableFault>> texts = Stream.concat(said, now.scenes().all().stream()
                .flatMap(scene -> Stream.concat(
                        Stream.of(scene.telling().title(), scene.telling().note(), scene.telling().handed(),
                                scene.asked().map(Asked::words).orElse(""),
                                scene.asked().map(Asked::question).filter(Question.InWords.class::isInstance)
                                        .map(question -> ((Question.InWords) question).answer()).orElse("")),
                        scene.written().map(WrittenQuery::sql).stream())))
                .map(Limits::ofText);
        Stream<Optional<TableFault>> numbers = Stream.of(
                now.tables().size() > before.tables().size() ? Limits.ofTables(now.tables().size()) : Optional.empty(),
                now.links().size() > before.links().size() ? Limits.ofLinks(now.links().size()) : Optional.empty(),
                now.scenes().size() > before.scenes().size() ? Limits.ofScenes(now.scenes().size())
                        : Optional.empty());
        return Stream.concat(numbers, Stream.concat(tables, texts)).flatMap(Optional::stream).findFirst()
                .map(Checked::<Lesson>invalid)
                .orElse(Checked.valid(now));
    }
}
