package lunko.exchange.lesson;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.WholeFile;
import lunko.exchange.pack.DataPackage;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Table;

/** A lesson as a file: a ZIP with its tables as a Tabular Data Package, and {@code lesson.json} for all else. */
public final class LessonFile {
    /** How the names of lesson files end. */
    public static final String ENDING = ".lunko";
    /** The file in the ZIP that is Lunko's own. */
    static final String DESCRIPTOR = "lesson.json";
    /** The version that is written; newer ones are not read. */
    static final int VERSION = 1;

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private LessonFile() {}

    /** Whether a file is a lesson by its name. */
    public static boolean is(Path file) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    /** Writes a lesson; the file is there whole or not at all. */
    public static Checked<Path> write(Lesson lesson, Path file) {
        return new WholeFile(file).write(draft -> {
            try (OutputStream out = Files.newOutputStream(draft); ZipOutputStream zip = new ZipOutputStream(out)) {
                for (Map.Entry<String, byte[]> part : files(lesson).entrySet()) {
                    zip.putNextEntry(new ZipEntry(part.getKey()));
                    zip.write(part.getValue());
                    zip.closeEntry();
                }
            }
            return true;
        });
    }

    static Map<String, byte[]> files(Lesson lesson) throws JsonProcessingException {
        ObjectNode root = JsonNodeFactory.instance.objectNode().put("format", "lunko-lesson").put("version", VERSION).put("title", lesson.title());
        ObjectNode scene = root.putArray("scenes").addObject().put("left", lesson.left().name()).put("kind", lesson.kind().title())
                .put("right", lesson.right().name());
        ArrayNode on = scene.putArray("on");
        lesson.on().forEach(pair -> on.addObject().put("left", pair.left()).put("right", pair.right()));
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put(DESCRIPTOR, MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root));
        files.putAll(DataPackage.files(lesson.tables()));
        return files;
    }

    /** Reads a lesson; a problem if the file is damaged, unsafe, none of Lunko's, or of a newer version. */
    public static Checked<Lesson> read(Path file) {
        return SafeZip.read(file).then(zip -> lesson(file.toString(), zip));
    }

    private static Checked<Lesson> lesson(String source, SafeZip zip) {
        byte[] descriptor = zip.files().get(DESCRIPTOR);
        if (descriptor == null) return problem(source, "There is no " + DESCRIPTOR + " in it, so it is no lesson: choose a file that Lunko has saved.");
        JsonNode root;
        try {
            root = MAPPER.readTree(descriptor);
        } catch (JsonProcessingException malformed) {
            return Checked.invalid(Problem.at(Place.character(source + ", " + DESCRIPTOR, malformed.getLocation().getLineNr(),
                    malformed.getLocation().getColumnNr()), "This is no JSON: take another copy of the file."));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        if (!root.path("format").asText().equals("lunko-lesson") || !root.path("version").canConvertToInt()) {
            return problem(source, DESCRIPTOR + " does not say that this is a lesson of Lunko: choose a file that Lunko has saved.");
        }
        if (root.path("version").asInt() > VERSION) {
            return problem(source, "This lesson was saved by a newer Lunko (version " + root.path("version").asInt() + " of the file, and this Lunko reads "
                    + VERSION + "): open it with that one.");
        }
        return DataPackage.tables(source, name -> Optional.ofNullable(zip.files().get(name))).then(tables -> scene(source, root, tables));
    }

    private static Checked<Lesson> scene(String source, JsonNode root, List<Table> tables) {
        JsonNode scene = root.path("scenes").path(0);
        Optional<Table> left = named(tables, scene.path("left").asText());
        Optional<Table> right = named(tables, scene.path("right").asText());
        Optional<JoinKind> kind = JoinKind.titled(scene.path("kind").asText());
        if (left.isEmpty() || right.isEmpty() || kind.isEmpty()) {
            return problem(source, DESCRIPTOR + " names a table or a kind of join in its first scene that there is not: take another copy of the file.");
        }
        List<KeyPair> on = new ArrayList<>();
        scene.path("on").forEach(pair -> on.add(new KeyPair(pair.path("left").asText(), pair.path("right").asText())));
        List<Table> shelf = tables.stream().filter(table -> table != left.get() && table != right.get()).toList();
        return Checked.valid(new Lesson(root.path("title").asText(), left.get(), right.get(), kind.get(), on, shelf));
    }

    private static Optional<Table> named(List<Table> tables, String name) {
        return tables.stream().filter(table -> table.name().equals(name)).findFirst();
    }

    private static <T> Checked<T> problem(String source, String sentence) {
        return Checked.invalid(Problem.at(Place.in(source), sentence));
    }
}
