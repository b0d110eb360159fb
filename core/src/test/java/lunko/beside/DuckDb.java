package lunko.beside;

import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import lunko.query.sql.Expression.Operator;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;

/** DuckDB in memory. */
public final class DuckDb extends RealDatabase {

    private DuckDb() throws SQLException {
        super(DriverManager.getConnection("jdbc:duckdb:"));
    }

    /** Starts one. */
    public static DuckDb start() throws SQLException {
        return new DuckDb();
    }

    @Override
    public Optional<String> says(QueryExpression query) {
        // A sum of decimals has all 38 digits, and loses some behind the point where it is put together with other
        // decimals.
        boolean widens = has(query, Expression.Call.class, call -> call.function().text().equals("sum"))
                && (has(query, QueryBody.Compound.class, _ -> true)
                        || has(query, Expression.ScalarQuery.class, _ -> true));
        // It compares rows as one value, in which NULL is like others.
        if (has(query, Expression.RowInQuery.class, _ -> true)) return Optional.empty();
        // It knows no more than TRUE behind a lateral query, and gives no row for an aggregate of none within one.
        if (has(query, FromItem.DerivedTable.class, FromItem.DerivedTable::lateral)) return Optional.empty();
        // It takes a length for nothing.
        if (has(query, Expression.Cast.class, cast -> cast.size() instanceof TypeSize.Characters))
            return Optional.empty();
        // Its / divides integers into a floating-point number.
        if (widens || has(query, Expression.Calculation.class, sum -> sum.operator() == Operator.DIVIDE))
            return Optional.empty();
        return Optional.of(limited(query, new SqlWriter()));
    }

    @Override
    String type(Type type, List<Value> values) {
        return switch (type) {
            case INTEGER -> "BIGINT";
            case DECIMAL -> "DECIMAL(18, 4)";
            case TEXT -> "TEXT";
            case BOOLEAN -> "BOOLEAN";
            case DATE -> "DATE";
        };
    }
}
