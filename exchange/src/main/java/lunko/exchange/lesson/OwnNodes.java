package lunko.exchange.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.exchange.pack.SizeNodes;
import lunko.lesson.own.OwnTables;
import lunko.lesson.own.TableChange;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;

/**
 * How the tables of a scene differ from the lesson's, as it stands in {@code lesson.json}: each thing says its table,
 * and by what it is told apart from the others. A row goes by its number in the lesson's table, counted from 1; one
 * that is not there any more has 0. A cell is {@code null}, or says its type and what stands there.
 */
record OwnNodes(List<Table> shared) {
    private static final String TYPED = "typed";

    /** Describes what differs. */
    Json.Items describe(OwnTables own) {
        return Json.list(own.changes().stream()
                .map(change -> describe(change, Json.EMPTY.with("table", change.table()))));
    }

    private Json describe(TableChange change, Json.Members node) {
        return switch (change) {
            case TableChange.ColumnGone(_, Column column) -> node.with("withoutColumn", column(column));
            case TableChange.ColumnOther(_, Column was, Column now) ->
                node.with("was", column(was)).with("column", column(now));
            case TableChange.ColumnAdded(_, int at, Column column) ->
                node.with("at", at + 1).with("withColumn", column(column));
            case TableChange.RowGone(String table, Row row) ->
                node.with("row", number(table, row.id())).with("withoutRow", row(row));
            case TableChange.RowAdded(_, int at, Row row) ->
                node.with("at", at + 1).with("row", -row.id()).with("withRow", row(row));
            case TableChange.CellOther(String table, long rowId, String column, Entry was, Entry now) ->
                node.with("row", number(table, rowId)).with("in", column).with("was", cell(was))
                        .with("now", cell(now));
        };
    }

    private int number(String table, long rowId) {
        return SceneNodes.named(shared, table).stream().flatMap(one -> one.position(rowId).stream().boxed())
                .findFirst().orElse(-1) + 1;
    }

    private static Json column(Column column) {
        return SizeNodes.describe(column.size(), Json.EMPTY.with("name", column.name())
                .with("type", column.type().id()).withIf("key", column.key())
                .withIf("required", !column.nullable() && !column.key()).withIf("open", column.open()));
    }

    private static Json row(Row row) {
        return Json.list(row.entries().stream().map(OwnNodes::cell));
    }

    private static Json cell(Entry entry) {
        if (entry.misfit().isPresent()) return Json.EMPTY.with(TYPED, entry.misfit().get());
        return Type.of(entry.value()).<Json>map(type -> Json.EMPTY.with(type.id(), entry.value().shown()))
                .orElse(Json.NULL);
    }

    /** What is described; what says nothing is left out. */
    OwnTables read(Json nodes) {
        List<TableChange> changes = new ArrayList<>();
        for (Json node : nodes.items()) change(node.at("table").text(), node).ifPresent(changes::add);
        return new OwnTables(changes);
    }

    private Optional<TableChange> change(String table, Json node) {
        int at = Math.max(0, node.at("at").whole(1) - 1);
        if (node.has("withoutColumn"))
            return column(node.at("withoutColumn")).map(column -> new TableChange.ColumnGone(table, column));
        if (node.has("withColumn"))
            return column(node.at("withColumn")).map(column -> new TableChange.ColumnAdded(table, at, column));
        if (node.has("column")) return column(node.at("was"))
                .flatMap(was -> column(node.at("column")).map(now -> new TableChange.ColumnOther(table, was, now)));
        if (node.has("withoutRow"))
            return Optional.of(new TableChange.RowGone(table, row(id(table, node), node.at("withoutRow"))));
        if (node.has("withRow"))
            return Optional.of(new TableChange.RowAdded(table, at, row(added(node), node.at("withRow"))));
        return Optional.of(new TableChange.CellOther(table, id(table, node), node.at("in").text(),
                entry(node.at("was")), entry(node.at("now"))));
    }

    /** The id of a row that the scene alone has, which is negative. */
    private static long added(Json node) {
        return -Math.max(1, node.at("row").whole().orElse(1L));
    }

    private long id(String table, Json node) {
        int row = node.at("row").whole(0) - 1;
        return SceneNodes.named(shared, table).filter(one -> row >= 0 && row < one.rows().size())
                .map(one -> one.rows().get(row).id()).orElse(TableChange.GONE);
    }

    private static Optional<Column> column(Json node) {
        String name = node.at("name").text();
        return name.isBlank() ? Optional.empty()
                : type(node.at("type").text()).map(type -> SizeNodes.sized(new Column(name, type,
                        new TypeSize.Any(), node.at("key").truth(false), !node.at("required").truth(false),
                        node.at("open").truth(false)), node));
    }

    private static Optional<Type> type(String id) {
        return Stream.of(Type.values()).filter(type -> type.id().equals(id)).findFirst();
    }

    private static Row row(long id, Json cells) {
        List<Entry> entries = new ArrayList<>();
        cells.items().forEach(cell -> entries.add(entry(cell)));
        return Row.of(id, entries);
    }

    /** What stands in a cell; what cannot be read is NULL. */
    private static Entry entry(Json cell) {
        if (cell.has(TYPED)) return Entry.misfit(cell.at(TYPED).text());
        return cell.members().entrySet().stream()
                .flatMap(value -> type(value.getKey()).stream().flatMap(
                        type -> read(type, value.getValue().text()).stream()))
                .findFirst().map(Entry::of).orElse(Entry.NULL);
    }

    private static Optional<Value> read(Type type, String text) {
        return type == Type.TEXT ? Optional.of(Value.of(text)) : type.read(text);
    }
}
