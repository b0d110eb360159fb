package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.work.Latest;
import lunko.handout.Handout;
import lunko.handout.Piece;
import lunko.handout.Preview;
import lunko.handout.drawing.Drawing;
import lunko.handout.file.PngFile;
import lunko.handout.paint.Palette;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What a handout will look like, page by page. */
final class PreviewView extends VBox {
    private static final double WIDTH = 470;
    private static final double HEIGHT = 500;
    /** Of longer texts the beginning is shown. */
    private static final int MOST_CHARACTERS = 20_000;

    /** A page in a palette, or a text. */
    private sealed interface Leaf {
        record Page(Drawing drawing, Palette palette) implements Leaf {}

        record Text(String text) implements Leaf {}
    }

    private final Latest<Handout, List<Leaf>> leaves = new Latest<>("preview", PreviewView::leaves, this::found);
    private final StackPane body = new StackPane();
    private final Label at = new Label();
    private final Button back = Controls.button("", new FontIcon(Feather.CHEVRON_LEFT));
    private final Button on = Controls.button("", new FontIcon(Feather.CHEVRON_RIGHT));
    private List<Leaf> known = List.of();
    private int shown;

    PreviewView() {
        getStyleClass().add("recipe-preview");
        body.setMinSize(WIDTH, HEIGHT);
        body.setMaxSize(WIDTH, HEIGHT);
        body.setId("handout-preview");
        back.setAccessibleText(words().handingOut().pageBefore());
        on.setAccessibleText(words().handingOut().nextPage());
        back.setOnAction(_ -> turn(-1));
        on.setOnAction(_ -> turn(1));
        HBox foot = new HBox(10, back, at, on);
        foot.setAlignment(Pos.CENTER);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().addAll(body, foot);
    }

    /** Shows another handout as soon as it is drawn. */
    void show(Handout handout) {
        leaves.ask(handout);
    }

    private static List<Leaf> leaves(Handout handout) {
        List<Leaf> leaves = new ArrayList<>();
        for (Piece piece : handout.pieces()) {
            switch (piece.preview().get()) {
                case Preview.Pages(List<Drawing> pages) ->
                    pages.forEach(page -> leaves.add(new Leaf.Page(page, handout.options().palette())));
                case Preview.Text(String text) -> leaves.add(new Leaf.Text(text));
            }
        }
        return leaves;
    }

    private void found(List<Leaf> now) {
        known = now;
        shown = Math.clamp(shown, 0, Math.max(0, known.size() - 1));
        turn(0);
    }

    private void turn(int by) {
        shown = Math.clamp(shown + by, 0, Math.max(0, known.size() - 1));
        back.setDisable(shown == 0);
        on.setDisable(shown >= known.size() - 1);
        if (known.isEmpty()) {
            at.setText("");
            body.getChildren().setAll(Controls.wrapped(words().handingOut().nothing(), "about"));
            return;
        }
        at.setText(words().handouts().page(shown + 1, known.size()));
        body.getChildren().setAll(node(known.get(shown)));
    }

    private static Node node(Leaf leaf) {
        return switch (leaf) {
            case Leaf.Page(Drawing drawing, Palette palette) -> {
                double fit = Math.min(WIDTH / drawing.width(), HEIGHT / drawing.height());
                Image image = SwingFXUtils.toFXImage(PngFile.image(drawing, palette, Math.min(2, fit * 2)), null);
                ImageView view = new ImageView(image);
                view.setPreserveRatio(true);
                view.setSmooth(true);
                view.setFitWidth(Math.min(WIDTH, drawing.width() * Math.min(1, fit)));
                view.setAccessibleText(drawing.text());
                yield view;
            }
            case Leaf.Text(String text) -> {
                TextArea area = new TextArea(text.substring(0, Math.min(MOST_CHARACTERS, text.length())));
                area.setEditable(false);
                area.getStyleClass().add("handout-text");
                yield area;
            }
        };
    }
}
