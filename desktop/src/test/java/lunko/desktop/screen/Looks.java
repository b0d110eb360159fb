package lunko.desktop.screen;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListCell;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Toggle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import org.fxmisc.richtext.StyledTextArea;

/**
 * What there is to be seen in a window, from the back to the front: each node that says or shows something, with what
 * it says, its state and its place. How far tables are scrolled is left aside: a person does that.
 */
record Looks(List<Seen> all) {
    /** So far, in pixels, two places are the same: half a pixel is rounded the one way or the other. */
    private static final double SAME = 1.6;
    /** What the keyboard and the mouse make of a row. */
    private static final Set<String> OF_PERSONS = Set.of("hover", "focused", "focus-within", "focus-visible",
            "selected", "pressed", "odd", "even", "filled", "empty");
    /** The styles of labels that are figures or kinds. */
    private static final Set<String> FIGURES =
            Set.of("tile-name", "tile-rows", "tile-figures", "venn-count", "venn-more", "venn-meaning",
                    "pair-total", "stage-kind", "stage-rows", "stage-sum", "step-number", "link-numbers");

    /** Something that is seen. */
    record Seen(String said, Bounds at) {

        private boolean isLike(Seen other) {
            return said.equals(other.said) && Math.abs(at.getMinX() - other.at.getMinX()) < SAME
                    && Math.abs(at.getMinY() - other.at.getMinY()) < SAME
                    && Math.abs(at.getWidth() - other.at.getWidth()) < SAME
                    && Math.abs(at.getHeight() - other.at.getHeight()) < SAME;
        }

        @Override
        public String toString() {
            return said + String.format(" at %.0f, %.0f, %.0f x %.0f", at.getMinX(), at.getMinY(), at.getWidth(),
                    at.getHeight());
        }
    }

    /** Those of a root. */
    static Looks of(Node root) {
        List<Seen> all = new ArrayList<>();
        collect(root, all);
        return new Looks(all);
    }

    /** The first thing in which other looks differ, if there is one. */
    Optional<String> difference(Looks other) {
        for (int i = 0; i < Math.max(all.size(), other.all.size()); i++) {
            Optional<Seen> one = i < all.size() ? Optional.of(all.get(i)) : Optional.empty();
            Optional<Seen> two = i < other.all.size() ? Optional.of(other.all.get(i)) : Optional.empty();
            if (one.isEmpty() || two.isEmpty() || !one.get().isLike(two.get()))
                return Optional.of("there is\n  " + one.map(Seen::toString).orElse("nothing") + "\nand there is\n  "
                        + two.map(Seen::toString).orElse("nothing") + "\nafter\n  "
                        + all.subList(Math.max(0, i - 3), Math.min(i, all.size())) + later(other, i + 1));
        }
        return Optional.empty();
    }

    /** What differs behind the first difference, as far as the same things are there: it may tell the cause. */
    private String later(Looks other, int from) {
        return all.size() != other.all.size() ? "" : IntStream.range(from, all.size())
                .filter(i -> !all.get(i).isLike(other.all.get(i))).limit(8)
                .mapToObj(i -> "\n  also " + all.get(i) + "\n  not  " + other.all.get(i)).collect(Collectors.joining());
    }

    /** What may not be shortened and is: figures, kinds of join, and what buttons say. */
    static List<String> cut(Node root) {
        List<String> cut = new ArrayList<>();
        if (!root.isVisible()) return cut;
        boolean figure = root.getStyleClass().stream().anyMatch(FIGURES::contains);
        if (root instanceof Labeled label && label.isTextTruncated() && (figure || root instanceof ButtonBase))
            cut.add("“" + label.getText() + "” " + label.getStyleClass());
        if (root instanceof Parent parent)
            parent.getChildrenUnmodifiable().forEach(child -> cut.addAll(cut(child)));
        return cut;
    }

