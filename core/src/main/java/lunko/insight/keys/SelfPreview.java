package lunko.insight.keys;

import java.util.ArrayList;
import java.util.List;
import lunko.phrase.Phrase;
import lunko.phrase.Words;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.change.PlainJoin;
import lunko.table.Table;

/** What a self join does to a table: it takes it twice, under two names. */
public record SelfPreview(Table table, List<KeyPair> link) {

    /** What is to be said of it before it is done. */
    public List<Phrase> said() {
        PlainJoin query = PlainJoin.of(table, JoinKind.INNER, table, link);
        List<Phrase> said = new ArrayList<>();
        said.add(Phrase.write().strong(table.name()).plain(" is taken twice: as ").left(query.left().alias())
                .plain(" on the left and as ").right(query.right().alias())
                .plain(" on the right. It is one table of " + Words.rows(table.rows().size())
                        + " under two names; nothing is copied, and what is changed on one side changes on the other.")
                .done());
        if (link.isEmpty()) {
            said.add(Phrase.write().plain(
                    "It is not linked with itself: match two of its columns on the stage, or choose a cross join.")
                    .done());
        } else {
            said.add(Phrase.write().plain("A row finds its partners by ").phrase(on(query))
                    .plain(". A row may even meet itself.").done());
        }
        return said;
    }

    private Phrase on(PlainJoin query) {
        Phrase.Writer text = Phrase.write();
        String before = "";
        for (KeyPair pair : link) {
            text.plain(before).left(query.left().alias() + "." + pair.left()).plain(" = ")
                    .right(query.right().alias() + "." + pair.right());
            before = " and ";
        }
        return text.done();
    }
}
