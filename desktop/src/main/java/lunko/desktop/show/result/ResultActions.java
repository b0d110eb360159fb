package lunko.desktop.show.result;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.Notice;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Stage;
import lunko.engine.sql.ResultTable;
import lunko.exchange.result.ResultFormat;
import lunko.insight.listing.Arrangement;
import lunko.insight.listing.ResultListing;
import lunko.lesson.Lesson;
import lunko.lesson.ResultCopy;
import lunko.lesson.TableEdit;
import lunko.lesson.View;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.steps.MatchTimeline;
import lunko.steps.Part;
import lunko.steps.RowTimeline;
import lunko.table.Table;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What can be done with the result: how it is looked at, and copies of it. None of that changes the result. */
public final class ResultActions {
    private static final long MOST_COPIED = 100_000;

    private final ShowModel model;
    private final Action group;
    private final Action plain;
    private final List<Action> copies;
    private final Action keep;
    private final Action keepView;

    /** The actions on a model. */
    public ResultActions(ShowModel model) {
        this.model = model;
        group = new Action(
                model.arrangement()
                        .map(now -> now.grouped() ? words().resultGrid().rowsAsJoinGives()
                                : words().resultGrid().groupByLeftRow()),
                Group.STEPS,
                List.of(new KeyCodeCombination(KeyCode.G)), Action.ALWAYS, () -> model.arrangement()
                        .set(model.arrangement().get().grouping(!model.arrangement().get().grouped())));
        plain = new Action(Action.constant(words().resultGrid().resultAsJoinGives()), Group.STEPS, List.of(),
                Bindings.createBooleanBinding(() -> !model.arrangement().get().equals(Arrangement.PLAIN),
                        model.arrangement()),
                () -> model.arrangement().set(Arrangement.PLAIN));
        keep = new Action(Action.constant(words().resultGrid().keepAsTable()), Group.LESSON, List.of(),
                Bindings.createBooleanBinding(() -> model.showing().get().frame().isPresent(), model.showing()),
                this::keep);
        keepView = new Action(Action.constant(words().resultGrid().keepAsView()), Group.LESSON, List.of(),
                Bindings.createBooleanBinding(() -> model.showing().get().frame().isPresent(), model.showing()),
                () -> follow(model.showing().get().lesson().freeName(words().resultGrid().nameOfCopy())));
        copies = List.of(
                copy(words().resultGrid().copyTsv(), ResultFormat.TSV, new KeyCodeCombination(KeyCode.C)),
                copy(words().resultGrid().copyMarkdown(), ResultFormat.MARKDOWN),
                copy(words().resultGrid().copyCsv(), ResultFormat.CSV));
    }

    /** What the query gives at its end, as a table of the lesson. */
    private void keep() {
        Lesson lesson = model.showing().get().lesson();
        model.showing().get().run().handle(run -> {
            Table copy = ResultCopy.of(run.result(), lesson.freeName(words().resultGrid().nameOfCopy()));
            if (model.lesson().edit(new TableEdit.KeepResult(copy)))
                model.lesson().say(new Notice.Success(words().resultGrid().kept(copy.name(), copy.rows().size())));
        }, _ -> {});
    }

    /** The query as the view of a name. */
    private void follow(String name) {
        View view = new View(name, model.showing().get().lesson().staged().query());
        if (model.lesson().edit(new TableEdit.KeepView(view)))
            model.lesson().say(new Notice.Success(words().resultGrid().viewKept(name)));
    }

    /** For each view that there is: it gets the query that is shown. */
    private List<MenuItem> toViews() {
        return model.lesson().lesson().get().views().all().stream().map(view -> {
            MenuItem item = Controls.item(words().resultGrid().giveQueryTo(view.name()));
            item.setOnAction(_ -> follow(view.name()));
            return item;
        }).toList();
    }

    private Action copy(String name, ResultFormat format, KeyCombination... keys) {
        return new Action(Action.constant(name), Group.STEPS, List.of(keys),
                Bindings.createBooleanBinding(() -> model.showing().get().frame().isPresent(), model.showing()),
                () -> copy(format));
    }

    private void copy(ResultFormat format) {
        model.showing().get().part().ifPresent(part -> {
            long rows = part.rows();
            if (rows > MOST_COPIED) {
                model.lesson()
                        .say(Problem.of(new WorkFault.TooManyToCopy(rows, MOST_COPIED)));
                return;
            }
            ClipboardContent content = new ClipboardContent();
            content.putString(format.write(result(part), Optional.empty(), 0, words()));
            Clipboard.getSystemClipboard().setContent(content);
            model.lesson().say(new Notice.Success(words().resultGrid().copied(rows)));
        });
    }

    private ResultTable result(Part part) {
        return switch (part) {
            case MatchTimeline match -> model.arrangement().get().listed(ResultListing.OfJoin.all(match.outcome()));
            case RowTimeline rows -> ResultTable.of(rows.stage());
            case lunko.steps.ResultPart(Stage all) -> model.arrangement().get().listed(new ResultListing.OfQuery(all));
        };
    }

    /** All of them, in the order of the list of keys. */
    public List<Action> all() {
        return List.of(group, copies.getFirst());
    }

    /** A menu of all of them. */
    MenuButton menu() {
        MenuButton menu = Controls.menuButton("", new FontIcon(Feather.MORE_HORIZONTAL));
        menu.setId("result-menu");
        menu.getStyleClass().add("query-button");
        Tip.on(menu, words().resultGrid().resultMenu());
        menu.setAccessibleText(words().resultGrid().resultMenu());
        menu.getItems().addAll(group.menuItem(), plain.menuItem(), new SeparatorMenuItem());
        copies.forEach(copy -> menu.getItems().add(copy.menuItem()));
        menu.getItems().addAll(new SeparatorMenuItem(), keep.menuItem(), keepView.menuItem());
        List<MenuItem> always = List.copyOf(menu.getItems());
        menu.setOnShowing(_ -> menu.getItems().setAll(Stream.concat(always.stream(), toViews().stream()).toList()));
        return menu;
    }
}
