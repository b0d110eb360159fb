package lunko.page.engine;

import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import lunko.exchange.json.Json;
import lunko.exchange.json.JsonReader;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;

/** JSON as a browser reads it. */
final class BrowserJson {
    static final JsonReader READER = (source, text) -> read(source, new String(text, StandardCharsets.UTF_8));

    private BrowserJson() {}

    static Checked<Json> read(Origin source, String text) {
        JSObject parsed = parse(text);
        return sort(parsed).equals("null") ? Checked.invalid(Problem.at(Place.line(source, 1), new FileFault.NoJson()))
                : Checked.valid(json(member(parsed, "is")));
    }

    private static Json json(JSObject value) {
        return switch (sort(value)) {
            case "string" -> new Json.Text(text(value));
            case "number" -> new Json.Figure(new BigDecimal(text(value)));
            case "boolean" -> new Json.Flag(text(value).equals("true"));
            case "array" -> {
                List<Json> items = new ArrayList<>();
                for (int at = 0; at < length(value); at++) items.add(json(item(value, at)));
                yield new Json.Items(items);
            }
            case "object" -> {
                Map<String, Json> members = new LinkedHashMap<>();
                JSObject names = names(value);
                for (int at = 0; at < length(names); at++) {
                    String name = text(item(names, at));
                    members.put(name, json(member(value, name)));
                }
                yield new Json.Members(members);
            }
            default -> Json.NULL;
        };
    }

    @JSBody(params = "text", script = "try { return { is: JSON.parse(text) }; } catch (malformed) { return null; }")
    private static native JSObject parse(String text);

    @JSBody(params = "value", script = "return value === null ? 'null'"
            + " : Array.isArray(value) ? 'array' : typeof value;")
    private static native String sort(JSObject value);

    @JSBody(params = "value", script = "return String(value);")
    private static native String text(JSObject value);

    @JSBody(params = "value", script = "return value.length;")
    private static native int length(JSObject value);

    @JSBody(params = {"value", "at"}, script = "return value[at];")
    private static native JSObject item(JSObject value, int at);

    @JSBody(params = {"value", "name"}, script = "return value[name];")
    private static native JSObject member(JSObject value, String name);

    @JSBody(params = "value", script = "return Object.keys(value);")
    private static native JSObject names(JSObject value);
}
