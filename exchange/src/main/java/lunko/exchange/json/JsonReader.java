package lunko.exchange.json;

import lunko.problem.Checked;
import lunko.problem.Origin;

/** What makes a value of JSON in UTF-8: a library, or a browser; a problem with its place, if it is none. */
@FunctionalInterface
public interface JsonReader {

    /** The value of a text that comes from somewhere. */
    Checked<Json> read(Origin source, byte[] text);
}
