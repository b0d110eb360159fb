package lunko.desktop.action;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.text.Text;
import javafx.util.StringConverter;

/**
 * One of several things, each under a title. It is as wide as the widest of them, whichever is chosen: by itself the
 * toolkit's box is so only after it has been opened once, and moves what stands beside it whenever another is chosen.
 */
public final class Choice<T> extends ChoiceBox<T> {
    /** The arrow and the room before it, in pixels. */
    private static final double ARROW = 22;

    private final List<String> titles;

    /** A choice among all of some things, of which none is chosen yet. */
    public Choice(List<T> all, Function<T, String> title) {
        titles = all.stream().map(title).toList();
        getItems().setAll(all);
        setConverter(new StringConverter<>() {
            @Override
            public String toString(T one) {
                return one == null ? "" : title.apply(one);
            }

            @Override
            public T fromString(String text) {
                throw new UnsupportedOperationException("nothing is typed here");
            }
        });
    }

    @Override
    protected double computePrefWidth(double height) {
        double title = getChildren().stream().filter(Label.class::isInstance).map(Label.class::cast)
                .mapToDouble(this::widest).findFirst().orElse(0);
        return snappedLeftInset() + snapSizeX(title) + ARROW + snappedRightInset();
    }

    private double widest(Label as) {
        return titles.stream().mapToDouble(title -> width(as, title)).max().orElse(0);
    }

    private static double width(Label as, String title) {
        Text text = new Text(title);
        text.setFont(as.getFont());
        return text.prefWidth(-1);
    }
}
