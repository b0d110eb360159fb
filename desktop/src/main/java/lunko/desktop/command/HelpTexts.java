package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.util.Collections;
import java.util.Enumeration;
import java.util.Map;
import java.util.ResourceBundle;

/** The help of the command line, as its library asks for it: by keys. */
final class HelpTexts extends ResourceBundle {
    private final Map<String, String> texts = words().command().help();

    @Override
    protected Object handleGetObject(String key) {
        return texts.get(key);
    }

    @Override
    public Enumeration<String> getKeys() {
        return Collections.enumeration(texts.keySet());
    }
}
