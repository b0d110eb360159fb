package lunko.handout.text;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import lunko.exchange.page.MarkdownText;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.change.SqlDialect;
import lunko.show.Showing;
import lunko.words.Language;

/**
 * A lesson as a Jupyter notebook (nbformat 4.5): text, pictures, and cells of SQL, which run on the SQLite that comes
 * with Python.
 */
public final class LessonNotebook {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String SQL = "%%sql\n";

    private final ArrayNode cells = JSON.createArrayNode();

    private LessonNotebook() {}

    /** The notebook of some scenes, with a picture of each, as PNG, by its number, counted from 0. */
    public static byte[] of(List<Showing> scenes, IntFunction<byte[]> picture, Language in) {
        LessonNotebook notebook = new LessonNotebook();
        List<SceneSql> all =
                SceneSql.of(scenes.stream().map(Showing::lesson).toList(), SqlDialect.SQLITE, in);
        if (!scenes.isEmpty())
            notebook.text("# " + MarkdownText.escaped(scenes.getFirst().lesson().title()));
        notebook.code(magic());
        for (int i = 0; i < all.size(); i++) {
            all.get(i).setUp().ifPresent(setUp -> notebook.code(SQL + setUp));
            String name = "scene-" + (i + 1) + ".png";
            ObjectNode cell = notebook.text(LessonMarkdown.scene(i, scenes.get(i), "attachment:" + name, in).strip());
            cell.putObject("attachments").putObject(name).put("image/png",
                    Base64.getEncoder().encodeToString(picture.apply(i)));
            switch (all.get(i).query()) {
                case Checked.Valid<String>(String query) -> notebook.code(SQL + query + ";");
                case Checked.Invalid<String>(Problem problem) ->
                    notebook.text(MarkdownText.escaped(in.problems().of(problem.fault()).text()));
            }
        }
        return notebook.written();
    }

    /** What makes cells of SQL run. */
    private static String magic() {
        try (InputStream python = Objects.requireNonNull(LessonNotebook.class.getResourceAsStream("sql_cells.py"))) {
            return new String(python.readAllBytes(), StandardCharsets.UTF_8).strip();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private ObjectNode cell(String type, String source) {
        ObjectNode cell = cells.addObject();
        cell.put("cell_type", type).put("id", "cell-" + cells.size()).putObject("metadata");
        ArrayNode lines = cell.putArray("source");
        for (String line : source.split("(?<=\n)")) lines.add(line);
        return cell;
    }

    private ObjectNode text(String markdown) {
        return cell("markdown", markdown);
    }

    private void code(String source) {
        cell("code", source).putNull("execution_count").putArray("outputs");
    }

    private byte[] written() {
        ObjectNode notebook = JSON.createObjectNode();
        notebook.set("cells", cells);
        ObjectNode metadata = notebook.putObject("metadata");
        metadata.putObject("kernelspec").put("display_name", "Python 3").put("language", "python")
                .put("name", "python3");
        metadata.putObject("language_info").put("name", "python");
        notebook.put("nbformat", 4).put("nbformat_minor", 5);
        try {
            return JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(notebook);
        } catch (JsonProcessingException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }
}
