package lunko.exchange.pack;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.MissingNode;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.Dialect;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;

/**
 * One table of a package as its descriptor has it (Frictionless Data, Tabular Data Resource, CSV Dialect and Table
 * Schema, version 1). What is declared is not guessed.
 */
record Resource(String source, JsonNode described) {

    /** Its table; {@code file} gives the content of a file of the package by name. */
    Checked<Table> table(Function<String, Optional<byte[]>> file) {
        String path = described.path("path").asText("");
        if (path.isEmpty() || path.startsWith("/") || path.contains(":") || List.of(path.split("/")).contains("..")) {
            return problem(new FileFault.ForeignPath(DataPackage.DESCRIPTOR, path));
        }
        Optional<byte[]> content = file.apply(path);
        if (content.isEmpty())
            return problem(new FileFault.MissingResource(DataPackage.DESCRIPTOR, path));
        String name = described.path("title").asText(described.path("name").asText("table"));
        return SourceText.utf8(Origin.file(source + ", " + path), content.get())
                .then(text -> CsvReader.grid(name, text, dialect())).then(this::table).map(this::ruled);
    }

    /** Commas and double quotes are what the specification has where nothing is said. */
    private Dialect dialect() {
        JsonNode dialect = described.path("dialect");
        String separator = dialect.path("delimiter").asText(",");
        String quote = dialect.path("quoteChar").asText("\"");
        return Dialect.PLAIN.separated(separator.length() == 1 ? separator.charAt(0) : ',')
                .quoted(Optional.of(quote).filter(sign -> sign.length() == 1).map(sign -> sign.charAt(0)))
                .named(dialect.path("header").asBoolean(true));
    }

    /** With the columns that are declared, if all are; else with those that the first line names. */
    private Checked<Table> table(Grid grid) {
        List<String> first = grid.lines().isEmpty() ? List.of()
                : grid.lines().getFirst().fields().stream().map(field -> field.orElse("")).toList();
        List<Column> declared = columns();
        boolean inOtherOrder = !first.equals(declared.stream().map(Column::name).toList())
                && new HashSet<>(first).equals(new HashSet<>(declared.stream().map(Column::name).toList()));
        return first.size() != declared.size() || inOtherOrder ? grid.table(this::known) : grid.declared(declared);
    }

    /** The columns of the schema; none, if one of them has no type that Lunko has. */
    private List<Column> columns() {
        List<Column> columns = new ArrayList<>();
        for (JsonNode field : described.path("schema").path("fields")) {
            Optional<Type> type = DataPackage.type(field.path("type").asText());
            if (type.isEmpty()) return List.of();
            columns.add(new Column(field.path("name").asText(), type.get()));
        }
        return columns;
    }

    private Optional<Type> known(String column) {
        return DataPackage.type(field(column).path("type").asText());
    }

    /** What is said of a column; nothing, if nothing is. */
    private JsonNode field(String column) {
        for (JsonNode field : described.path("schema").path("fields")) {
            if (field.path("name").asText().equals(column)) return field;
        }
        return MissingNode.getInstance();
    }

    /** The table with what its schema says of keys and of what must be there. */
    private Table ruled(Table table) {
        List<String> key = names(described.path("schema").path("primaryKey"));
        Table ruled = table;
        for (int i = 0; i < table.columns().size(); i++) {
            Column column = table.columns().get(i);
            JsonNode field = field(column.name());
            JsonNode constraints = field.path("constraints");
            ruled = ruled.withColumn(i, SizeNodes.sized(column.key(key.contains(column.name()))
                    .nullable(!constraints.path("required").asBoolean()),
                    column.type() == Type.TEXT ? constraints : field));
        }
        return ruled;
    }

    /** One name, or a list of them: the specification allows for both. */
    static List<String> names(JsonNode names) {
        if (names.isTextual()) return List.of(names.asText());
        List<String> all = new ArrayList<>();
        names.forEach(name -> all.add(name.asText()));
        return all;
    }

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
