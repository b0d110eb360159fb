package lunko.desktop.look;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import lunko.insight.picture.TableHues;
import lunko.query.sql.Lexeme;

/** SQL to be read, its words told apart as in the field, its tables in their colours where these are known. */
public final class SqlFlow extends TextFlow {

    /** A text without colours for tables. */
    public SqlFlow(String sql) {
        this(sql, TableHues.NONE);
    }

    /** A text in whose tables have these colours. */
    public SqlFlow(String sql, TableHues hues) {
        getStyleClass().add("sql-flow");
        setAccessibleRole(AccessibleRole.TEXT);
        setAccessibleText(sql);
        List<Node> parts = new ArrayList<>();
        int end = 0;
        for (Lexeme lexeme : Lexeme.of(sql)) {
            if (lexeme.at().start() > end) parts.add(text(sql.substring(end, lexeme.at().start()), "white"));
            Text part = text(lexeme.at().of(sql), lexeme.kind().name().toLowerCase(Locale.ROOT));
            if (lexeme.kind() == Lexeme.Kind.NAME)
                hues.named(part.getText()).ifPresent(hue -> part.getStyleClass().addAll("of-table", Hues.style(hue)));
            parts.add(part);
            end = lexeme.at().end();
        }
        getChildren().setAll(parts);
    }

    private static Text text(String part, String kind) {
        Text text = new Text(part);
        text.getStyleClass().addAll("sql-part", "sql-" + kind);
        return text;
    }
}
