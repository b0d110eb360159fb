package lunko.exchange.lesson;

import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.exchange.file.JsonText;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.WholeFile;
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonReader;
import lunko.exchange.json.JsonWriter;
import lunko.exchange.pack.DataPackage;
import lunko.lesson.Lesson;
import lunko.practice.Attempt;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;

/** A lesson as a file: a ZIP with its tables as a Tabular Data Package, and {@code lesson.json} for all else. */
public final class LessonFile {
    /** How the names of lesson files end. */
    public static final String ENDING = ".lunko";
    /** The file in the ZIP that is Lunko's own. */
    static final String DESCRIPTOR = "lesson.json";
    /** The file in the ZIP that has what somebody has answered. */
    static final String ANSWERS = "answers.json";
    /** The version that is written; newer ones are not read. */
    static final int VERSION = 8;

    private LessonFile() {}

    /** Whether a file is a lesson by its name. */
    public static boolean is(Path file) {
        return file.toString().toLowerCase(Locale.ROOT).endsWith(ENDING);
    }

    /** Writes a lesson; the file is there whole or not at all. */
    public static Checked<Path> write(Lesson lesson, Path file) {
        return write(KeptLesson.of(lesson), file);
    }

    /** Writes a lesson with what was answered in it; the file is there whole or not at all. */
    public static Checked<Path> write(KeptLesson kept, Path file) {
        return new WholeFile(file).write(draft -> {
            Map<String, byte[]> parts = files(kept.lesson());
            if (!kept.attempts().isEmpty()) parts.put(ANSWERS,
                    JsonWriter.inLines(AttemptNodes.of(kept.attempts())).getBytes(StandardCharsets.UTF_8));
            // What could not be opened again is not written.
            if (parts.get(DESCRIPTOR).length > JsonText.MOST_BYTES) return problem(file.toString(),
                    new FileFault.TooManyMisfits());
            if (parts.values().stream().mapToLong(part -> part.length).sum() > SafeZip.MOST_BYTES)
                return problem(file.toString(), SafeZip.tooLarge());
            try (OutputStream out = Files.newOutputStream(draft); ZipOutputStream zip = new ZipOutputStream(out)) {
                for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                    zip.putNextEntry(new ZipEntry(part.getKey()));
                    zip.write(part.getValue());
                    zip.closeEntry();
                }
            }
            return Checked.valid(file);
        });
    }

    /** The files in the ZIP of a lesson, by name. */
    public static Map<String, byte[]> files(Lesson lesson) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put(DESCRIPTOR,
                JsonWriter.inLines(Descriptor.of(lesson, VERSION)).getBytes(StandardCharsets.UTF_8));
        files.putAll(DataPackage.files(lesson.sharedSet()));
        return files;
    }

    /** Reads a lesson; a problem if the file is damaged, unsafe, none of Lunko's, or of a newer version. */
    public static Checked<Lesson> read(Path file) {
        return SafeZip.read(file).then(zip -> lesson(file.toString(), zip.files(), JsonText::tree));
    }

    /** The same with what was answered in it; answers that cannot be read are none. */
    public static Checked<KeptLesson> open(Path file) {
        return SafeZip.read(file).then(zip -> lesson(file.toString(), zip.files(), JsonText::tree)
                .map(lesson -> new KeptLesson(lesson, attempts(file.toString(), zip.files(), lesson))));
    }

    private static Map<Integer, Attempt> attempts(String source, Map<String, byte[]> files, Lesson lesson) {
        return Optional.ofNullable(files.get(ANSWERS))
                .map(bytes -> JsonText.tree(Origin.file(source + ", " + ANSWERS), bytes)
                        .either(json -> AttemptNodes.read(json, lesson), _ -> Map.<Integer, Attempt>of()))
                .orElse(Map.of());
    }

    /** The lesson of the files that its ZIP would have; a problem if it is none of Lunko's, or of a newer version. */
    public static Checked<Lesson> lesson(String source, Map<String, byte[]> files, JsonReader json) {
        byte[] descriptor = files.get(DESCRIPTOR);
        if (descriptor == null) return problem(source, new FileFault.NoLesson(DESCRIPTOR));
        return json.read(Origin.file(source + ", " + DESCRIPTOR), descriptor)
                .then(root -> lesson(source, files, root, json));
    }

    private static Checked<Lesson> lesson(String source, Map<String, byte[]> files, Json root, JsonReader json) {
        Optional<Long> version = root.at("version").whole();
        if (!root.at("format").text().equals("lunko-lesson") || version.isEmpty())
            return problem(source, new FileFault.NoLessonDescriptor(DESCRIPTOR));
        if (version.get() > VERSION) return problem(source,
                new FileFault.NewerLesson((int) Math.min(version.get(), Integer.MAX_VALUE), VERSION));
        return DataPackage.read(source, name -> Optional.ofNullable(files.get(name)), json)
                .then(set -> new Descriptor(source + ", " + DESCRIPTOR, root).lesson(set.tables()));
    }

    private static <T> Checked<T> problem(String source, FileFault fault) {
        return Checked.invalid(Problem.at(Place.inFile(source), fault));
    }
}
