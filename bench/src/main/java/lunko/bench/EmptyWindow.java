package lunko.bench;

import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/** A window with nothing in it, beside which the start of Lunko is measured. */
public final class EmptyWindow extends Application {

    @Override
    public void start(Stage stage) {
        stage.setTitle("Empty window");
        stage.setScene(new Scene(new Pane(), 1280, 800));
        stage.show();
    }

    /** Opens it. */
    public static void main(String[] arguments) {
        launch(arguments);
    }
}
