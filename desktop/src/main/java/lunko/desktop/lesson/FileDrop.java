package lunko.desktop.lesson;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.TransferMode;

/** A place on the screen that files can be dropped on. */
public final class FileDrop {
    private FileDrop() {}

    /** Lets files that are dropped on a node be taken, all that are dropped at once. */
    public static void on(Node node, Consumer<List<Path>> take) {
        node.setOnDragOver(event -> {
            if (event.getDragboard().hasFiles()) event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        });
        node.setOnDragDropped(event -> {
            boolean hasFiles = event.getDragboard().hasFiles();
            if (hasFiles) take.accept(event.getDragboard().getFiles().stream().map(File::toPath).toList());
            event.setDropCompleted(hasFiles);
            event.consume();
        });
    }
}
