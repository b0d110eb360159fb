package lunko.insight.keys;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.PlainJoin;
import lunko.table.Table;
import lunko.words.Language;
import lunko.words.Sentence;

/** What a self join does to a table: it takes it twice, under two names. */
public record SelfPreview(Table table, List<KeyPair> link) {

    /** What is to be said of it before it is done. */
    public List<Sentence> said() {
        PlainJoin query = PlainJoin.of(table, JoinKind.INNER, table, link);
        return List.of(in -> in.keys().selfTakesTwice(table.name(), query.left().alias(), query.right().alias(),
                table.rows().size()), link.isEmpty() ? in -> in.keys().selfUnlinked()
                        : in -> in.keys().selfMatches(on(query, in)));
    }

    private Phrase on(PlainJoin query, Language in) {
        return in.keys().all(link.stream().map(pair -> in.keys().equal(query.left().alias() + "." + pair.left(),
                query.right().alias() + "." + pair.right())).toList());
    }
}
