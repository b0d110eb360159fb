package lunko.desktop.lesson;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;

/** A place on the screen that files can be dropped on. */
public final class FileDrop {
    private FileDrop() {}

    /** Lets each file that is dropped on a node be taken. */
    public static void on(Node node, Consumer<Path> take) {
        node.setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        });
        node.setOnDragDropped(event -> {
            boolean hasFiles = event.getDragboard().hasFiles();
            if (hasFiles) event.getDragboard().getFiles().stream().limit(1).forEach(file -> take.accept(file.toPath()));
            event.setDropCompleted(hasFiles);
            event.consume();
        });
    }
}
