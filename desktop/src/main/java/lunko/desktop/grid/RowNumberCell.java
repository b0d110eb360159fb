package lunko.desktop.grid;

import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import lunko.desktop.look.Tip;

/** The number of a row, counted from 1, and a sign if there is something to be said of it. */
public final class RowNumberCell<R> extends TableCell<R, Integer> {
    private static final PseudoClass SIGNED = PseudoClass.getPseudoClass("signed");

    /** Numbers of so many digits leave room for a blank before the sign. */
    private static final int MOST_DIGITS = 3;

    private final LongSupplier before;
    private final ObservableValue<Map<Integer, RowSign>> signs;
    // A field, so that it lives as long as the cell does: the signs hold it weakly.
    private final InvalidationListener change = _ -> showNumber();

    /** A column that numbers the rows of a table that has so many other rows before those it lists. */
    public static <R> TableColumn<R, Integer> column(LongSupplier before) {
        return column(before, new SimpleObjectProperty<>(Map.of()));
    }

    /** A column that numbers rows, of which some have a sign; rows are counted from 0 there. */
    static <R> TableColumn<R, Integer> column(LongSupplier before, ObservableValue<Map<Integer, RowSign>> signs) {
        TableColumn<R, Integer> column = GridTable.column();
        column.setPrefWidth(ColumnWidths.NUMBER_COLUMN);
        column.setEditable(false);
        column.setCellFactory(_ -> new RowNumberCell<>(before, signs));
        return column;
    }

    private RowNumberCell(LongSupplier before, ObservableValue<Map<Integer, RowSign>> signs) {
        this.before = before;
        this.signs = signs;
        signs.addListener(new WeakInvalidationListener(change));
        getStyleClass().add("row-number");
    }

    @Override
    public void updateIndex(int index) {
        super.updateIndex(index);
        showNumber();
    }

    @Override
    protected void updateItem(Integer item, boolean empty) {
        super.updateItem(item, empty);
        showNumber();
    }

    private void showNumber() {
        int index = getIndex();
        boolean row = getTableView() != null && index >= 0 && index < getTableView().getItems().size();
        if (!row || getTableView().getItems().get(index) instanceof RowSlot slot && slot.isGhost()) {
            pseudoClassStateChanged(SIGNED, false);
            setText(row ? "+" : "");
            Tip.off(this);
            return;
        }
        String number = Long.toString(before.getAsLong() + index + 1);
        Optional<RowSign> said = Optional.ofNullable(signs.getValue().get(index));
        pseudoClassStateChanged(SIGNED, said.isPresent());
        setText(said.map(s -> number + (number.length() > MOST_DIGITS ? "" : " ") + s.sign()).orElse(number));
        said.ifPresentOrElse(s -> Tip.on(this, s.meaning()), () -> Tip.off(this));
    }
}
