package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Bounds;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;
import javafx.stage.Popup;
import lunko.desktop.look.Look;
import lunko.query.sql.Completion.Proposal;
import lunko.query.sql.Completion;
import lunko.table.Type;

/** What can be written at the caret, as a list under it. The text keeps the keyboard. */
final class CompletionList {
    private static final double ROW = 27;
    private static final int MOST_ROWS = 8;
    private static final double WIDTH = 330;

    private final Node dressedAs;
    /** Made when it is seen first: it is a window of its own. */
    private Optional<Popup> popup = Optional.empty();
    private final ListView<Proposal> list = new ListView<>();
    private int from;

    /** A list of which a click takes one. */
    CompletionList(Node dressedAs, Consumer<Proposal> take) {
        this.dressedAs = dressedAs;
        list.getStyleClass().add("completion-list");
        list.setId("completion");
        list.setFixedCellSize(ROW);
        list.setPrefWidth(WIDTH);
        list.setFocusTraversable(false);
        list.setAccessibleText(words().building().completions());
        list.setCellFactory(_ -> new Cell());
        list.setOnMouseClicked(_ -> chosen().ifPresent(take));
    }

    /** It takes over how the window looks that it belongs to, and how large. */
    private Popup popup() {
        Popup popup = new Popup();
        popup.setAutoHide(true);
        // A click beside the list is one on what is there.
        popup.setConsumeAutoHidingEvents(false);
        StackPane all = new StackPane(list);
        Look.dress(all);
        all.getStyleClass().add("show");
        popup.getContent().add(all);
        popup.setOnShowing(_ -> {
            all.getStyleClass().removeIf(name -> name.startsWith("theme-"));
            dressedAs.getScene().getRoot().getStyleClass().stream().filter(name -> name.startsWith("theme-"))
                    .forEach(all.getStyleClass()::add);
            double zoom = dressedAs.getLocalToSceneTransform().getMxx();
            all.getTransforms().setAll(new Scale(zoom, zoom));
        });
        return popup;
    }

    /** Shows what can be written below a place on the screen; hides if there is nothing. */
    void show(Node owner, Completion completion, Bounds caret) {
        list.getItems().setAll(completion.proposals());
        if (list.getItems().isEmpty()) {
            hide();
            return;
        }
        list.getSelectionModel().selectFirst();
        list.scrollTo(0);
        list.setPrefHeight(Math.min(MOST_ROWS, list.getItems().size()) * ROW + 8);
        // It stays where the word begins while more of it is typed.
        if (popup.isEmpty()) popup = Optional.of(popup());
        if (!isShown() || completion.from() != from)
            popup.get().show(owner, caret.getMinX() - 8, caret.getMaxY() + 4);
        from = completion.from();
    }

    void hide() {
        popup.ifPresent(Popup::hide);
    }

    boolean isShown() {
        return popup.filter(Popup::isShowing).isPresent();
    }

    /** Goes so many lines down, or up. */
    void move(int lines) {
        int size = list.getItems().size();
        int next = Math.floorMod(list.getSelectionModel().getSelectedIndex() + lines, size);
        list.getSelectionModel().select(next);
        list.scrollTo(Math.max(0, next - MOST_ROWS + 1));
    }

    /** The one that is chosen. */
    Optional<Proposal> chosen() {
        return Optional.ofNullable(list.getSelectionModel().getSelectedItem());
    }

    private static final class Cell extends ListCell<Proposal> {
        private final Label text = new Label();
        private final Label about = new Label();
        private final HBox line;

        Cell() {
            text.getStyleClass().add("completion-text");
            text.setMinWidth(Region.USE_PREF_SIZE);
            about.getStyleClass().add("about");
            Region gap = new Region();
            HBox.setHgrow(gap, Priority.ALWAYS);
            line = new HBox(text, gap, about);
            line.setAlignment(Pos.BASELINE_LEFT);
            line.setMaxWidth(WIDTH - 30);
            // It stays where it is, also in lines that are empty for a while: what is taken away and put back is
            // styled anew.
        }

        private static String about(Completion.About about) {
            return switch (about) {
                case Completion.About.ColumnOf(Type type, String table) ->
                    words().rephrasings().columnOf(type, table);
                case Completion.About.Rows(long count) -> words().counts().rows(count);
                case Completion.About.NamedQuery() -> words().rephrasings().namedByWith();
                case Completion.About.ColumnOfQuery(String query) -> words().rephrasings().ofQuery(query);
                case Completion.About.ColumnsOf(String table) -> words().rephrasings().columnsOf(table);
                case Completion.About.Word _ -> "";
            };
        }

        @Override
        protected void updateItem(Proposal proposal, boolean empty) {
            super.updateItem(proposal, empty);
            line.setVisible(!empty && proposal != null);
            if (!line.isVisible()) return;
            text.setText(proposal.text());
            about.setText(about(proposal.about()));
            setAccessibleText(proposal.text() + ", " + (proposal.kind() == Completion.Kind.WORD
                    ? words().query().keyword() : about(proposal.about())));
            setGraphic(line);
        }
    }
}
