package lunko.engine.sql;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import lunko.engine.sql.Database.Answer;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.QueryFault.Thing;
import lunko.problem.QueryFault;
import lunko.problem.StatementFault;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.Statement;
import lunko.query.sql.TypeSize;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.SameName;
import lunko.table.Table;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** Runs one statement on a database. */
final class StatementRunner {
    private final Database database;
    private final Diagnostics diagnostics;
    private final QueryBinder queries;

    StatementRunner(Database database, Diagnostics diagnostics, Optional<FromItem> unlimited) {
        this.database = database;
        this.diagnostics = diagnostics;
        this.queries = new QueryBinder(database.tables(), diagnostics, unlimited);
    }

    /** What the statement comes to, or the problem that keeps it from being run or that ends it. */
    Checked<Answer> run(Statement statement) {
        Checked<Answer> run = ExceptionCondition.checked(() -> answer(statement));
        diagnostics.effort().end();
        return run.then(answer -> diagnostics.problem().map(Checked::<Answer>invalid).orElse(run));
    }

    /** What the names of a query mean, found without running it. */
    Meanings meanings(Statement.Query query) {
        queries.bind(query.query(), Optional.empty());
        return diagnostics.meanings();
    }

    private Answer answer(Statement statement) {
        return switch (statement) {
            case Statement.Query(QueryExpression query) -> {
                BoundQuery bound = queries.bind(query, Optional.empty());
                yield new Answer(database,
                        isRefused() ? Optional.empty() : Optional.of(bound.stage(Env.nothing())), diagnostics.notes());
            }
            case Statement.CreateTable create -> changed(create(create));
            case Statement.Insert insert -> changed(changing(insert.table(), table -> insert(insert, table)));
            case Statement.Update update -> changed(changing(update.table(), table -> update(update, table)));
            case Statement.Delete delete -> changed(changing(delete.table(), table -> delete(delete, table)));
            case Statement.DropTable drop ->
                changed(drop.ifExists() && database.table(drop.table()).isEmpty() ? database
                        : changing(drop.table(), table -> drop(drop, table)));
        };
    }

    /** Whether something could not be bound: then nothing is computed, and the database stays as it is. */
    private boolean isRefused() {
        return diagnostics.problem().isPresent();
    }

    private Answer changed(Database after) {
        return new Answer(after, Optional.empty(), diagnostics.notes());
    }

    private Database create(Statement.CreateTable create) {
        if (database.table(create.table()).isPresent()) {
            diagnostics.refuse(create.table(), new StatementFault.TableExists(create.table().text()));
        }
        List<Column> columns = new ArrayList<>();
        for (Statement.Definition definition : create.columns()) {
            if (columns.stream().anyMatch(column -> SameName.of(column.name(), definition.column().text()))) {
                diagnostics.refuse(definition.column(), new StatementFault.ColumnTwice(definition.column().text()));
            }
            boolean key = create.constraints().stream()
                    .anyMatch(constraint -> constraint instanceof Constraint.PrimaryKey(List<Name> names)
                            && names.stream().anyMatch(name -> name.means(definition.column().text())));
            columns.add(
                    new Column(definition.column().text(), definition.type()).key(key).nullable(!definition.notNull()));
        }
        StoredTable table = new StoredTable(Table.of(create.table().text(), columns, List.of()), create.constraints(),
                create.columns().stream().map(Statement.Definition::size).toList());
        Limits.fault(table.table(), Optional.empty()).ifPresent(fault -> diagnostics.refuse(create, fault));
        List<StoredTable> all = new ArrayList<>(database.stored());
        all.add(table);
        Limits.ofTables(all.size()).ifPresent(fault -> diagnostics.refuse(create, fault));
        Database after = new Database(all);
        create.constraints().forEach(constraint -> requireSense(constraint, table, after));
        return after;
    }

    private void requireSense(Constraint constraint, StoredTable table, Database all) {
        switch (constraint) {
            case Constraint.PrimaryKey(List<Name> columns) -> columns.forEach(name -> requireColumn(name, table));
            case Constraint.Unique(List<Name> columns) -> columns.forEach(name -> requireColumn(name, table));
            case Constraint.ForeignKey foreign -> {
                Name other = foreign.table();
                foreign.columns().forEach(name -> requireColumn(name, table));
                all.table(other).ifPresentOrElse(parent -> requireSense(foreign, parent),
                        () -> diagnostics.refuse(other,
                                new StatementFault.NoParent(other.text())));
            }
        }
    }

    private void requireSense(Constraint.ForeignKey key, StoredTable parent) {
        key.others().forEach(name -> requireColumn(name, parent));
        int wanted = key.others().isEmpty() ? parent.primaryKey().size() : key.others().size();
        if (wanted == key.columns().size()) return;
        diagnostics.refuse(key, wanted == 0 ? new StatementFault.ParentWithoutKey(parent.table().name())
                : new StatementFault.KeyWidths(key.columns().size(), wanted));
    }

    private Optional<Integer> requireColumn(Name name, StoredTable table) {
        return table.column(name).or(() -> {
            List<String> names = table.table().columns().stream().map(Column::name).toList();
            diagnostics.notThere(name, new QueryFault.NotThere(Thing.COLUMN, name.text(),
                    Optional.of(table.table().name()), names, Optional.empty()));
            return Optional.empty();
        });
    }

    /** The database after the table of a name has been changed; as it is, if there is no such table. */
    private Database changing(Name name, Function<StoredTable, Database> change) {
        return queries.table(name).flatMap(_ -> database.table(name)).map(change).orElse(database);
    }

