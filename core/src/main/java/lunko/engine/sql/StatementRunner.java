package lunko.engine.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import lunko.engine.sql.Database.Answer;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.QueryFault.Thing;
import lunko.problem.QueryFault;
import lunko.problem.QueryNote;
import lunko.problem.StatementFault;
import lunko.problem.Stretch;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Spelled;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.Statement;
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
        this.queries = new QueryBinder(database.tables(), database.views(), diagnostics, unlimited);
    }

    /** What the statement comes to, or the problem that keeps it from being run or that ends it. */
    Checked<Answer> run(Statement statement) {
        noteSpelled(statement);
        Checked<Answer> run = ExceptionCondition.checked(() -> answer(statement));
        diagnostics.effort().end();
        return run.then(answer -> diagnostics.problem().map(Checked::<Answer>invalid).orElse(run));
    }

    /** What the statement has as some databases have it is taken as the standard says it, and that is noted. */
    private void noteSpelled(Statement statement) {
        Optional<Stretch> all = diagnostics.script().stretch(statement);
        for (Spelled spelled : diagnostics.script().parts(Spelled.class)) {
            if (all.isPresent() && diagnostics.script().stretch(spelled).filter(all.get()::covers).isPresent())
                diagnostics.note(spelled, new QueryNote.Spelled(spelled.spelling(), spelled.standard()),
                        diagnostics.fix().instead(spelled, spelled.standard()));
        }
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
            case Statement.AddTo add -> changed(changing(add.table(), table -> add(add, table)));
            case Statement.Insert insert -> changed(changing(insert.table(), table -> insert(insert, table)));
            case Statement.InsertQuery insert -> changed(changing(insert.table(), table -> insert(insert, table)));
            case Statement.CreateTableAs create -> changed(create(create));
            case Statement.CreateView view -> changed(create(view));
            case Statement.Nothing _ -> changed(database);
            case Statement.Transaction(Statement.Edge edge) -> changed(database.at(edge));
            case Statement.Update update -> changed(changing(update.table(), table -> update(update, table)));
            case Statement.Delete delete -> changed(changing(delete.table(), table -> delete(delete, table)));
            case Statement.DropTable drop ->
                changed(database.view(drop.table()).isPresent() ? database.without(drop.table())
                        : drop.ifExists() && database.table(drop.table()).isEmpty() ? database
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
        if (create.ifNotThere() && database.has(create.table())) return database;
        requireNew(create.table());
        List<Column> columns = new ArrayList<>();
        for (Statement.Definition definition : create.columns()) {
            if (columns.stream().anyMatch(column -> SameName.of(column.name(), definition.column().text()))) {
                diagnostics.refuse(definition.column(), new StatementFault.ColumnTwice(definition.column().text()));
            }
            boolean key = create.constraints().stream()
                    .anyMatch(constraint -> constraint instanceof Constraint.PrimaryKey(List<Name> names)
                            && names.stream().anyMatch(name -> name.means(definition.column().text())));
            columns.add(column(definition).key(key));
        }
        StoredTable table = new StoredTable(Table.of(create.table().text(), columns, List.of()), create.constraints(),
                create.columns().stream().map(StoredTable.Declared::of).toList());
        Limits.fault(table.table(), Optional.empty()).ifPresent(fault -> diagnostics.refuse(create, fault));
        List<StoredTable> all = new ArrayList<>(database.stored());
        all.add(table);
        Limits.ofTables(all.size()).ifPresent(fault -> diagnostics.refuse(create, fault));
        Database after = database.having(all);
        create.constraints().forEach(constraint -> requireSense(constraint, table, after));
        return after;
    }

    private static Column column(Statement.Definition written) {
        return new Column(written.column().text(), written.type()).sized(written.size()).nullable(!written.notNull());
    }

    private void requireNew(Name name) {
        if (database.has(name)) diagnostics.refuse(name, new StatementFault.TableExists(name.text()));
    }

    /** A table of what a query gives now. */
    private Database create(Statement.CreateTableAs create) {
        if (create.ifNotThere() && database.has(create.table())) return database;
        requireNew(create.table());
        String name = create.table().text();
        BoundQuery query = queries.called(name, create.columns(), queries.bind(create.query(), Optional.empty()));
        List<Column> columns = query.columns().stream()
                .map(column -> new Column(column.name(), column.type().orElse(Type.TEXT))).toList();
        columns.stream().filter(column -> columns.stream().filter(other -> SameName.of(other.name(), column.name()))
                .count() > 1).findFirst()
                .ifPresent(column -> diagnostics.refuse(create.query(), new StatementFault.ColumnTwice(column.name())));
        if (isRefused()) return database;
        Table table = Table.of(name, columns, query.rows(Env.nothing()));
        Limits.fault(table, Optional.empty()).ifPresent(fault -> diagnostics.refuse(create, fault));
        Limits.ofTables(database.stored().size() + 1).ifPresent(fault -> diagnostics.refuse(create, fault));
        return database
                .having(FromBinder.both(database.stored(), List.of(new StoredTable(table, List.of(), List.of()))));
    }

    /** A view; its query is looked through here, and run when it is read. */
    private Database create(Statement.CreateView create) {
        Name name = create.view().name();
        boolean replaces = create.instead() && database.view(name).isPresent();
        if (!replaces) requireNew(name);
        queries.called(name.text(), create.view().columns(),
                queries.alone(name, new QueryBody.Nested(create.view().query())));
        return isRefused() ? database : database.with(create.view());
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
            case Constraint.Check(Expression condition) -> rowsOf(table, Optional.empty()).condition(condition);
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

    private Database add(Statement.AddTo add, StoredTable before) {
        Table table = before.table();
        add.column().filter(column -> table.column(column.column().text()).isPresent()).ifPresent(column -> diagnostics
                .refuse(column.column(), new StatementFault.ColumnTwice(column.column().text())));
        if (isRefused()) return database;
        Optional<Column> column = add.column().map(
                StatementRunner::column);
        Value value = add.column().map(one -> otherwise(column.orElseThrow(), StoredTable.Declared.of(one)))
                .orElse(Value.NULL);
        List<Column> columns = FromBinder.both(table.columns(), column.stream().toList());
        List<Row> rows = column.isEmpty() ? table.rows() : table.rows().stream()
                .map(row -> new Row(row.id(), FromBinder.both(row.values(), List.of(value)))).toList();
        StoredTable after = before.with(new Table(table.name(), columns, rows, table.nextId()),
                add.column().map(StoredTable.Declared::of), add.constraints());
        Database all = database.with(before, after);
        add.constraints().forEach(constraint -> requireSense(constraint, after, all));
        return isRefused() ? database : checked(add, before, after);
    }

    /** What a column has in a row for which nothing is said. */
    private Value otherwise(Column column, StoredTable.Declared declared) {
        ColumnValue value = new ColumnValue(column, ofNothing());
        return declared.otherwise().map(written -> value.of(written).in(Env.nothing())).orElse(Value.NULL);
    }

    private ExpressionBinder ofNothing() {
        return new ExpressionBinder(queries, new Scope(List.of(), Optional.empty()), diagnostics);
    }

    private List<Integer> columns(List<Name> named, StoredTable stored) {
        return named.isEmpty() ? IntStream.range(0, stored.table().columns().size()).boxed().toList()
                : named.stream().flatMap(name -> requireColumn(name, stored).stream()).toList();
    }

    private Database insert(Statement.InsertQuery insert, StoredTable stored) {
        List<Integer> columns = columns(insert.columns(), stored);
        BoundQuery query = queries.bind(insert.query(), Optional.empty());
        if (query.columns().size() != columns.size())
            diagnostics.refuse(insert.query(), new StatementFault.RowWidth(query.columns().size(), columns.size()));
        if (isRefused()) return database;
        List<BoundExpression> values = IntStream.range(0, columns.size()).mapToObj(i -> {
            BoundQuery.Column column = query.columns().get(i);
            Expression name = new Expression.ColumnName(Optional.empty(), Name.of(column.name()));
            return ColumnValue.in(stored, columns.get(i), ofNothing())
                    .of(name, BoundExpression.column(column.type(), i));
        }).toList();
        if (isRefused()) return database;
        List<List<Value>> rows = query.rows(Env.nothing()).stream()
                .map(row -> values.stream().map(value -> value.in(Env.nothing().within(row))).toList()).toList();
        return added(insert, stored, columns, rows);
    }

    private Database insert(Statement.Insert insert, StoredTable stored) {
        List<Integer> columns = columns(insert.columns(), stored);
        ExpressionBinder binder = ofNothing();
        List<List<BoundExpression>> values = insert.rows().stream().map(row -> {
            if (row.size() == columns.size())
                return IntStream.range(0, row.size())
                        .mapToObj(i -> ColumnValue.in(stored, columns.get(i), binder).of(row.get(i))).toList();
            diagnostics.refuse(row.getFirst(), new StatementFault.RowWidth(row.size(), columns.size()));
            return List.<BoundExpression>of();
        }).toList();
        if (isRefused()) return database;
        return added(insert, stored, columns, values.stream()
                .map(row -> row.stream().map(value -> value.in(Env.nothing())).toList()).toList());
    }

    /** The database with new rows, of which the values of some columns are given. */
    private Database added(Statement statement, StoredTable stored, List<Integer> columns, List<List<Value>> given) {
        Table table = stored.table();
        List<Value> otherwise = IntStream.range(0, table.columns().size())
                .mapToObj(i -> columns.contains(i) ? Value.NULL : otherwise(table.columns().get(i), stored.declared(i)))
                .toList();
        List<Row> rows = new ArrayList<>(table.rows());
        long nextId = table.nextId();
        for (List<Value> values : given) {
            List<Value> row = new ArrayList<>(otherwise);
            for (int i = 0; i < row.size(); i++) {
                if (!columns.contains(i) && stored.declared(i).numbered())
                    row.set(i, Value.of(stored.nextNumber(i) + rows.size() - table.rows().size()));
            }
            for (int i = 0; i < columns.size(); i++) row.set(columns.get(i), values.get(i));
            rows.add(new Row(nextId++, row));
        }
        return checked(statement, stored, new Table(table.name(), table.columns(), rows, nextId));
    }

    private Database update(Statement.Update update, StoredTable stored) {
        ExpressionBinder binder = rowsOf(stored, update.alias());
        Optional<BoundExpression> where = update.where().map(binder::condition);
        List<Integer> columns =
                update.assignments().stream().flatMap(a -> requireColumn(a.column(), stored).stream()).toList();
        if (isRefused()) return database;
        List<BoundExpression> values = IntStream.range(0, columns.size()).mapToObj(i -> ColumnValue
                .in(stored, columns.get(i), binder).of(update.assignments().get(i).value())).toList();
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
        Optional<BoundExpression> where = delete.where().map(rowsOf(stored, delete.alias())::condition);
        if (isRefused()) return database;
        Table table = stored.table();
        List<Row> rows = table.rows().stream().filter(row -> !isMeant(row, where)).toList();
        Orphans.Followed followed = Orphans.followed(database.with(stored,
                stored.with(new Table(table.name(), table.columns(), rows, table.nextId()))));
        Database after = checked(delete, followed.database());
        if (!isRefused()) followed.effects().forEach(effect -> diagnostics.note(delete, new QueryNote.FollowsDelete(
                effect.table(), effect.key().columns().stream().map(Name::text).toList(), effect.key().table().text(),
                effect.rows(), effect.key().onDelete() == Statement.OnDelete.CASCADE)));
        return after;
    }

    private ExpressionBinder rowsOf(StoredTable stored, Optional<Name> alias) {
        List<BoundColumn> slots = BoundColumn.of(stored.table(), alias.map(Name::text));
        return new ExpressionBinder(queries, new Scope(slots, Optional.empty()), diagnostics);
    }

    private static boolean isMeant(Row row, Optional<BoundExpression> where) {
        return where.map(condition -> condition.truthIn(Env.nothing().within(row.values())) == Truth.TRUE).orElse(true);
    }

    private Database drop(Statement.DropTable drop, StoredTable gone) {
        for (StoredTable other : database.stored()) {
            boolean refers = other != gone && other.constraints().stream()
                    .anyMatch(constraint -> constraint instanceof Constraint.ForeignKey(var _, Name table, var _, var _)
                            && table.means(gone.table().name()));
            if (refers) diagnostics.refuse(drop.table(),
                    new StatementFault.ReferredTo(gone.table().name(), other.table().name()));
        }
        return database.having(database.stored().stream().filter(table -> table != gone).toList());
    }

    /** A CHECK holds where it is not false. */
    private void requireChecked(Statement statement, StoredTable stored, Expression condition) {
        BoundExpression bound = rowsOf(stored, Optional.empty()).condition(condition);
        if (isRefused()) return;
        stored.table().rows().stream()
                .filter(row -> bound.truthIn(Env.nothing().within(row.values())) == Truth.FALSE).findFirst()
                .ifPresent(row -> diagnostics.refuse(statement, new StatementFault.CheckFails(stored.table().name(),
                        ExpressionBinder.text(condition),
                        row.values().stream().map(Value::sql).collect(Collectors.joining(", ")))));
    }

    /** The database after a change, if everything holds that must hold. */
    private Database checked(Statement statement, StoredTable before, Table rows) {
        return checked(statement, before, before.with(rows));
    }

    private Database checked(Statement statement, StoredTable before, StoredTable now) {
        Limits.fault(now.table(), Optional.of(before.table())).ifPresent(fault -> diagnostics.refuse(statement, fault));
        return checked(statement, database.with(before, now));
    }

    private Database checked(Statement statement, Database after) {
        for (StoredTable table : after.stored()) {
            for (Constraint constraint : table.constraints()) {
                if (constraint instanceof Constraint.Check(Expression condition))
                    requireChecked(statement, table, condition);
            }
        }
        after.stored().forEach(
                table -> table.fault(after).ifPresent(fault -> diagnostics.refuse(statement, fault)));
        return after;
    }
}
