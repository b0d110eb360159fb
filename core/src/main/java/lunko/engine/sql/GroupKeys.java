package lunko.engine.sql;

import java.util.List;
import java.util.Optional;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.problem.Spelling;
import lunko.query.sql.Expression;
import lunko.query.sql.QueryBody;
import lunko.query.sql.SelectItem;
import lunko.table.Value;

/**
 * What a query is grouped by. The standard takes columns; most databases take a number or a name of SELECT too, which
 * is noted.
 */
record GroupKeys(QueryBody.Select select, ExpressionBinder rows) {

    /** The expressions that are meant. */
    List<Expression> meant() {
        return select.groupBy().stream().map(this::meant).toList();
    }

    private Expression meant(Expression key) {
        return switch (key) {
            case Expression.Literal(Value.IntegerValue(long number)) -> numbered(key, number);
            // A column of the tables is meant before a name that SELECT gives.
            case Expression.ColumnName name when !rows.scope().knows(name) ->
                givenNames().given(name).filter(given -> !given.isOfGroup()).map(given -> noted(key, given))
                        .orElseGet(() -> {
                            givenNames().refuse("GROUP BY", name);
                            return key;
                        });
            default -> key;
        };
    }

    private GivenNames givenNames() {
        return new GivenNames(select, rows.diagnostics());
    }

    private Expression numbered(Expression key, long number) {
        Optional<Expression> column = number < 1 || number > select.items().size()
                || !(select.items().get((int) number - 1) instanceof SelectItem.Item(Expression of, var _))
                || of.isOfGroup() ? Optional.empty() : Optional.of(of);
        if (column.isEmpty())
            rows.diagnostics().refuse(key, new QueryFault.GroupedByNumber(number));
        return column.map(one -> noted(key, one)).orElse(key);
    }

    private Expression noted(Expression key, Expression meant) {
        String standard = ExpressionBinder.text(meant);
        rows.diagnostics().note(key, new QueryNote.Spelled(Spelling.GROUPED_BY_SELECTED, standard),
                rows.diagnostics().fix().instead(key, standard));
        return meant;
    }
}
