package lunko.desktop.words;

import java.util.ServiceLoader;

/**
 * The language that this program speaks, from its start to its end: the one whose tag the property
 * {@code lunko.language} has, and English where it has none.
 */
public final class Spoken {
    private static final String WANTED = System.getProperty("lunko.language", "en");
    private static final Speech SPEECH = ServiceLoader.load(Speech.class).stream().map(ServiceLoader.Provider::get)
            .filter(speech -> speech.tag().equals(WANTED)).findFirst().orElseThrow();

    private Spoken() {}

    /** The language. */
    public static Speech words() {
        return SPEECH;
    }
}
