package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import lunko.engine.Source;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.QueryBody;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** Binds rows that are written down: a table without a name (ISO/IEC 9075-2, table value constructor). */
record ValuesBinder(QueryBinder queries, Diagnostics diagnostics) {

    /** Binds them; their columns are called by their numbers, as the standard leaves their names open. */
    BoundQuery bind(QueryBody.Values values, Optional<Scope> outer) {
        Scope scope = new Scope(List.of(), outer);
        ExpressionBinder binder = new ExpressionBinder(queries, scope, diagnostics);
        int width = values.rows().getFirst().size();
        for (List<Expression> row : values.rows()) {
            if (row.size() == width) continue;
            diagnostics.refuse(row.getFirst(), new QueryFault.RowsOfValues(width, row.size()));
            return new BoundQuery(List.of(), true, _ -> Source.of(Table.of("values", List.of(), List.of()), "values",
                    Set.of()));
        }
        List<List<BoundExpression>> rows =
                values.rows().stream().map(row -> row.stream().map(binder::bind).toList()).toList();
        List<BoundQuery.Column> columns = IntStream.range(0, width)
                .mapToObj(i -> new BoundQuery.Column("column" + (i + 1), binder.types().common(
                        values.rows().getFirst().get(i), rows.stream().map(row -> row.get(i)).toList()), Set.of()))
                .toList();
        return new BoundQuery(columns, !scope.reachesOut(), env -> Source.of(
                Table.of("values", columns.stream().map(ValuesBinder::column).toList(), in(rows, env)), "values",
                Set.of()));
    }

    private static Column column(BoundQuery.Column column) {
        return new Column(column.name(), column.type().orElse(Type.TEXT));
    }

    private static List<List<Value>> in(List<List<BoundExpression>> rows, Env env) {
        List<List<Value>> all = new ArrayList<>();
        for (List<BoundExpression> row : rows) all.add(row.stream().map(one -> one.in(env.within(List.of()))).toList());
        return all;
    }
}
