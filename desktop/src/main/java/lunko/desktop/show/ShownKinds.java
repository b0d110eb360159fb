package lunko.desktop.show;

import java.util.List;
import java.util.stream.Stream;
import lunko.query.JoinKind;

/** The kinds of join that the window shows: those whose rows have the columns of both sides. */
public final class ShownKinds {
    /** They, in order. */
    public static final List<JoinKind> ALL = Stream.of(JoinKind.values()).filter(kind -> kind.only().isEmpty()).toList();

    private ShownKinds() {}
}
