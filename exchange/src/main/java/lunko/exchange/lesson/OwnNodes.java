package lunko.exchange.lesson;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
    void describe(OwnTables own, ArrayNode nodes) {
        own.changes().forEach(change -> describe(change, nodes.addObject().put("table", change.table())));
    }

    private void describe(TableChange change, ObjectNode node) {
        switch (change) {
            case TableChange.ColumnGone(_, Column column) -> node.set("withoutColumn", column(column));
            case TableChange.ColumnOther(_, Column was, Column now) -> {
                node.set("was", column(was));
                node.set("column", column(now));
            }
            case TableChange.ColumnAdded(_, int at, Column column) ->
                node.put("at", at + 1).set("withColumn", column(column));
            case TableChange.RowGone(String table, Row row) ->
                node.put("row", number(table, row.id())).set("withoutRow", row(row));
            case TableChange.RowAdded(_, int at, Row row) ->
                node.put("at", at + 1).put("row", -row.id()).set("withRow", row(row));
            case TableChange.CellOther(String table, long rowId, String column, Entry was, Entry now) -> {
                node.put("row", number(table, rowId)).put("in", column);
                node.set("was", cell(was));
                node.set("now", cell(now));
            }
        }
    }

    private int number(String table, long rowId) {
        return SceneNodes.named(shared, table).stream().flatMap(one -> one.position(rowId).stream().boxed())
                .findFirst().orElse(-1) + 1;
    }

    private static ObjectNode column(Column column) {
        ObjectNode node = JsonNodeFactory.instance.objectNode().put("name", column.name())
                .put("type", column.type().id());
        if (column.key()) node.put("key", true);
        if (!column.nullable() && !column.key()) node.put("required", true);
        if (column.open()) node.put("open", true);
        return SizeNodes.describe(column.size(), node);
    }

    private static ArrayNode row(Row row) {
        ArrayNode cells = JsonNodeFactory.instance.arrayNode();
        row.entries().forEach(entry -> cells.add(cell(entry)));
        return cells;
    }

    private static JsonNode cell(Entry entry) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        if (entry.misfit().isPresent()) return make.objectNode().put(TYPED, entry.misfit().get());
        return Type.of(entry.value())
                .<JsonNode>map(type -> make.objectNode().put(type.id(), entry.value().shown()))
                .orElseGet(make::nullNode);
    }

    /** What is described; what says nothing is left out. */
    OwnTables read(JsonNode nodes) {
        List<TableChange> changes = new ArrayList<>();
        for (JsonNode node : nodes) change(node.path("table").asText(), node).ifPresent(changes::add);
        return new OwnTables(changes);
    }

    private Optional<TableChange> change(String table, JsonNode node) {
        int at = Math.max(0, node.path("at").asInt(1) - 1);
        if (node.has("withoutColumn"))
            return column(node.path("withoutColumn")).map(column -> new TableChange.ColumnGone(table, column));
        if (node.has("withColumn"))
            return column(node.path("withColumn")).map(column -> new TableChange.ColumnAdded(table, at, column));
        if (node.has("column")) return column(node.path("was"))
                .flatMap(was -> column(node.path("column")).map(now -> new TableChange.ColumnOther(table, was, now)));
        if (node.has("withoutRow"))
            return Optional.of(new TableChange.RowGone(table, row(id(table, node), node.path("withoutRow"))));
        if (node.has("withRow"))
            return Optional.of(new TableChange.RowAdded(table, at, row(added(node), node.path("withRow"))));
        return Optional.of(new TableChange.CellOther(table, id(table, node), node.path("in").asText(),
                entry(node.path("was")), entry(node.path("now"))));
    }

    /** The id of a row that the scene alone has, which is negative. */
    private static long added(JsonNode node) {
        return -Math.max(1, node.path("row").asLong(1));
    }

    private long id(String table, JsonNode node) {
        int row = node.path("row").asInt() - 1;
        return SceneNodes.named(shared, table).filter(one -> row >= 0 && row < one.rows().size())
                .map(one -> one.rows().get(row).id()).orElse(TableChange.GONE);
    }

    private static Optional<Column> column(JsonNode node) {
        String name = node.path("name").asText();
        return name.isBlank() ? Optional.empty()
                : type(node.path("type").asText()).map(type -> SizeNodes.sized(new Column(name, type,
                        new TypeSize.Any(), node.path("key").asBoolean(), !node.path("required").asBoolean(),
                        node.path("open").asBoolean()), node));
    }

    private static Optional<Type> type(String id) {
        return Stream.of(Type.values()).filter(type -> type.id().equals(id)).findFirst();
    }

    private static Row row(long id, JsonNode cells) {
        List<Entry> entries = new ArrayList<>();
        cells.forEach(cell -> entries.add(entry(cell)));
        return Row.of(id, entries);
    }

    /** What stands in a cell; what cannot be read is NULL. */
    private static Entry entry(JsonNode cell) {
        if (cell.has(TYPED)) return Entry.misfit(cell.path(TYPED).asText());
        return cell.properties().stream()
                .flatMap(value -> type(value.getKey()).stream().flatMap(
                        type -> read(type, value.getValue().asText()).stream()))
                .findFirst().map(Entry::of).orElse(Entry.NULL);
    }

    private static Optional<Value> read(Type type, String text) {
        return type == Type.TEXT ? Optional.of(Value.of(text)) : type.read(text);
    }
}
