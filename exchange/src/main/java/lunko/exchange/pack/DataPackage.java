package lunko.exchange.pack;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import lunko.exchange.file.SourceText;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.CsvText;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.table.Table;
import lunko.table.Type;

/** A Tabular Data Package (Frictionless Data, version 1): {@code datapackage.json} with the schemas, and a CSV file for each table. */
public final class DataPackage {
    /** The file that says what is in a package. */
    public static final String DESCRIPTOR = "datapackage.json";

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DataPackage() {}

    /** The files of a package that holds these tables, by name. */
    public static Map<String, byte[]> files(List<Table> tables) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("profile", "tabular-data-package").put("name", "lesson");
        ArrayNode resources = root.putArray("resources");
        files.put(DESCRIPTOR, new byte[0]);
        for (Table table : tables) {
            String name = free(slug(table.name()), files);
            files.put(path(name), csv(table));
            ObjectNode resource = resources.addObject().put("profile", "tabular-data-resource").put("name", name)
                    .put("title", table.name()).put("path", path(name)).put("encoding", "utf-8");
            ObjectNode schema = resource.putObject("schema");
            ArrayNode fields = schema.putArray("fields");
            table.columns().forEach(column -> fields.addObject().put("name", column.name()).put("type", type(column.type())));
            schema.putArray("missingValues").add("");
        }
        files.put(DESCRIPTOR, json(root));
        return files;
    }

    private static String path(String name) {
        return "data/" + name + ".csv";
    }

    /** A name as the specification allows it: small letters, digits and a few signs. */
    private static String slug(String name) {
        String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9._-]+", "-");
        return plain.isEmpty() || plain.equals("-") ? "table" : plain;
    }

    private static String free(String name, Map<String, byte[]> taken) {
        return Stream.iterate(2, number -> number + 1).map(number -> name + "-" + number).filter(other -> !taken.containsKey(path(other)))
                .findFirst().filter(_ -> taken.containsKey(path(name))).orElse(name);
    }

    private static byte[] csv(Table table) {
        try {
            StringBuilder text = new StringBuilder();
            CsvText.of(text, ',').table(table);
            return text.toString().getBytes(StandardCharsets.UTF_8);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static byte[] json(ObjectNode root) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root);
        } catch (JsonProcessingException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static String type(Type type) {
        return switch (type) {
            case DECIMAL -> "number";
            case TEXT -> "string";
            case INTEGER, BOOLEAN, DATE -> type.title();
        };
    }

    private static Optional<Type> type(String title) {
        return Stream.of(Type.values()).filter(type -> type(type).equals(title)).findFirst();
    }

    /** The tables of a package; {@code file} gives the content of a file in it by name. */
    public static Checked<List<Table>> tables(String source, Function<String, Optional<byte[]>> file) {
        Optional<byte[]> descriptor = file.apply(DESCRIPTOR);
        if (descriptor.isEmpty()) return problem(source, "There is no " + DESCRIPTOR + " in it: choose a Tabular Data Package.");
        JsonNode root;
        try {
            root = MAPPER.readTree(descriptor.get());
        } catch (JsonProcessingException malformed) {
            return Checked.invalid(Problem.at(Place.character(source + ", " + DESCRIPTOR, malformed.getLocation().getLineNr(),
                    malformed.getLocation().getColumnNr()), "This is no JSON: mend it here, or take another copy of the file."));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        if (root.path("resources").isEmpty()) return problem(source, DESCRIPTOR + " names no resources: it needs one for each table.");
        List<Table> tables = new ArrayList<>();
        for (JsonNode resource : root.path("resources")) {
            switch (table(source, resource, file)) {
                case Checked.Valid<Table>(Table table) -> tables.add(table);
                case Checked.Invalid<Table>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        return Checked.valid(tables);
    }

    private static Checked<Table> table(String source, JsonNode resource, Function<String, Optional<byte[]>> file) {
        String path = resource.path("path").asText("");
        if (path.isEmpty() || path.startsWith("/") || path.contains(":") || List.of(path.split("/")).contains("..")) {
            return problem(source, DESCRIPTOR + " names the file “" + path + "”, and only files of the package itself are read: mend its path.");
        }
        Optional<byte[]> content = file.apply(path);
        if (content.isEmpty()) return problem(source, DESCRIPTOR + " names " + path + ", and there is no such file: add it.");
        String name = resource.path("title").asText(resource.path("name").asText("table"));
        return SourceText.utf8(source + ", " + path, content.get()).then(text -> CsvReader.grid(name, text))
                .then(grid -> grid.table(column -> known(resource, column)));
    }

    private static Optional<Type> known(JsonNode resource, String column) {
        for (JsonNode field : resource.path("schema").path("fields")) {
            if (field.path("name").asText().equals(column)) return type(field.path("type").asText());
        }
        return Optional.empty();
    }

    private static <T> Checked<T> problem(String source, String sentence) {
        return Checked.invalid(Problem.at(Place.in(source), sentence));
    }
}
