package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Tip;
import lunko.desktop.show.model.ShowModel;
import lunko.insight.keys.KeyProposal;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.StagedScene;
import lunko.query.Side;
import lunko.show.Showing;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The query above the stage: its text, what can be done with it, and what is wrong with it. */
public final class QueryPane extends VBox {
    private static final int MOST_PROPOSED = 3;

    private static final double BESIDE_TEXT = 8;

    private final ShowModel model;
    private final Diagnostics diagnostics = new Diagnostics();
    private final QueryField field;
    private final FlowPane proposals = new FlowPane();
    private final ReadOnlyObjectWrapper<Optional<StageSheet>> sheet = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Runnable leave;
    private final Map<SheetKind, StageSheet> sheets = new EnumMap<>(SheetKind.class);

    /** The pane for a model; {@code leave} takes the keyboard when somebody is done with the text. */
    public QueryPane(ShowModel model, QueryActions actions, Runnable leave) {
        this.model = model;
        this.leave = leave;
        getStyleClass().add("query-pane");
        setMinHeight(USE_PREF_SIZE);
        field = new QueryField(model, diagnostics, leave);
        MenuButton menu = menu(actions);
        BorderPane line = new BorderPane(field, null, menu, null, null);
        BorderPane.setAlignment(menu, Pos.TOP_LEFT);
        BorderPane.setMargin(menu, new Insets(0, 0, 0, BESIDE_TEXT));
        line.getStyleClass().add("query-line");
        proposals.getStyleClass().add("query-proposals");
        getChildren().addAll(line, proposals, new DiagnosticLine(diagnostics, field, this::nextDiagnostic));
        actions.attach(this);
        model.showing().map(Showing::lesson).subscribe(this::propose);
    }

    /** Gives the text the keyboard. */
    public void edit() {
        field.edit();
    }

    /** What takes the place of the stage for a while. */
    public ObservableValue<Optional<Region>> sheet() {
        return sheet.map(open -> open.map(shown -> shown));
    }

    /** Opens a sheet in the place of the stage; the one that is open already is closed. */
    public void toggle(SheetKind kind) {
        StageSheet wanted = sheets.computeIfAbsent(kind, made -> made.of(model, this::close));
        Optional<StageSheet> before = sheet.get();
        close();
        if (before.filter(open -> open == wanted).isPresent()) return;
        sheet.set(Optional.of(wanted));
        wanted.open();
    }

    /** Whether the sheet that is open, if one is, has found out all that it says. */
    public boolean isReady() {
        return sheet.get().map(StageSheet::isReady).orElse(true);
    }

    /** Puts the stage back where a sheet is open, and tells whether one was. */
    public boolean close() {
        if (sheet.get().isEmpty()) return false;
        sheet.get().get().close();
        sheet.set(Optional.empty());
        leave.run();
        return true;
    }

    /** Goes to the next thing that is wrong. */
    void nextDiagnostic() {
        diagnostics.next();
        diagnostics.told().get().explained().ifPresent(diagnostic -> field.goTo(diagnostic.at()));
    }

    private static MenuButton menu(QueryActions actions) {
        MenuButton menu = Controls.menuButton(words().query().query());
        menu.setId("query-menu");
        Tip.on(menu, words().query().queryMenu());
        for (List<Action> part : actions.menu()) {
            if (!menu.getItems().isEmpty()) menu.getItems().add(new SeparatorMenuItem());
            part.forEach(action -> menu.getItems().add(action.menuItem()));
        }
        menu.setMinWidth(USE_PREF_SIZE);
        return menu;
    }

    /** What stands in the way of a result that says something, each with a button that does it. */
    private void propose(Lesson lesson) {
        proposals.getChildren().clear();
        StagedScene scene = lesson.staged();
        List<KeyProposal> some =
                scene.isUnmatched() ? scene.proposals().stream().limit(MOST_PROPOSED).toList() : List.of();
        if (!some.isEmpty()) {
            say(words().query().suggested());
            some.forEach(proposal -> proposals.getChildren().add(proposed(lesson, proposal)));
        } else if (scene.isUnmatched()) {
            say(words().query().notLinked(scene.left().name(), scene.right().name()));
            proposals.getChildren().add(toTables(words().query().linkThem()));
        } else {
            scene.withoutRows().ifPresent(table -> {
                say(words().query().noRows(table.name()));
                proposals.getChildren().add(toTables(words().query().typeThem()));
            });
        }
        proposals.setVisible(!proposals.getChildren().isEmpty());
        proposals.setManaged(proposals.isVisible());
    }

    private void say(String words) {
        Label note = new Label(words);
        note.getStyleClass().add("about");
        proposals.getChildren().add(note);
    }

    private Button toTables(String text) {
        Button there = Controls.button(text);
        there.getStyleClass().add("proposed");
        there.setOnAction(_ -> model.lesson().mode().set(Mode.TABLES));
        return there;
    }

    private Node proposed(Lesson lesson, KeyProposal proposal) {
        String text = words().keys().equal(lesson.staged().join().qualified(Side.LEFT, proposal.pair().left()),
                lesson.staged().join().qualified(Side.RIGHT, proposal.pair().right())).text();
        Button add = Controls.button(text, new FontIcon(Feather.PLUS));
        add.getStyleClass().add("proposed");
        Tip.on(add, words().query().matchThem(proposal.reason().said(words())));
        add.setAccessibleText(words().query().match(proposal.pair().on(Side.LEFT), proposal.pair().on(Side.RIGHT)));
        add.setOnAction(_ -> model.lesson()
                .edit(new LinkEdit.Match(lesson.scene().left(), lesson.scene().right(), proposal.pair())));
        return add;
    }
}
