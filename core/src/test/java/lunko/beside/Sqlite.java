package lunko.beside;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Optional;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.QueryBody.Compound;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import org.sqlite.Function;

/** SQLite in memory. */
public final class Sqlite extends RealDatabase {

    private Sqlite(Connection connection) {
        super(connection);
    }

    /** Starts one. */
    public static Sqlite start() throws SQLException {
        Connection connection = DriverManager.getConnection("jdbc:sqlite::memory:");
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA case_sensitive_like = ON");
        }
        Function.create(connection, "char_length", new Function() {
            @Override
            protected void xFunc() throws SQLException {
                String text = value_text(0);
                if (text == null) result();
                else result(text.codePointCount(0, text.length()));
            }
        });
        return new Sqlite(connection);
    }

    @Override
    String literal(Value value) {
        return value instanceof Value.DateValue(var day) ? "'" + day + "'" : value.sql();
    }

    @Override
    public Optional<String> says(QueryExpression query) {
        boolean lacksWords = has(query, Expression.IsTruth.class, is -> is.truth() == Truth.UNKNOWN)
                || has(query, QueryBody.Nested.class, _ -> true)
                || has(query, Expression.Quantified.class, _ -> true)
                || has(query, Expression.Extract.class, _ -> true)
                || has(query, Expression.Position.class, _ -> true)
                || has(query, FromItem.DerivedTable.class, FromItem.DerivedTable::lateral)
                || has(query, FromItem.DerivedTable.class, table -> !table.columns().isEmpty())
                || has(query, Compound.class, set -> set.all() && set.operator() != SetOperator.UNION)
                || has(query, Compound.class, set -> set.operator() == SetOperator.INTERSECT
                        && (set.left() instanceof Compound || set.right() instanceof Compound))
                || has(query, Expression.Cast.class,
                        cast -> cast.type() == Type.DATE || !(cast.size() instanceof TypeSize.Any));
        // A comma binds there as JOIN does, so that a right or full join behind one keeps rows of its own side alone.
        boolean binds = has(query, QueryBody.Select.class,
                select -> select.from().stream().skip(1).anyMatch(FromItem.JoinedTable.class::isInstance));
        return lacksWords || binds ? Optional.empty()
                : Optional.of(limited(query, new SqlWriter()).replace("DATE '", "'"));
    }

    @Override
    String type(Type type, List<Value> values) {
        return switch (type) {
            case INTEGER, BOOLEAN -> "INTEGER";
            case DECIMAL -> "REAL";
            case TEXT, DATE -> "TEXT";
        };
    }
}
