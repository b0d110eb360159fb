package lunko.query.change;

import java.util.Locale;
import java.util.Set;
import lunko.query.SqlName;
import lunko.table.Column;
import lunko.table.Type;
import lunko.table.TypeSize;

/** What a query is written for: the standard, or a database that says some things otherwise (docs/databases.md). */
public enum SqlDialect {
    /** ISO/IEC 9075-2. */
    STANDARD(Names.AS_WRITTEN, RowLimit.FETCH, Feature.FULL_JOIN, Feature.NATURAL_JOIN, Feature.TYPES,
            Feature.COUNTED_DIGITS, Feature.LATERAL),
    /** PostgreSQL, which takes names without quotes for small letters. */
    POSTGRESQL(Names.QUOTED_IF_LARGE, RowLimit.EITHER, Feature.FULL_JOIN, Feature.NATURAL_JOIN,
            Feature.TYPES, Feature.LATERAL),
    /**
     * SQLite, which has neither FETCH FIRST nor dates, puts NULL before all values, and leaves columns that come once
     * where they are.
     */
    SQLITE(Names.AS_WRITTEN, RowLimit.LIMIT_BEFORE_OFFSET, Feature.NULLS_ELSEWHERE, Feature.FULL_JOIN),
    /**
     * H2, which has no FULL JOIN and no natural outer joins, takes names without quotes for capitals, and puts NULL
     * before all values.
     */
    H2(Names.QUOTED, RowLimit.EITHER, Feature.NULLS_ELSEWHERE, Feature.TYPES, Feature.COUNTED_DIGITS),
    /** DuckDB, which puts NULL last always, and leaves columns that come once where they are. */
    DUCKDB(Names.AS_WRITTEN, RowLimit.LIMIT_BEFORE_OFFSET, Feature.NULLS_ELSEWHERE, Feature.FULL_JOIN,
            Feature.TYPES, Feature.COUNTED_DIGITS, Feature.LATERAL),
    /** A database that has no FULL JOIN, no NATURAL and USING, and no FETCH FIRST. */
    PLAINEST(Names.AS_WRITTEN, RowLimit.LIMIT_BEFORE_OFFSET,
            Feature.TYPES, Feature.COUNTED_DIGITS);

    /** What a database has, or does otherwise than the standard. */
    enum Feature {
        /** It has FULL JOIN. */
        FULL_JOIN,
        /** It has NATURAL and USING as the standard has them. */
        NATURAL_JOIN,
        /** It has dates and truth values; elsewhere dates are texts. */
        TYPES,
        /** It has LATERAL. */
        LATERAL,
        /** Its decimals and texts have so many digits and characters at most. */
        COUNTED_DIGITS,
        /** It puts NULL elsewhere, so that a sort key must say where it stands. */
        NULLS_ELSEWHERE
    }

    /**
     * How the names of tables and columns must be written, so that a query and the script that makes the tables mean
     * the same ones.
     */
    private enum Names {
        AS_WRITTEN, QUOTED_IF_LARGE, QUOTED
    }

    /** How the first rows are asked for. */
    enum RowLimit { FETCH, EITHER, LIMIT_BEFORE_OFFSET }

    private final Names names;
    private final RowLimit limit;
    private final Set<Feature> features;

    SqlDialect(Names names, RowLimit limit, Feature... features) {
        this.names = names;
        this.limit = limit;
        this.features = Set.of(features);
    }

    /** Whether it has a feature. */
    boolean has(Feature feature) {
        return features.contains(feature);
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

    RowLimit limit() {
        return limit;
    }

    /** Whether a row of a table may refer to a row that comes with the same INSERT. */
    public boolean refersWithinAnInsert() {
        return this != DUCKDB;
    }

    /**
     * The type of a column, some decimals of which have so many digits behind the point, and some texts so many
     * characters.
     */
    public String type(Column column, int digits, int characters) {
        return column.size() instanceof TypeSize.Any ? ofAnySize(column.type(), digits, characters)
                : column.size().sql(column.type());
    }

    private String ofAnySize(Type type, int digits, int characters) {
        return switch (type) {
            // Lunko's whole numbers have 64 bits, and INTEGER elsewhere 32.
            case INTEGER -> "BIGINT";
            // Without a number of digits the standard and these would keep none, or three.
            case DECIMAL -> has(Feature.COUNTED_DIGITS) ? TypeSize.roomForDigits(digits).sql(type) : "DECIMAL";
            case TEXT -> switch (this) {
                // In the standard a text has a most length, which must be said.
                case STANDARD, PLAINEST -> TypeSize.roomForCharacters(characters).sql(type);
                case H2 -> "VARCHAR";
                case POSTGRESQL, SQLITE, DUCKDB -> "TEXT";
            };
            case BOOLEAN, DATE -> type.name();
        };
    }
}
