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
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.csv.CsvText;
import lunko.exchange.file.JsonText;
import lunko.insight.keys.KeyFaults;
import lunko.lesson.ForeignKeys;
import lunko.lesson.Link;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.Limits;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.problem.TableFault;
import lunko.query.KeyPair;
import lunko.table.FreeName;
import lunko.table.Table;
import lunko.table.Type;

/**
 * A Tabular Data Package (Frictionless Data, version 1): {@code datapackage.json} with the schemas, and a CSV file for
 * each table.
 */
public final class DataPackage {
    /** The file that says what is in a package. */
    public static final String DESCRIPTOR = "datapackage.json";

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DataPackage() {}

    /**
     * The files of a package that holds these tables, by name. Keys are said of those that hold, because other tools
     * check them.
     */
    public static Map<String, byte[]> files(TableSet set) {
        ForeignKeys keys = ForeignKeys.of(set);
        Map<String, String> names = new LinkedHashMap<>();
        set.tables().forEach(table -> names.put(table.name(), free(slug(table.name()), names)));
        Map<String, byte[]> files = new LinkedHashMap<>();
        ObjectNode root =
                JsonNodeFactory.instance.objectNode().put("profile", "tabular-data-package").put("name", "lesson");
        ArrayNode resources = root.putArray("resources");
        files.put(DESCRIPTOR, new byte[0]);
        for (Table table : set.tables()) {
            String name = names.get(table.name());
            files.put(path(name), csv(table.fitting()));
            ObjectNode resource = resources.addObject().put("profile", "tabular-data-resource").put("name", name)
                    .put("title", table.name()).put("path", path(name)).put("encoding", "utf-8");
            resource.putObject("dialect").put("delimiter", ",").put("doubleQuote", true).put("header", true);
            ObjectNode schema = resource.putObject("schema");
            ArrayNode fields = schema.putArray("fields");
            boolean holds = KeyFaults.of(table).isNone();
            table.columns().forEach(column -> {
                ObjectNode field = fields.addObject().put("name", column.name()).put("type", type(column.type()));
                ObjectNode constraints = JsonNodeFactory.instance.objectNode();
                if (!column.nullable() && holds) constraints.put("required", true);
                // The specification has a length for texts, and nothing for digits.
                SizeNodes.describe(column.size(), column.type() == Type.TEXT ? constraints : field);
                if (!constraints.isEmpty()) field.set("constraints", constraints);
            });
            schema.putArray("missingValues").add("");
            if (!table.key().isEmpty() && holds)
                texts(schema.putArray("primaryKey"), table.key().stream().map(i -> table.columns().get(i).name()));
            foreignKeys(table, keys, names, schema);
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

    private static String free(String name, Map<String, String> taken) {
        return FreeName.of(name, "-", taken::containsValue);
    }

    private static void texts(ArrayNode array, Stream<String> texts) {
        texts.forEach(array::add);
    }

    private static void foreignKeys(Table table, ForeignKeys keys, Map<String, String> names, ObjectNode schema) {
        for (Link link : keys.holding()) {
            if (!link.left().equals(table.name())) continue;
            ObjectNode key = schema.withArray("foreignKeys").addObject();
            texts(key.putArray("fields"), link.pairs().stream().map(KeyPair::left));
            // Of the table itself, the specification wants the empty name.
            ObjectNode reference = key.putObject("reference").put("resource",
                    link.right().equals(table.name()) ? "" : names.get(link.right()));
            texts(reference.putArray("fields"), link.pairs().stream().map(KeyPair::right));
        }
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
            case INTEGER, BOOLEAN, DATE -> type.id();
        };
    }

    /** The type that the specification calls so, if Lunko has it. */
    static Optional<Type> type(String title) {
        return Stream.of(Type.values()).filter(type -> type(type).equals(title)).findFirst();
    }

    /** The tables of a package and their foreign keys; {@code file} gives the content of a file in it by name. */
    public static Checked<TableSet> read(String source, Function<String, Optional<byte[]>> file) {
        Optional<byte[]> descriptor = file.apply(DESCRIPTOR);
        if (descriptor.isEmpty())
            return problem(source, new FileFault.NoDescriptor(DESCRIPTOR));
        return JsonText.tree(Origin.file(source + ", " + DESCRIPTOR), descriptor.get())
                .then(root -> tables(source, root, file));
    }

    private static Checked<TableSet> tables(String source, JsonNode root, Function<String, Optional<byte[]>> file) {
        if (root.path("resources").isEmpty())
            return problem(source, new FileFault.NoResources(DESCRIPTOR));
        Optional<TableFault> tooMany = Limits.ofTables(root.path("resources").size());
        if (tooMany.isPresent()) return problem(source, tooMany.get());
        List<Table> tables = new ArrayList<>();
        for (JsonNode resource : root.path("resources")) {
            switch (new Resource(source, resource).table(file)) {
                case Checked.Valid<Table>(Table table) -> tables.add(table);
                case Checked.Invalid<Table>(Problem problem) -> {
                    return Checked.invalid(problem);
                }
            }
        }
        List<Link> links = links(root, tables);
        return Limits.ofLinks(links.size()).map(fault -> DataPackage.<TableSet>problem(source, fault))
                .orElseGet(() -> Checked.valid(new TableSet(tables, links)));
    }

    /** The foreign keys of all resources, each once; those that name what is not there are left out. */
    private static List<Link> links(JsonNode root, List<Table> tables) {
        Set<Link> links = new LinkedHashSet<>();
        for (int i = 0; i < tables.size(); i++) {
            for (JsonNode key : root.path("resources").path(i).path("schema").path("foreignKeys")) {
                String resource = key.path("reference").path("resource").asText();
                Table table = tables.get(i);
                int at = i;
                IntStream.range(0, tables.size()).filter(other -> resource.isEmpty() ? other == at
                        : root.path("resources").path(other).path("name").asText().equals(resource)).boxed().findFirst()
                        .flatMap(other -> link(table, Resource.names(key.path("fields")), tables.get(other),
                                Resource.names(key.path("reference").path("fields"))))
                        .ifPresent(links::add);
            }
        }
        return List.copyOf(links);
    }

    private static Optional<Link> link(Table table, List<String> fields, Table other, List<String> others) {
        boolean there = !fields.isEmpty() && fields.size() == others.size()
                && fields.stream().allMatch(name -> table.column(name).isPresent())
                && others.stream().allMatch(name -> other.column(name).isPresent());
        return !there ? Optional.empty() : Optional.of(new Link(table.name(), other.name(),
                IntStream.range(0, fields.size()).mapToObj(i -> new KeyPair(fields.get(i), others.get(i))).toList()));
    }

    private static <T> Checked<T> problem(String source, Fault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
