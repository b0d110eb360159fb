package lunko.engine.sql;

import java.util.Optional;
import lunko.problem.QueryFault;
import lunko.query.sql.Expression;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.SelectItem;
import lunko.query.sql.SqlWriter;

/** The names that are given in SELECT, which the clauses that come before it do not know. */
record GivenNames(QueryBody.Select select, Diagnostics diagnostics) {

    /** What is given a name, if anything is. */
    Optional<Expression> given(Expression.ColumnName name) {
        return name.table().isPresent() ? Optional.empty() : select.items().stream()
                .filter(item -> item instanceof SelectItem.Item(var _, Optional<Name> alias)
                        && alias.filter(own -> name.column().means(own.text())).isPresent())
                .map(item -> ((SelectItem.Item) item).expression()).findFirst();
    }

    /** Says of a name that means no column that it is given too late for a clause, if it is given. */
    boolean refuse(String clause, Expression.ColumnName name) {
        Optional<Expression> given = given(name);
        given.ifPresent(stands -> {
            String written = new SqlWriter().expression(stands);
            boolean whole = stands.parts().isEmpty() || stands instanceof Expression.Call;
            diagnostics.refuse(name,
                    new QueryFault.AliasTooEarly(clause, name.column().text(), ExpressionBinder.text(stands)),
                    diagnostics.fix().instead(name, whole ? written : "(" + written + ")"));
        });
        return given.isPresent();
    }
}
