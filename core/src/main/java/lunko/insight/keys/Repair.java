package lunko.insight.keys;

import lunko.query.Side;
import lunko.table.Type;

/** A change that makes keys meet which nearly do. */
public sealed interface Repair {

    /** The side whose table is changed. */
    Side side();

    /** A key is made like the one that is meant. */
    record Respell(NearMiss miss) implements Repair {
        @Override
        public Side side() {
            return miss.side();
        }
    }

    /** A column gets the type of the one that it belongs to. */
    record Retype(Side side, String column, Type type) implements Repair {}
}
