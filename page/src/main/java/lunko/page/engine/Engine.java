package lunko.page.engine;

import lunko.exchange.json.Json;
import lunko.exchange.json.JsonWriter;
import lunko.page.desk.Desk;
import lunko.problem.Origin;
import lunko.words.english.English;
import org.teavm.jso.JSExport;

/** What a browser calls: JSON in, JSON out. */
public final class Engine {
    private static final Desk DESK = new Desk(English.language(), BrowserJson.READER);

    private Engine() {}

    /** Nothing is done before something is asked. */
    public static void main(String[] arguments) {}

    /** The answer to what is asked; nothing goes out but as an answer, since an exception would say nothing there. */
    @JSExport
    public static String ask(String asked) {
        try {
            return JsonWriter.compact(DESK.answer(
                    BrowserJson.read(new Origin.Query(), asked).either(json -> json, _ -> Json.NULL)));
        } catch (RuntimeException | StackOverflowError defect) {
            return JsonWriter.compact(Json.EMPTY.with("defect", String.valueOf(defect)));
        }
    }
}
