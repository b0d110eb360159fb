package lunko.query;

import lunko.phrase.Phrase;

/** A query written as SQL, in parts that a reader can point at. */
public record QueryText(Query query) {

    /** The query up to its condition: {@code SELECT * FROM hives h LEFT JOIN keepers k}. */
    public Phrase tables() {
        return Phrase.write().plain("SELECT * FROM ").left(named(query.left())).plain(" ")
                .strong(query.kind().sql()).plain(" ").right(named(query.right())).done();
    }

    /** One equality of the condition: {@code h.keeper_id = k.keeper_id}. */
    public Phrase equality(KeyPair pair) {
        return Phrase.write().left(query.qualified(Side.LEFT, pair.left())).plain(" = ")
                .right(query.qualified(Side.RIGHT, pair.right())).done();
    }

    /** The whole query. */
    public Phrase whole() {
        Phrase.Writer text = Phrase.write().phrase(tables());
        if (query.kind().compares()) {
            String before = " ON ";
            for (KeyPair pair : query.on()) {
                text.plain(before).phrase(equality(pair));
                before = " AND ";
            }
        }
        return text.done();
    }

    private static String named(TableRef ref) {
        return new SqlName(ref.table()).text() + " " + new SqlName(ref.alias()).text();
    }
}
