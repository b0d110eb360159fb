package lunko.desktop.bench;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.grid.Hand;
import lunko.desktop.grid.TableActions;
import lunko.desktop.grid.TableGrid;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.lesson.Notice;
import lunko.desktop.lesson.TableFiles;
import lunko.lesson.Link;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.Situation;
import lunko.lesson.Spot;
import lunko.lesson.TableEdit;
import lunko.lesson.View;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;

/** What can be done on the bench, and what its cards need for it. */
public final class BenchActions {
    private final LessonModel lesson;
    private final TableActions tables;
    private final Hand hand;
    private final TableFiles sources;
    private final Panes panes;
    private final Action newTable;
    private final Action pasteTable;
    private final Action makeRows;
    private final Action link;
    private final Action mistake;
    private Optional<Bench> bench = Optional.empty();

    /**
     * The actions on a lesson.
     *
     * @param panes where what is asked is put
     * @param mistake asks for a mistake that is to be shown
     */
    public BenchActions(LessonModel lesson, TableActions tables, Hand hand, TableFiles sources, Panes panes,
            Action mistake) {
        this.lesson = lesson;
        this.tables = tables;
        this.hand = hand;
        this.sources = sources;
        this.panes = panes;
        this.mistake = mistake;
        newTable = Action.of(words().tables().newTable(), Group.TABLES, this::makeTable,
                new KeyCodeCombination(KeyCode.T, KeyCombination.SHORTCUT_DOWN));
        pasteTable = Action.of(words().tables().pasteAsTable(), Group.TABLES, () -> {
            lesson.mode().set(Mode.TABLES);
            sources.paste(Optional.empty());
        }, new KeyCodeCombination(KeyCode.B, KeyCombination.SHORTCUT_DOWN));
        makeRows = Action.of(words().tables().generateRows(), Group.TABLES,
                () -> makeRows(hand.grid().map(TableGrid::table).orElse(lesson.lesson().get().scene().left())),
                new KeyCodeCombination(KeyCode.M, KeyCombination.SHORTCUT_DOWN));
        link = Action.of(words().tables().linkSuggested(), Group.TABLES, this::link,
                new KeyCodeCombination(KeyCode.J, KeyCombination.SHORTCUT_DOWN));
    }

    void attach(Bench those) {
        bench = Optional.of(those);
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(newTable, pasteTable, makeRows, link);
    }

    Action newTable() {
        return newTable;
    }

    Action pasteTable() {
        return pasteTable;
    }

    Action makeRows() {
        return makeRows;
    }

    Action mistake() {
        return mistake;
    }

    LessonModel lesson() {
        return lesson;
    }

    TableActions tables() {
        return tables;
    }

    Hand hand() {
        return hand;
    }

    TableFiles sources() {
        return sources;
    }

    /** A new table, whose name is typed first, then its headings, then its rows. */
    private void makeTable() {
        lesson.mode().set(Mode.TABLES);
        String name = TableEdit.freeName(lesson.lesson().get());
        if (lesson.edit(new TableEdit.Create())) bench.ifPresent(there -> there.nameTable(name));
    }

    /** Puts the keyboard into the name of the left table, where a lesson begins. */
    public void nameLeft() {
        bench.ifPresent(there -> there.nameTable(lesson.lesson().get().scene().left()));
    }

    /** Links what is likeliest to belong together, of the tables that are shown if they are not linked yet. */
    private void link() {
        lesson.lesson().get().proposedLinks().stream().findFirst().ifPresentOrElse(this::link,
                () -> lesson.say(Problem.of(new WorkFault.NothingToLink())));
    }

    /** Links two tables as it is proposed. */
    void link(Link proposed) {
        lesson.edit(new LinkEdit.Match(proposed.left(), proposed.right(), proposed.pairs().getFirst()));
    }

    /** Shows the query of a view, to be looked at or changed. */
    void showQuery(View view) {
        if (lesson.edit(new SceneEdit.Write(Optional.of(view.query())))) lesson.mode().set(Mode.SHOW);
    }

    /** Asks how rows of a table are to be made. */
    void makeRows(String table) {
        panes.show(close -> new RecipePane(lesson, table, close));
    }

    /** Shows a card where it is being moved to. */
    void moving(BenchCard card, Spot spot) {
        bench.ifPresent(there -> there.moving(card, spot));
    }

    /** Sets up a situation, and says what was changed for it. */
    void arrange(Situation situation) {
        Checked<Situation.SetUp> done = situation.in(lesson.lesson().get());
        lesson.edit(new SceneEdit.Arrange(situation));
        done.handle(setUp -> lesson.say(new Notice.Success(setUp.said().apply(words().edits()))), _ -> {});
    }
}
