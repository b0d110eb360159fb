package lunko.lesson.mistake;

import java.util.List;
import lunko.insight.keys.KeyCheck;
import lunko.query.KeyPair;
import lunko.table.Table;

/** Two tables and the columns that belong together, in one direction. */
record Tie(Table left, Table right, List<KeyPair> on) {

    /** The same in the other direction. */
    Tie turned() {
        return new Tie(right, left, on.stream().map(pair -> new KeyPair(pair.right(), pair.left())).toList());
    }

    /** What can be said of its keys. */
    KeyCheck check() {
        return KeyCheck.of(left, right, on);
    }

    /** Whether a row on the right has one partner at most, and one on the left several. */
    boolean isOneToMany() {
        KeyCheck check = check();
        return check.left().matched().stream().allMatch(key -> key.rows().size() == 1)
                && check.right().matched().stream().anyMatch(key -> key.rows().size() > 1);
    }

    /** Whether rows on the left have no partner. */
    boolean leavesSomeOut() {
        return check().left().matchedRows().size() < left.rows().size();
    }

    /** Whether it goes by one pair of columns. */
    boolean isSimple() {
        return on.size() == 1;
    }
}
