package lunko.page.file;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import lunko.exchange.file.JsonText;
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonWriter;
import lunko.page.desk.Desk;
import lunko.page.session.Handed;
import lunko.words.Language;

/**
 * A lesson as one HTML file for learners: the lesson, Lunko's engine and the view of it. A browser that opens it asks
 * nobody for anything (W3C, Content Security Policy Level 3), and whatever a lesson says is text there, never markup.
 */
public final class PageFile {
    /** How the names of pages end. */
    public static final String ENDING = ".html";

    private static final List<String> VIEW = List.of("dom.js", "rows.js", "lanes.js", "pictures.js", "query.js",
            "asking.js", "store.js", "engine.js", "player.js", "stage.js", "page.js");
    private static final Pattern PLACE = Pattern.compile("\\$\\{(\\w+)}");
    /** What the compiler to JavaScript makes: a function that is given to the one that calls it. */
    private static final Pattern ENGINE =
            Pattern.compile("(.{0,1000}?}\\()(function\\(\\w+\\)\\{.*})\\)\\);\\s*", Pattern.DOTALL);
    private static final int ID_BYTES = 8;

    private PageFile() {}

    /** The page of a lesson. */
    public static byte[] of(Handed handed, Language in) {
        String css = resource("view/page.css");
        String view = "\"use strict\";\n(() => {\n" + VIEW.stream().map(part -> resource("view/" + part))
                .collect(Collectors.joining("\n")) + "\n})();\n";
        String engine = eager(resource("engine.js"));
        Json files = Desk.files(handed.lesson());
        String given = JsonWriter
                .compact(Json.EMPTY.with("id", id(files)).with("answers", handed.answers()).with("files", files));
        Map<String, String> parts =
                Map.of("language", in.pages().language(), "title", escaped(handed.lesson().title()), "css", css,
                        "scripts",
                        source(engine) + " " + source(view), "styles", source(css), "noscript",
                        escaped(in.pages().tooOld()), "first", first(files, handed.answers(), in), "lesson",
                        packed(given), "engine",
                        packed(engine), "view", view);
        return PLACE.matcher(resource("view/page.html"))
                .replaceAll(place -> Matcher.quoteReplacement(parts.get(place.group(1))))
                .getBytes(StandardCharsets.UTF_8);
    }

    /** What is seen before the engine is there, by the same code. */
    private static String first(Json files, boolean answers, Language in) {
        Json opened = new Desk(in, JsonText::tree).answer(Json.EMPTY.with("do", "open").with("given", files)
                .with("answers", answers));
        // Nothing in it may end the element that it stands in.
        return JsonWriter.compact(opened).replace("<", "\\u003c");
    }

    private static String id(Json files) {
        return HexFormat.of().formatHex(digest(JsonWriter.compact(files)), 0, ID_BYTES);
    }

    /** A script or a style by its digest, as a policy names it. */
    private static String source(String text) {
        return "'sha256-" + Base64.getEncoder().encodeToString(digest(text)) + "'";
    }

    private static byte[] digest(String text) {
        try {
            return MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private static String packed(String text) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (OutputStream zip = new GZIPOutputStream(bytes)) {
            zip.write(text.getBytes(StandardCharsets.UTF_8));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /**
     * The engine as the browser compiles it while it reads it: with its function in parentheses. Otherwise it is read
     * once to find its end, and again when it is called.
     */
    private static String eager(String engine) {
        return ENGINE.matcher(engine).replaceFirst("$1($2)));\n");
    }

    private static String resource(String name) {
        try (InputStream found = PageFile.class.getResourceAsStream("/lunko/page/" + name)) {
            if (found == null) throw new IllegalStateException("not built: " + name);
            return new String(found.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
    }
}
