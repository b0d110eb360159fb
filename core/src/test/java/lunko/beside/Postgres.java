package lunko.beside;

import io.zonky.test.db.postgres.embedded.EmbeddedPostgres;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;
import lunko.table.Type;
import lunko.table.Value;

/** PostgreSQL, started for a test class; texts are compared by code points, as Lunko does. */
public final class Postgres extends RealDatabase {
    private final EmbeddedPostgres server;

    private Postgres(EmbeddedPostgres server) throws SQLException {
        super(server.getPostgresDatabase().getConnection());
        this.server = server;
    }

    /** Starts one. */
    public static Postgres start() throws IOException, SQLException {
        return new Postgres(
                EmbeddedPostgres.builder().setLocaleConfig("locale", "C").setLocaleConfig("encoding", "UTF8").start());
    }

    @Override
    public void close() throws IOException, SQLException {
        super.close();
        server.close();
    }

    @Override
    public Optional<String> says(QueryExpression query) {
        return Optional.of(new SqlWriter().query(query));
    }

    @Override
    String type(Type type, List<Value> values) {
        return switch (type) {
            // A SUM of BIGINT is NUMERIC there, and a half of it not truncated.
            case INTEGER -> values.stream().allMatch(Postgres::isSmall) ? "INTEGER" : "BIGINT";
            case DECIMAL -> "NUMERIC";
            case TEXT -> "TEXT";
            case BOOLEAN -> "BOOLEAN";
            case DATE -> "DATE";
        };
    }

    private static boolean isSmall(Value value) {
        return !(value instanceof Value.IntegerValue(long number)) || number == (int) number;
    }
}