    /** Buttons that stand out of a window that cannot be scrolled. */
    static List<String> outside(Parent frame) {
        List<String> outside = new ArrayList<>();
        if (frame.getChildrenUnmodifiable().stream().anyMatch(node -> node instanceof ScrollBar && node.isVisible()))
            return outside;
        Bounds all = frame.getLayoutBounds();
        outside(frame, frame.localToScene(new BoundingBox(-1, -1, all.getWidth() + 2, all.getHeight() + 2)), outside);
        return outside;
    }

    private static void outside(Node node, Bounds window, List<String> outside) {
        if (!node.isVisible() || node instanceof ScrollPane || node instanceof TableView || node.getClip() != null)
            return;
        Bounds at = node.localToScene(node.getLayoutBounds());
        if (node instanceof ButtonBase button && !window.contains(at))
            outside.add("“" + button.getText() + "” " + button.getStyleClass() + " at " + at);
        if (node instanceof Parent parent)
            parent.getChildrenUnmodifiable().forEach(child -> outside(child, window, outside));
    }

    private static void collect(Node node, List<Seen> all) {
        // Lanes go where the rows are.
        if (!node.isVisible() || node instanceof ScrollBar || node.getClass().getSimpleName().endsWith("Lanes")) return;
        said(node).ifPresent(said -> all.add(new Seen(said, node.localToScene(node.getLayoutBounds()))));
        if (node instanceof StyledTextArea || node instanceof TextInputControl || node instanceof Slider) return;
        if (!(node instanceof Parent parent)) return;
        for (Node child : inOrder(parent)) {
            if (node instanceof Labeled && child instanceof Text) continue;
            if (node instanceof TableView<?> && child.getStyleClass().contains("virtual-flow")) {
                if (child.isVisible())
                    rows(child).forEach(row -> all.add(new Seen(said(row), row.localToScene(row.getLayoutBounds()))));
                continue;
            }
            collect(child, all);
        }
    }

    /** The rows of a table that is scrolled to its begin; which cells there are beyond its edge is chance. */
    private static Stream<TableRow<?>> rows(Node flow) {
        return flow.lookupAll(".table-row-cell").stream().<TableRow<?>>map(row -> (TableRow<?>) row)
                .filter(row -> row.isVisible() && !row.isEmpty())
                .filter(row -> flow.localToScene(flow.getLayoutBounds())
                        .contains(row.localToScene(row.getLayoutBounds()).getCenterX(),
                                row.localToScene(row.getLayoutBounds()).getMaxY()))
                .sorted(Comparator.comparing(TableRow::getIndex));
    }

    private static String said(TableRow<?> row) {
        return "row " + row.getIndex() + " " + row.getPseudoClassStates().stream().map(PseudoClass::getPseudoClassName)
                .filter(state -> !OF_PERSONS.contains(state) && !state.contains("-child")
                        && !(state.equals("lit") && row.isHover()))
                .sorted().toList();
    }

    /** On the bench a card that was touched is in front, and the cells of a list have the order of their use. */
    private static List<Node> inOrder(Parent parent) {
        List<Node> children = new ArrayList<>(parent.getChildrenUnmodifiable());
        if (parent.getStyleClass().contains("bench"))
            children.sort(Comparator.comparing(child -> String.valueOf(child.getId())));
        if (children.stream().allMatch(ListCell.class::isInstance))
            children.sort(Comparator.comparing(child -> ((ListCell<?>) child).getIndex()));
        return children;
    }

    private static Optional<String> said(Node node) {
        String text = switch (node) {
            case StyledTextArea<?, ?> area -> area.getText();
            case TextInputControl field -> field.getText();
            case Labeled label -> label.getText();
            case Text words -> words.getText();
            case TableView<?> table -> words().counts().rows(table.getItems().size());
            case Slider slider -> Math.round(slider.getValue()) + " of " + Math.round(slider.getMax());
            case Shape _ -> "drawn";
            default -> "";
        };
        if (text == null || text.isEmpty() || node.getOpacity() == 0) return Optional.empty();
        boolean selected = node instanceof Toggle toggle && toggle.isSelected();
        return Optional.of(node.getStyleClass().stream().sorted().collect(Collectors.joining(".")) + " “" + text + "”"
                + (selected ? " selected" : ""));
    }
}
