package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.input.TransferMode;
import lunko.desktop.action.Controls;
import lunko.desktop.look.Tip;
import lunko.handout.figure.Motif;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** A small button at something that can be seen: a click copies a picture of it, and it can be dragged away. */
public final class PictureHandle {
    private PictureHandle() {}

    /** The button for what is to be seen there at the moment. */
    public static Button of(PictureCopy pictures, Supplier<Motif> motif) {
        Button handle = Controls.button("", new FontIcon(Feather.IMAGE));
        handle.getStyleClass().addAll("query-button", "picture-handle");
        Tip.on(handle, words().handingOut().copyOrDrag());
        handle.setAccessibleText(words().handingOut().copyAsPicture());
        handle.setFocusTraversable(false);
        handle.setOnAction(_ -> pictures.copy(motif.get()));
        handle.setOnDragDetected(event -> {
            pictures.dragged(motif.get()).ifPresent(content -> handle.startDragAndDrop(TransferMode.COPY)
                    .setContent(content));
            event.consume();
        });
        return handle;
    }
}
