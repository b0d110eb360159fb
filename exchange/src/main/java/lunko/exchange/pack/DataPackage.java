package lunko.exchange.pack;

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
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonReader;
import lunko.exchange.json.JsonWriter;
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
import lunko.table.Column;
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
        files.put(DESCRIPTOR, new byte[0]);
        for (Table table : set.tables()) files.put(path(names.get(table.name())), csv(table.fitting()));
        files.put(DESCRIPTOR, JsonWriter.inLines(Json.EMPTY.with("profile", "tabular-data-package")
                .with("name", "lesson").with("resources", set.tables().stream()
                        .map(table -> resource(table, keys, names))))
                .getBytes(StandardCharsets.UTF_8));
        return files;
    }

    private static Json resource(Table table, ForeignKeys keys, Map<String, String> names) {
        String name = names.get(table.name());
        return Json.EMPTY.with("profile", "tabular-data-resource").with("name", name).with("title", table.name())
                .with("path", path(name)).with("encoding", "utf-8")
                .with("dialect", Json.EMPTY.with("delimiter", ",").with("doubleQuote", true).with("header", true))
                .with("schema", schema(table, keys, names));
    }

    private static Json schema(Table table, ForeignKeys keys, Map<String, String> names) {
        boolean holds = KeyFaults.of(table).isNone();
        Json.Members schema = Json.EMPTY
                .with("fields", table.columns().stream().map(column -> field(column, holds)))
                .with("missingValues", Json.texts(Stream.of("")));
        if (!table.key().isEmpty() && holds)
            schema = schema.with("primaryKey",
                    Json.texts(table.key().stream().map(i -> table.columns().get(i).name())));
        return schema.withAny("foreignKeys", keys.holding().stream().filter(link -> link.left().equals(table.name()))
                .map(link -> foreignKey(link, names)));
    }

    private static Json field(Column column, boolean holds) {
        Json.Members field = Json.EMPTY.with("name", column.name()).with("type", type(column.type()));
        Json.Members constraints = Json.EMPTY.withIf("required", !column.nullable() && holds);
        // The specification has a length for texts, and nothing for digits.
        if (column.type() == Type.TEXT) constraints = SizeNodes.describe(column.size(), constraints);
        else field = SizeNodes.describe(column.size(), field);
        return constraints.all().isEmpty() ? field : field.with("constraints", constraints);
    }

    private static Json foreignKey(Link link, Map<String, String> names) {
        // Of the table itself, the specification wants the empty name.
        String resource = link.right().equals(link.left()) ? "" : names.get(link.right());
        return Json.EMPTY.with("fields", Json.texts(link.pairs().stream().map(KeyPair::left)))
                .with("reference", Json.EMPTY.with("resource", resource)
                        .with("fields", Json.texts(link.pairs().stream().map(KeyPair::right))));
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

    private static byte[] csv(Table table) {
        try {
            StringBuilder text = new StringBuilder();
            CsvText.of(text, ',').table(table);
            return text.toString().getBytes(StandardCharsets.UTF_8);
        } catch (IOException impossible) {
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
        return read(source, file, JsonText::tree);
    }

    /** The same, with something that reads JSON. */
    public static Checked<TableSet> read(String source, Function<String, Optional<byte[]>> file, JsonReader json) {
        Optional<byte[]> descriptor = file.apply(DESCRIPTOR);
        if (descriptor.isEmpty())
            return problem(source, new FileFault.NoDescriptor(DESCRIPTOR));
        return json.read(Origin.file(source + ", " + DESCRIPTOR), descriptor.get())
                .then(root -> tables(source, root, file));
    }

    private static Checked<TableSet> tables(String source, Json root, Function<String, Optional<byte[]>> file) {
        if (root.at("resources").items().isEmpty())
            return problem(source, new FileFault.NoResources(DESCRIPTOR));
        Optional<TableFault> tooMany = Limits.ofTables(root.at("resources").items().size());
        if (tooMany.isPresent()) return problem(source, tooMany.get());
        List<Table> tables = new ArrayList<>();
        for (Json resource : root.at("resources").items()) {
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
    private static List<Link> links(Json root, List<Table> tables) {
        Set<Link> links = new LinkedHashSet<>();
        for (int i = 0; i < tables.size(); i++) {
            for (Json key : root.at("resources").at(i).at("schema").at("foreignKeys").items()) {
                String resource = key.at("reference").at("resource").text();
                Table table = tables.get(i);
                int at = i;
                IntStream.range(0, tables.size()).filter(other -> resource.isEmpty() ? other == at
                        : root.at("resources").at(other).at("name").text().equals(resource)).boxed().findFirst()
                        .flatMap(other -> link(table, Resource.names(key.at("fields")), tables.get(other),
                                Resource.names(key.at("reference").at("fields"))))
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
