package lunko.lesson;

import java.util.List;
import java.util.Optional;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.PlainJoin;
import lunko.query.sql.FromItem.JoinSpecification;

/**
 * How the text of a scene and the link of its tables follow each other, where the query is the plain join of two
 * tables: whichever is changed, the other says the same.
 */
final class Writing {
    private Writing() {}

    /** The lesson showing what somebody has written; if that is a plain join, link and kind are as it says. */
    static Lesson written(Lesson lesson, WrittenQuery query) {
        Lesson written = lesson.with(lesson.scene().writing(Optional.of(query)));
        return written.staged().plainJoin().map(join -> paired(written, join)).orElse(written);
    }

    private static Lesson paired(Lesson lesson, PlainJoin join) {
        String left = join.left().table();
        String right = join.right().table();
        Lesson paired = lesson.with(lesson.scene().of(new Pairing(left, join.kind(), right, join.natural())))
                .titledAs(lesson);
        return join.natural() || !join.kind().compares() ? paired : paired.linking(new Link(left, right, join.on()));
    }

    /** The lesson with a text that says what its link does. */
    static Lesson sayingLink(Lesson lesson) {
        Optional<WrittenQuery> written = lesson.scene().written();
        Optional<PlainJoin> join = written.flatMap(_ -> lesson.staged().plainJoin())
                .filter(plain -> plain.kind().compares() && !plain.natural());
        if (join.isEmpty()) return lesson;
        List<KeyPair> on = lesson.staged().linked();
        if (join.get().on().equals(on)) return lesson;
        return lesson.with(lesson.scene()
                .writing(written.filter(_ -> !on.isEmpty()).map(query -> query.matching(join.get(), on))));
    }

    /** The lesson with another kind for its plain join, its text changed as little as can be. */
    static Lesson choosing(Lesson lesson, JoinKind kind) {
        Lesson chosen = lesson.of(kind);
        Optional<PlainJoin> join = lesson.staged().plainJoin();
        Optional<WrittenQuery> written = lesson.scene().written();
        if (written.isEmpty() || join.isEmpty()) return chosen;
        List<KeyPair> on = chosen.staged().on();
        PlainJoin other = on.isEmpty() || join.get().natural() ? join.get().of(kind) : join.get().of(kind).by(on);
        JoinSpecification condition = on.isEmpty() || !kind.compares() ? new JoinSpecification.Nothing()
                : new JoinSpecification.On(other.condition());
        Optional<WrittenQuery> joined = join.get().kind().words()
                .flatMap(_ -> written.get().joining(0, 1, kind, condition));
        return chosen.with(chosen.scene().writing(Optional.of(joined.orElseGet(() -> written.get().saying(other)))));
    }
}
