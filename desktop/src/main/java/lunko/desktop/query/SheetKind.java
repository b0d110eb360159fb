package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.input.KeyCode;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.words.Speech;

/** What can take the place of the stage for a while, by what it is called and the key that opens it. */
public enum SheetKind {
    /** The query put together without typing. */
    BUILD(in -> in.building().buildWithoutTyping(), KeyCode.U, BuildSheet::new),
    /** The equivalent queries. */
    WAYS(in -> in.query().equivalent(), KeyCode.W, WaysSheet::new),
    /** A condition in ON or in WHERE. */
    ON_WHERE(in -> in.query().onOrWhereWhat(), KeyCode.O, OnWhereSheet::new),
    /** The results of all queries of the text. */
    RESULTS(in -> in.query().runAll(), KeyCode.R, ResultsSheet::new),
    /** The query in the words of a database. */
    WRITE_FOR(in -> in.query().translate(), KeyCode.D, WriteForSheet::new),
    /** What every kind of join makes of each row. */
    KINDS(in -> in.kinds().everyKind(), KeyCode.K, KindsSheet::new),
    /** Several results, lined up. */
    SIDE_BY_SIDE(in -> in.sheets().sideBySide(), KeyCode.L, SideBySideSheet::new);

    private final Function<Speech, String> title;
    private final KeyCode key;
    private final BiFunction<ShowModel, Runnable, StageSheet> maker;

    SheetKind(Function<Speech, String> title, KeyCode key, BiFunction<ShowModel, Runnable, StageSheet> maker) {
        this.title = title;
        this.key = key;
        this.maker = maker;
    }

    /** What opening it is called. */
    String title() {
        return title.apply(words());
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
