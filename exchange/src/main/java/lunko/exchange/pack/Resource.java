package lunko.exchange.pack;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.Dialect;
import lunko.exchange.file.SourceText;
import lunko.exchange.grid.Grid;
import lunko.exchange.json.Json;
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
record Resource(String source, Json described) {

    /** Its table; {@code file} gives the content of a file of the package by name. */
    Checked<Table> table(Function<String, Optional<byte[]>> file) {
        String path = described.at("path").text("");
        if (path.isEmpty() || path.startsWith("/") || path.contains(":") || List.of(path.split("/")).contains("..")) {
            return problem(new FileFault.ForeignPath(DataPackage.DESCRIPTOR, path));
        }
        Optional<byte[]> content = file.apply(path);
        if (content.isEmpty())
            return problem(new FileFault.MissingResource(DataPackage.DESCRIPTOR, path));
        String name = described.at("title").text(described.at("name").text("table"));
        return SourceText.utf8(Origin.file(source + ", " + path), content.get())
                .then(text -> CsvReader.grid(name, text, dialect())).then(this::table).map(this::ruled);
    }

    /** Commas and double quotes are what the specification has where nothing is said. */
    private Dialect dialect() {
        Json dialect = described.at("dialect");
        String separator = dialect.at("delimiter").text(",");
        String quote = dialect.at("quoteChar").text("\"");
        return Dialect.PLAIN.separated(separator.length() == 1 ? separator.charAt(0) : ',')
                .quoted(Optional.of(quote).filter(sign -> sign.length() == 1).map(sign -> sign.charAt(0)))
                .named(dialect.at("header").truth(true));
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
        for (Json field : described.at("schema").at("fields").items()) {
            Optional<Type> type = DataPackage.type(field.at("type").text());
            if (type.isEmpty()) return List.of();
            columns.add(new Column(field.at("name").text(), type.get()));
        }
        return columns;
    }

    private Optional<Type> known(String column) {
        return DataPackage.type(field(column).at("type").text());
    }

    /** What is said of a column; nothing, if nothing is. */
    private Json field(String column) {
        for (Json field : described.at("schema").at("fields").items()) {
            if (field.at("name").text().equals(column)) return field;
        }
        return Json.NULL;
    }

    /** The table with what its schema says of keys and of what must be there. */
    private Table ruled(Table table) {
        List<String> key = names(described.at("schema").at("primaryKey"));
        Table ruled = table;
        for (int i = 0; i < table.columns().size(); i++) {
            Column column = table.columns().get(i);
            Json field = field(column.name());
            Json constraints = field.at("constraints");
            ruled = ruled.withColumn(i, SizeNodes.sized(column.key(key.contains(column.name()))
                    .nullable(!constraints.at("required").truth(false)),
                    column.type() == Type.TEXT ? constraints : field));
        }
        return ruled;
    }

    /** One name, or a list of them: the specification allows for both. */
    static List<String> names(Json names) {
        if (names.isText()) return List.of(names.text());
        List<String> all = new ArrayList<>();
        names.items().forEach(name -> all.add(name.text()));
        return all;
    }

    private <T> Checked<T> problem(FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
