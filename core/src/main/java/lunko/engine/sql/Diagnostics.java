package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.problem.Fault;
import lunko.problem.Problem;
import lunko.problem.QueryFault;
import lunko.problem.RunFault;
import lunko.query.SqlName;
import lunko.query.sql.Expression;
import lunko.query.sql.Fix;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.Script;
import lunko.query.sql.Statement;
import lunko.table.Table;

/**
 * What is to be said about the statement at hand, and where in its text. A part that cannot be bound is noted as the
 * problem, and something that goes with everything is bound in its place: so one fault is said once, and nobody need
 * stop in the middle.
 */
final class Diagnostics {
    private final Script script;
    private final Statement statement;
    private final List<StoredTable> stored;
    private final List<Problem> notes = new ArrayList<>();
    private final Meanings meanings = new Meanings();
    private final Effort effort = new Effort(this);
    private Optional<Problem> problem = Optional.empty();

    Diagnostics(Script script, Statement statement, List<StoredTable> stored) {
        this.script = script;
        this.statement = statement;
        this.stored = stored;
    }

    /** Whether a table of the database has a name. */
    boolean isStored(Name name) {
        return stored.stream().anyMatch(table -> name.means(table.table().name()));
    }

    /** The first table of the database that has a column of a name. */
    Optional<String> tableWith(Name column) {
        return stored.stream().map(StoredTable::table)
                .filter(table -> table.columns().stream().anyMatch(each -> column.means(each.name())))
                .map(Table::name).findFirst();
    }

    /** Whether a column is compared with the one of its name in a table: nobody compares a column with itself. */
    boolean isComparedWith(Expression.ColumnName name, String owner) {
        return script.parts(Expression.Comparison.class).stream()
                .filter(comparison -> comparison.left() == name || comparison.right() == name)
                .map(comparison -> comparison.left() == name ? comparison.right() : comparison.left())
                .anyMatch(other -> other instanceof Expression.ColumnName(Optional<Name> table, Name column)
                        && table.filter(of -> of.means(owner)).isPresent() && column.means(name.column().text()));
    }

    /** Whether a name is compared with something, as a value could be. */
    boolean isCompared(Expression.ColumnName name) {
        return script.parts(Expression.Comparison.class).stream()
                .anyMatch(comparison -> comparison.left() == name && !(comparison.right() instanceof Expression.Literal)
                        || comparison.right() == name && !(comparison.left() instanceof Expression.Literal));
    }

    /** The text that it is about. */
    Script script() {
        return script;
    }

    /** The statement's text, to be changed. */
    Fix fix() {
        return script.fix(statement);
    }

    /** What has been done for the statement. */
    Effort effort() {
        return effort;
    }

    Meanings meanings() {
        return meanings;
    }

    /** How many tables of the statement, those of queries within included, are the one of a name. */
    long tablesNamed(Name name) {
        return script.parts(FromItem.NamedTable.class).stream().filter(item -> item.table().means(name.text())).count();
    }

    /** The problem that keeps the statement from being run: the first that was found, as others may come of it. */
    Optional<Problem> problem() {
        return problem;
    }

    /** A part of the statement cannot be bound. */
    void refuse(Object part, Fault fault, Fix... fixes) {
        if (problem.isEmpty()) problem = Optional.of(at(part, fault, List.of(fixes)));
    }

    /** The same for an expression: it is bound as something without a value. */
    BoundExpression refused(Object part, Fault fault, Fix... fixes) {
        refuse(part, fault, fixes);
        return BoundExpression.MISSING;
    }

    /** A part of the statement has no value, and so the statement ends. */
    ExceptionCondition raised(Object part, Fault fault) {
        return new ExceptionCondition(at(part, fault, List.of()));
    }

    /** More rows than can be held. */
    ExceptionCondition tooManyRows(Object part, long most) {
        return raised(part, new RunFault.TooManyRows(most));
    }

    /** A name means nothing: the nearest that does will be offered, or else what there is. */
    void notThere(Name name, QueryFault.NotThere missing) {
        notThere(name, missing, missing.there());
    }

    /** The same where some of those that are there may rather be meant: it is offered if it is one. */
    void notThere(Name name, QueryFault.NotThere missing, List<String> likely) {
        Nearest.to(name.text(), missing.there()).ifPresentOrElse(
                near -> refuse(name, missing.near(near), instead(name, near)),
                // Of several nobody knows which is meant, and another column is another question.
                () -> refuse(name, missing, likely.size() != 1 || missing.thing() == QueryFault.Thing.COLUMN
                        ? new Fix[0] : new Fix[] {instead(name, likely.getFirst())}));
    }

    private Fix instead(Name name, String other) {
        return fix().instead(name, new SqlName(other).text());
    }

    /** Notes what is allowed and yet surely not meant. */
    void note(Object part, Fault fault, Fix... fixes) {
        Problem note = at(part, fault, List.of(fixes));
        if (!notes.contains(note)) notes.add(note);
    }

    List<Problem> notes() {
        return List.copyOf(notes);
    }

    private Problem at(Object part, Fault fault, List<Fix> fixes) {
        return script.place(part).or(() -> script.place(statement)).map(place -> Problem.at(place, fault))
                .orElseGet(() -> Problem.of(fault))
                .with(fixes.stream().map(Fix::text).flatMap(Optional::stream).toList());
    }
}
