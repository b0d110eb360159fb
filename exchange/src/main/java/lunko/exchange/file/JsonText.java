package lunko.exchange.file;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import lunko.exchange.json.Json;
import lunko.problem.Checked;
import lunko.problem.FileFault;
import lunko.problem.Origin;
import lunko.problem.Place;
import lunko.problem.Problem;

/** JSON (RFC 8259) read by a library, which sets limits to its depth and to the length of what is in it. */
public final class JsonText {
    /** The most bytes that a text may have: a tree of it takes twenty times as many. */
    public static final long MOST_BYTES = 16L << 20;

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private JsonText() {}

    /** The value of a text in UTF-8; a problem with its place, if it is none. */
    public static Checked<Json> tree(Origin source, byte[] text) {
        if (text.length > MOST_BYTES)
            return Checked.invalid(Problem.at(Place.in(source), new FileFault.TooLarge((int) (MOST_BYTES >> 20))));
        try {
            return Checked.valid(json(MAPPER.readTree(text)));
        } catch (JsonProcessingException malformed) {
            // Where a limit is passed there is no place.
            Place place = malformed.getLocation() == null ? Place.line(source, 1) : Place.character(source,
                    malformed.getLocation().getLineNr(), malformed.getLocation().getColumnNr());
            return Checked.invalid(Problem.at(place, new FileFault.NoJson()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static Json json(JsonNode node) {
        return switch (node.getNodeType()) {
            case OBJECT -> {
                Map<String, Json> members = new LinkedHashMap<>();
                node.properties().forEach(member -> members.put(member.getKey(), json(member.getValue())));
                yield new Json.Members(members);
            }
            case ARRAY -> Json.list(node.valueStream().map(JsonText::json));
            case STRING -> new Json.Text(node.textValue());
            case BOOLEAN -> new Json.Flag(node.booleanValue());
            case NUMBER -> new Json.Figure(node.decimalValue());
            case NULL, MISSING, BINARY, POJO -> Json.NULL;
        };
    }
}
