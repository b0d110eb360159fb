package lunko.desktop.window;

import java.io.File;
import java.util.List;
import java.util.Map;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.DataFormat;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;

/** Another program, from whose window a file can be dragged: on the right of where Lunko's window is in a test. */
final class FileSource {
    /** Where its window is on the screen. */
    static final double LEFT = 1030;
    static final double TOP = 200;
    static final double WIDTH = 200;
    static final double HEIGHT = 160;

    private FileSource() {}

    /** Opens it, and says so, and that a drag has begun; the argument is the file. */
    public static void main(String[] arguments) {
        Platform.startup(() -> {
            StackPane all = new StackPane(new Label("drag me"));
            all.setOnDragDetected(event -> {
                all.startDragAndDrop(TransferMode.COPY)
                        .setContent(Map.of(DataFormat.FILES, List.of(new File(arguments[0]))));
                event.consume();
                System.out.println("begun");
            });
            Stage stage = new Stage();
            stage.setScene(new Scene(all, WIDTH, HEIGHT));
            stage.setX(LEFT);
            stage.setY(TOP);
            stage.setOnShown(_ -> System.out.println("shown"));
            stage.show();
        });
    }
}
