package lunko.query.change;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.Expression;
import lunko.query.sql.SqlWriter;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/**
 * A condition as somebody puts it together: a column, how it is compared, and what is typed to compare it with, which
 * needs no quotes.
 *
 * @param typed a value or a column; of BETWEEN two with AND between them, of IN several with commas between them
 */
public record ConditionDraft(Outline outline, ColumnName column, How how, String typed) {
    private static final Pattern READY = Pattern.compile("'.*'|(?i:NULL|TRUE|FALSE|DATE\\s+'.*')", Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");

    /** How a column can be compared, as SQL says it. */
    public enum How {
        /** Equal. */
        EQUAL("="),
        /** Not equal. */
        NOT_EQUAL("<>"),
        /** Less. */
        LESS("<"),
        /** Less or equal. */
        LESS_OR_EQUAL("<="),
        /** Greater. */
        GREATER(">"),
        /** Greater or equal. */
        GREATER_OR_EQUAL(">="),
        /** As a pattern says. */
        LIKE("LIKE"),
        /** Otherwise than a pattern says. */
        NOT_LIKE("NOT LIKE"),
        /** From a value to another. */
        BETWEEN("BETWEEN"),
        /** One of some values. */
        IN("IN"),
        /** NULL. */
        IS_NULL("IS NULL"),
        /** Not NULL. */
        IS_NOT_NULL("IS NOT NULL");

        private final String sql;

        How(String sql) {
            this.sql = sql;
        }

        /** Whether there is anything to compare with. */
        public boolean asks() {
            return this != IS_NULL && this != IS_NOT_NULL;
        }

        @Override
        public String toString() {
            return sql;
        }
    }

    /** The condition on these tables; a problem where it is none. */
    public Checked<Expression> condition(List<Table> tables) {
        Optional<Type> type = outline.table(column, tables)
                .map(table -> table.columns().get(table.column(column.column().text()).orElseThrow()).type());
        return Outline.condition(new SqlWriter().expression(column) + " " + how + switch (how) {
            case IS_NULL, IS_NOT_NULL -> "";
            case IN -> " (" + parts(typed.strip().replaceAll("^\\(|\\)$", ""), ",").map(part -> sql(part, type))
                    .collect(Collectors.joining(", ")) + ")";
            case BETWEEN ->
                " " + parts(typed, "(?i)\\s+AND\\s+").map(part -> sql(part, type)).collect(Collectors.joining(" AND "));
            case EQUAL, NOT_EQUAL, LESS, LESS_OR_EQUAL, GREATER, GREATER_OR_EQUAL, LIKE, NOT_LIKE ->
                " " + sql(typed.strip(), type);
        });
    }

    private static Stream<String> parts(String typed, String between) {
        return Stream.of(typed.split(between)).map(String::strip);
    }

    /**
     * What was typed as SQL: a column, what is SQL already, or a value of the column's type; what is neither is a text.
     */
    private String sql(String part, Optional<Type> type) {
        boolean ready = part.isEmpty() || READY.matcher(part).matches() || outline.columns().stream()
                .anyMatch(known -> new SqlWriter().expression(known).equalsIgnoreCase(part));
        if (ready || NUMBER.matcher(part).matches() && type.filter(Type.TEXT::equals).isEmpty()) return part;
        return type.filter(Type.DATE::equals).flatMap(date -> date.read(part)).orElseGet(() -> Value.of(part)).sql();
    }
}
