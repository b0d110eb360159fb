package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.words.Glossary;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/**
 * The list of keys, made from the actions themselves, and of the words to know; what is typed narrows both down. Who is
 * new here finds the way to the first steps.
 */
final class KeyList extends VBox {
    private static final double WIDEST = 300;
    private static final double HIGHEST = 800;
    private static final double MEANING = 520;

    private final List<Action> actions;
    private final GridPane groups = new GridPane();
    private final GridPane terms = new GridPane();

    KeyList(List<Action> actions, Runnable firstSteps) {
        this.actions = actions;
        getStyleClass().addAll("card", "key-list");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label title = new Label(words().window().keys());
        title.getStyleClass().add("key-list-title");
        Button begin = Controls.button(words().window().firstSteps(), new FontIcon(Feather.BOOK_OPEN));
        begin.setId("first-steps");
        begin.setOnAction(_ -> firstSteps.run());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(title, gap, begin);
        head.setAlignment(Pos.CENTER_LEFT);
        TextField wanted = new TextField();
        wanted.setPromptText(words().window().keysPrompt());
        wanted.setAccessibleText(words().window().keysFilter());
        wanted.textProperty().subscribe(text -> show(text.strip().toLowerCase(Locale.ROOT)));
        groups.getStyleClass().add("key-groups");
        terms.getStyleClass().add("key-group");
        Label typing = new Label(
                words().window().inATable());
        typing.setWrapText(true);
        typing.setMaxWidth(700);
        typing.getStyleClass().add("about");
        ScrollPane scroll = new ScrollPane(new VBox(14, groups, typing, terms));
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setMinHeight(0);
        // As large with few keys as with all of them: as high as the window allows.
        scroll.setMinWidth(2 * WIDEST + 160);
        scroll.setPrefHeight(HIGHEST);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(head, wanted, scroll);
        focusedProperty().subscribe(focused -> {
            if (focused) wanted.requestFocus();
        });
    }

    private void show(String wanted) {
        groups.getChildren().clear();
        int shown = 0;
        for (Action.Group group : Action.Group.values()) {
            List<Action> some = actions.stream().filter(action -> action.group() == group && !action.keys().isEmpty())
                    .filter(action -> (action.name().getValue() + " " + action.shownKey().orElseThrow())
                            .toLowerCase(Locale.ROOT).contains(wanted))
                    .toList();
            if (some.isEmpty()) continue;
            groups.add(table(group, some), shown % 2, shown / 2);
            shown++;
        }
        List<Glossary.Term> known = words().glossary().terms().stream()
                .filter(term -> words().window().meaning(term.word(), term.meaning()).toLowerCase(Locale.ROOT)
                        .contains(wanted))
                .toList();
        if (shown == 0 && known.isEmpty()) groups.add(new Label(words().window().noKey()), 0, 0);
        showTerms(known);
    }

    /** The words that a learner has to know, below the keys. */
    private void showTerms(List<Glossary.Term> known) {
        terms.getChildren().clear();
        if (known.isEmpty()) return;
        Label heading = new Label(words().window().wordsTitle());
        heading.getStyleClass().add("card-title");
        terms.add(heading, 0, 0, 2, 1);
        for (Glossary.Term term : known) {
            Label word = new Label(term.word());
            word.getStyleClass().add("term");
            word.setMinWidth(USE_PREF_SIZE);
            Label meaning = new Label(term.meaning());
            meaning.setWrapText(true);
            meaning.setMaxWidth(MEANING);
            meaning.setMinHeight(USE_PREF_SIZE);
            terms.addRow(terms.getRowCount(), word, meaning);
        }
    }

    private static GridPane table(Action.Group group, List<Action> some) {
        GridPane table = new GridPane();
        table.getStyleClass().add("key-group");
        Label heading = new Label(group.title());
        heading.getStyleClass().add("card-title");
        table.add(heading, 0, 0, 2, 1);
        int row = 1;
        for (Action action : some) {
            Label keys = new Label(action.shownKey().orElseThrow());
            keys.getStyleClass().add("key");
            keys.setAlignment(Pos.CENTER_LEFT);
            keys.setMinWidth(USE_PREF_SIZE);
            Label name = new Label();
            name.setWrapText(true);
            name.setMaxWidth(WIDEST);
            name.setMinHeight(USE_PREF_SIZE);
            name.textProperty().bind(action.name());
            table.addRow(row++, keys, name);
        }
        return table;
    }
}
