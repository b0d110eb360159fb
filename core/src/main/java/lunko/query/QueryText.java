package lunko.query;

import lunko.phrase.Phrase;

/** A query written as SQL, in parts that a reader can point at. */
public record QueryText(Query query) {

    /** The query up to its condition: {@code SELECT * FROM hives h LEFT JOIN keepers k}. */
    public Phrase tables() {
        JoinKind kind = query.kind();
        if (kind.only().isEmpty()) {
            // What brings no pairs is a full join that a condition takes them away from.
            return Phrase.write().plain("SELECT * FROM ").left(named(query.left())).plain(" ")
                    .strong((query.natural() ? "NATURAL " : "")
                            + kind.words().or(JoinKind.FULL_OUTER::words).orElseThrow())
                    .plain(" ").right(named(query.right())).done();
        }
        Side taken = kind.outer();
        Side asked = taken.opposite();
        return Phrase.write().plain("SELECT * FROM ").in(taken.tone(), named(query.on(taken))).plain(" WHERE ")
                .strong(kind.takesPartnered() ? "EXISTS" : "NOT EXISTS").plain(" (SELECT * FROM ")
                .in(asked.tone(), named(query.on(asked))).done();
    }

    /** The word before the first equality; {@code AND} is before the others. */
    public String condition() {
        return query.kind().only().isEmpty() ? " ON " : " WHERE ";
    }

    /** What stands behind the last equality. */
    public String end() {
        if (query.kind().only().isPresent()) return ")";
        if (query.kind().bringsPairs() || query.on().isEmpty()) return "";
        KeyPair first = query.on().getFirst();
        return " WHERE " + query.qualified(Side.LEFT, first.left()) + " IS NULL OR "
                + query.qualified(Side.RIGHT, first.right()) + " IS NULL";
    }

    /** One equality of the condition: {@code h.keeper_id = k.keeper_id}. */
    public Phrase equality(KeyPair pair) {
        return Phrase.write().left(query.qualified(Side.LEFT, pair.left())).plain(" = ")
                .right(query.qualified(Side.RIGHT, pair.right())).done();
    }

    /** The whole query. */
    public Phrase whole() {
        Phrase.Writer text = Phrase.write().phrase(tables());
        if (query.asks()) {
            String before = condition();
            for (KeyPair pair : query.on()) {
                text.plain(before).phrase(equality(pair));
                before = " AND ";
            }
        }
        return text.plain(end()).done();
    }

    private static String named(TableRef ref) {
        return new SqlName(ref.table()).text() + " " + new SqlName(ref.alias()).text();
    }
}
