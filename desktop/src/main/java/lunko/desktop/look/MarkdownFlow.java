package lunko.desktop.look;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.parser.Parser;

/** A text in Markdown (CommonMark), set in type: paragraphs, headings, lists, code, and words that are stressed. */
public final class MarkdownFlow extends VBox {
    private static final Parser PARSER = Parser.builder().build();

    /** A flow that shows nothing yet. */
    public MarkdownFlow() {
        getStyleClass().add("markdown");
    }

    /** Shows another text. What would be a picture or a page shows its words. */
    public void show(String markdown) {
        Setter setter = new Setter();
        PARSER.parse(markdown).accept(setter);
        getChildren().setAll(setter.blocks);
    }

    /** Puts blocks and their words where they belong. */
    private static final class Setter extends AbstractVisitor {
        private final List<TextFlow> blocks = new ArrayList<>();
        private final List<String> styles = new ArrayList<>();

        private void block(String style) {
            TextFlow block = new TextFlow();
            block.getStyleClass().addAll("markdown-block", style);
            blocks.add(block);
        }

        private void say(String words, String... more) {
            if (blocks.isEmpty()) block("markdown-paragraph");
            Text text = new Text(words);
            text.getStyleClass().add("markdown-text");
            text.getStyleClass().addAll(styles);
            text.getStyleClass().addAll(more);
            blocks.getLast().getChildren().add(text);
        }

        @Override
        public void visit(Paragraph paragraph) {
            boolean first = paragraph.getParent() instanceof ListItem && paragraph.getPrevious() == null;
            if (!first) block("markdown-paragraph");
            visitChildren(paragraph);
        }

        @Override
        public void visit(Heading heading) {
            block("markdown-heading");
            styled("strong", heading);
        }

        @Override
        public void visit(ListItem item) {
            block("markdown-item");
            say(item.getParent() instanceof OrderedList list ? number(list, item) + ". " : "• ");
            visitChildren(item);
        }

        private static int number(OrderedList list, ListItem item) {
            int number = list.getMarkerStartNumber() == null ? 1 : list.getMarkerStartNumber();
            for (Node before = item.getPrevious(); before != null; before = before.getPrevious()) number++;
            return number;
        }

        @Override
        public void visit(StrongEmphasis strong) {
            styled("strong", strong);
        }

        @Override
        public void visit(Emphasis emphasis) {
            styled("emphasis", emphasis);
        }

        private void styled(String style, Node node) {
            styles.add(style);
            visitChildren(node);
            styles.removeLast();
        }

        @Override
        public void visit(Code code) {
            say(code.getLiteral(), "code");
        }

        @Override
        public void visit(FencedCodeBlock code) {
            block("markdown-paragraph");
            say(code.getLiteral().strip(), "code");
        }

        @Override
        public void visit(org.commonmark.node.Text text) {
            say(text.getLiteral());
        }

        @Override
        public void visit(SoftLineBreak space) {
            say(" ");
        }

        @Override
        public void visit(HardLineBreak end) {
            say("\n");
        }
    }
}
