package lunko.words;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.change.RephrasingKind;
import lunko.query.change.SqlDialect;
import lunko.table.Type;

/** Other ways to write a query: what they are called, and what is to be known of them. */
public interface RephrasingSentences {

    /** What a rephrasing is called. */
    String title(RephrasingKind kind);

    /** What is to be known of it. */
    String about(RephrasingKind kind);

    /** NATURAL would match more columns than are meant. */
    String matchesMore(List<String> columns);

    /** The comma form cannot do what a kind does. */
    String commaCannotKeep(JoinKind kind);

    /** What a database is called. */
    String dialect(SqlDialect dialect);

    /** What a column is, beside its name where it can be chosen: {@code integer of hives}. */
    String columnOf(Type type, String table);

    /** What a name before a dot is for: {@code a column of hives}. */
    String columnsOf(String table);

    /** {@code named by WITH}. */
    String namedByWith();

    /** {@code of heavy}. */
    String ofQuery(String query);
}