    private Database insert(Statement.Insert insert, StoredTable stored) {
        List<Integer> columns = insert.columns().isEmpty()
                ? IntStream.range(0, stored.table().columns().size()).boxed().toList()
                : insert.columns().stream().flatMap(name -> requireColumn(name, stored).stream()).toList();
        ExpressionBinder binder = new ExpressionBinder(queries, new Scope(List.of(), Optional.empty()), diagnostics);
        Table table = stored.table();
        List<List<BoundExpression>> values = insert.rows().stream().map(row -> {
            if (row.size() == columns.size())
                return IntStream.range(0, row.size())
                        .mapToObj(i -> fitting(stored, columns.get(i), row.get(i), binder)).toList();
            diagnostics.refuse(row.getFirst(), new StatementFault.RowWidth(row.size(), columns.size()));
            return List.<BoundExpression>of();
        }).toList();
        if (isRefused()) return database;
        List<Row> rows = new ArrayList<>(table.rows());
        long nextId = table.nextId();
        for (List<BoundExpression> given : values) {
            List<Value> row = new ArrayList<>(Collections.nCopies(table.columns().size(), Value.NULL));
            for (int i = 0; i < columns.size(); i++) row.set(columns.get(i), given.get(i).in(Env.nothing()));
            rows.add(new Row(nextId++, row));
        }
        return checked(insert, stored, new Table(table.name(), table.columns(), rows, nextId));
    }

    /** A value as one of a column's type, and as large as that may be. */
    private BoundExpression fitting(StoredTable stored, int column, Expression expression, ExpressionBinder binder) {
        BoundExpression value = fitting(stored.table().columns().get(column), expression, binder);
        TypeSize size = stored.size(column);
        return size instanceof TypeSize.Any ? value : new BoundExpression(value.type(),
                env -> binder.orRaise(expression, Sized.stored(value.in(env), size)));
    }

    /** A value as one of a column's type: numbers are changed into each other, other types are not. */
    private BoundExpression fitting(Column column, Expression expression, ExpressionBinder binder) {
        BoundExpression bound = binder.bind(expression);
        if (bound.type().isEmpty() || bound.type().get() == column.type()) return bound;
        Type type = bound.type().get();
        if (type.isNumeric() && column.type().isNumeric()) {
            return BoundExpression.of(column.type(),
                    env -> binder.cast(expression, bound.in(env), column.type()));
        }
        // A day written as a text is taken for a DATE column, as databases do: a script is to run here and there.
        if (column.type() == Type.DATE && expression instanceof Expression.Literal(Value.TextValue(String text))) {
            Optional<Value> day = Type.DATE.read(text);
            if (day.isPresent()) return BoundExpression.of(Type.DATE, _ -> day.get());
        }
        return diagnostics.refused(expression, new StatementFault.ValueDoesNotFit(column.name(), column.type(),
                ExpressionBinder.text(expression), type));
    }

    private Database update(Statement.Update update, StoredTable stored) {
        ExpressionBinder binder = rowsOf(stored);
        Optional<BoundExpression> where = update.where().map(binder::condition);
        List<Integer> columns =
                update.assignments().stream().flatMap(a -> requireColumn(a.column(), stored).stream()).toList();
        if (isRefused()) return database;
        List<BoundExpression> values = IntStream.range(0, columns.size()).mapToObj(i -> fitting(stored, columns.get(i),
                update.assignments().get(i).value(), binder)).toList();
        if (isRefused()) return database;
        Table table = stored.table();
        List<Row> rows = table.rows().stream().map(row -> {
            if (!isMeant(row, where)) return row;
            Env env = Env.nothing().within(row.values());
            Row after = row;
            for (int i = 0; i < columns.size(); i++)
                after = after.with(columns.get(i), Entry.of(values.get(i).in(env)));
            return after;
        }).toList();
        return checked(update, stored, new Table(table.name(), table.columns(), rows, table.nextId()));
    }

    private Database delete(Statement.Delete delete, StoredTable stored) {
        Optional<BoundExpression> where = delete.where().map(rowsOf(stored)::condition);
        if (isRefused()) return database;
        Table table = stored.table();
        List<Row> rows = table.rows().stream().filter(row -> !isMeant(row, where)).toList();
        return checked(delete, stored, new Table(table.name(), table.columns(), rows, table.nextId()));
    }

    private ExpressionBinder rowsOf(StoredTable stored) {
        List<BoundColumn> slots = BoundColumn.of(stored.table(), Optional.empty());
        return new ExpressionBinder(queries, new Scope(slots, Optional.empty()), diagnostics);
    }

    private static boolean isMeant(Row row, Optional<BoundExpression> where) {
        return where.map(condition -> condition.truthIn(Env.nothing().within(row.values())) == Truth.TRUE).orElse(true);
    }

    private Database drop(Statement.DropTable drop, StoredTable gone) {
        for (StoredTable other : database.stored()) {
            boolean refers = other != gone && other.constraints().stream()
                    .anyMatch(constraint -> constraint instanceof Constraint.ForeignKey(var _, Name table, var _)
                            && table.means(gone.table().name()));
            if (refers) diagnostics.refuse(drop.table(),
                    new StatementFault.ReferredTo(gone.table().name(), other.table().name()));
        }
        return new Database(database.stored().stream().filter(table -> table != gone).toList());
    }

    /** The database after a change, if everything holds that must hold. */
    private Database checked(Statement statement, StoredTable before, Table rows) {
        Limits.fault(rows, Optional.of(before.table())).ifPresent(fault -> diagnostics.refuse(statement, fault));
        Database after = database.with(before, before.with(rows));
        after.stored().forEach(
                table -> table.fault(after).ifPresent(fault -> diagnostics.refuse(statement, fault)));
        return after;
    }
}
