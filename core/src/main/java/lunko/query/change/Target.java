package lunko.query.change;

import java.util.Locale;
import java.util.stream.IntStream;
import lunko.query.SqlName;
import lunko.table.Type;

/** What a query is written for: the standard, or a database that says some things otherwise (docs/databases.md). */
public enum Target {
    /** ISO/IEC 9075-2. */
    STANDARD("standard SQL", Names.AS_WRITTEN, Limit.FETCH, false, true, true, false, true),
    /** PostgreSQL, which takes names without quotes for small letters. */
    POSTGRESQL("PostgreSQL", Names.QUOTED_IF_LARGE, Limit.EITHER, false, true, true, false, false),
    /**
     * SQLite, which has neither FETCH FIRST nor dates, puts NULL before all values, and leaves columns that come once
     * where they are.
     */
    SQLITE("SQLite", Names.AS_WRITTEN, Limit.LIMIT_BEFORE_OFFSET, true, true, false, true, false),
    /**
     * H2, which has no FULL JOIN and no natural outer joins, takes names without quotes for capitals, and puts NULL
     * before all values.
     */
    H2("H2", Names.QUOTED, Limit.EITHER, true, false, false, false, true),
    /** DuckDB, which puts NULL last always, and leaves columns that come once where they are. */
    DUCKDB("DuckDB", Names.AS_WRITTEN, Limit.LIMIT_BEFORE_OFFSET, true, true, false, false, true),
    /** A database that has no FULL JOIN, no NATURAL and USING, and no FETCH FIRST. */
    PLAINEST("a database without FULL JOIN, NATURAL and FETCH FIRST", Names.AS_WRITTEN, Limit.LIMIT_BEFORE_OFFSET,
            false, false, false, false, true);

    /**
     * How the names of tables and columns must be written, so that a query and the script that makes the tables mean
     * the same ones.
     */
    private enum Names {
        AS_WRITTEN, QUOTED_IF_LARGE, QUOTED
    }

    /** How the first rows are asked for. */
    enum Limit { FETCH, EITHER, LIMIT_BEFORE_OFFSET }

    private final String title;
    private final Names names;
    private final Limit limit;
    private final boolean saysWhereNullsAre;
    private final boolean hasFullJoin;
    private final boolean hasNatural;
    private final boolean lacksTypes;
    private final boolean countsDigits;

    Target(String title, Names names, Limit limit, boolean saysWhereNullsAre, boolean hasFullJoin, boolean hasNatural,
            boolean lacksTypes, boolean countsDigits) {
        this.title = title;
        this.names = names;
        this.limit = limit;
        this.saysWhereNullsAre = saysWhereNullsAre;
        this.hasFullJoin = hasFullJoin;
        this.hasNatural = hasNatural;
        this.lacksTypes = lacksTypes;
        this.countsDigits = countsDigits;
    }

    /** It in a sentence: {@code PostgreSQL}. */
    public String title() {
        return title;
    }

    /** A name of a table or column, as it is written in a query and in the script that makes the tables. */
    public String name(String name) {
        return switch (names) {
            case AS_WRITTEN -> new SqlName(name).text();
            case QUOTED_IF_LARGE ->
                name.equals(name.toLowerCase(Locale.ROOT)) ? new SqlName(name).text() : SqlName.quoted(name);
            case QUOTED -> SqlName.quoted(name);
        };
    }

    Limit limit() {
        return limit;
    }

    /** Whether a sort key must say where NULL stands, because it would stand elsewhere. */
    boolean saysWhereNullsAre() {
        return saysWhereNullsAre;
    }

    boolean hasFullJoin() {
        return hasFullJoin;
    }

    boolean hasNatural() {
        return hasNatural;
    }

    /** Whether it has no dates and no truth value of its own: dates are texts there. */
    boolean lacksTypes() {
        return lacksTypes;
    }

    /** Whether a row of a table may refer to a row that comes with the same INSERT. */
    public boolean refersWithinAnInsert() {
        return this != DUCKDB;
    }

    /**
     * The type of a column, some decimals of which have so many digits behind the point, and some texts so many
     * characters.
     */
    public String type(Type type, int digits, int characters) {
        return switch (type) {
            // Lunko's whole numbers have 64 bits, and INTEGER elsewhere 32.
            case INTEGER -> "BIGINT";
            // Without a number of digits the standard and these would keep none, or three.
            case DECIMAL -> countsDigits ? "DECIMAL(38, " + Math.min(20, digits) + ")" : "DECIMAL";
            case TEXT -> switch (this) {
                // In the standard a text has a most length, which must be said.
                case STANDARD, PLAINEST -> "VARCHAR(" + IntStream.of(50, 255, 4000)
                        .filter(length -> length >= characters).findFirst().orElse(characters) + ")";
                case H2 -> "VARCHAR";
                case POSTGRESQL, SQLITE, DUCKDB -> "TEXT";
            };
            case BOOLEAN, DATE -> type.name();
        };
    }
}
