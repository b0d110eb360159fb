package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Menu;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import lunko.desktop.action.Action.Group;
import lunko.desktop.action.Action;
import lunko.desktop.action.Controls;
import lunko.desktop.show.model.ShowModel;
import lunko.handout.figure.Motif;

/** What can be done to give something of a lesson away. */
public final class HandoutActions {
    private final Action handOut;
    private final List<Action> copies;

    /** The actions on what a model shows; {@code ask} asks what is to be handed out. */
    public HandoutActions(ShowModel model, Runnable ask) {
        PictureCopy pictures = new PictureCopy(model);
        handOut = Action.of(words().handingOut().handOut(), Group.LESSON, ask,
                new KeyCodeCombination(KeyCode.P, KeyCombination.SHORTCUT_DOWN));
        copies = Stream.of(Motif.values()).map(motif -> Action.of(motif.said(words().handouts()), Group.VIEW,
                () -> pictures.copy(motif))).toList();
    }

    /** All of them that stand in the list of keys. */
    public List<Action> all() {
        return List.of(handOut);
    }

    /** Asks what is to be handed out. */
    public Action handOut() {
        return handOut;
    }

    /** A menu with all that can be copied as a picture. */
    public Menu copyMenu() {
        Menu menu = Controls.menu(words().handingOut().copyAsPicture());
        menu.setId("copy-as-picture");
        copies.forEach(copy -> menu.getItems().add(copy.menuItem()));
        return menu;
    }
}
