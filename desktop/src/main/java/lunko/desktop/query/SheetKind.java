package lunko.desktop.query;

import java.util.Locale;
import java.util.function.BiFunction;
import javafx.scene.input.KeyCode;
import lunko.desktop.show.model.ShowModel;

/** What can take the place of the stage for a while, by what it is called and the key that opens it. */
public enum SheetKind {
    /** The query put together without typing. */
    BUILD("Build the query without typing", KeyCode.U, BuildSheet::new),
    /** The other ways to say it. */
    WAYS("Other ways to say it", KeyCode.W, WaysSheet::new),
    /** A condition in ON or in WHERE. */
    ON_WHERE("ON or WHERE: a condition sent from one to the other", KeyCode.O, OnWhereSheet::new),
    /** The results of all queries of the text. */
    RESULTS("Run all queries of the text", KeyCode.R, ResultsSheet::new),
    /** The query in the words of a database. */
    WRITE_FOR("Write it for a database", KeyCode.D, WriteForSheet::new);

    private final String title;
    private final KeyCode key;
    private final BiFunction<ShowModel, Runnable, StageSheet> maker;

    SheetKind(String title, KeyCode key, BiFunction<ShowModel, Runnable, StageSheet> maker) {
        this.title = title;
        this.key = key;
        this.maker = maker;
    }

    /** What opening it is called. */
    String title() {
        return title;
    }

    KeyCode key() {
        return key;
    }

    /** One for a model, which {@code close} takes away. */
    StageSheet of(ShowModel model, Runnable close) {
        return maker.apply(model, close);
    }

    /** The kind of this name, as in {@code --sheet on-where}. */
    @Override
    public String toString() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
