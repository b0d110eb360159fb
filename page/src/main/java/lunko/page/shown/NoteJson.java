package lunko.page.shown;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Block;
import org.commonmark.node.Code;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlBlock;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** A note in Markdown (CommonMark) as blocks of text in tones. Markup in it is text, and links go nowhere. */
record NoteJson(String markdown) {

    /** The blocks: which sort each is, and its parts. */
    Json.Items of() {
        List<Json> blocks = new ArrayList<>();
        Parser.builder().build().parse(markdown).accept(new Blocks(blocks));
        return new Json.Items(blocks);
    }

    private static final class Blocks extends AbstractVisitor {
        private final List<Json> blocks;

        Blocks(List<Json> blocks) {
            this.blocks = blocks;
        }

        @Override
        public void visit(Paragraph paragraph) {
            add(paragraph.getParent() instanceof ListItem ? "item" : "paragraph", paragraph);
        }

        @Override
        public void visit(Heading heading) {
            add("heading", heading);
        }

        @Override
        public void visit(FencedCodeBlock code) {
            add(code.getLiteral());
        }

        @Override
        public void visit(IndentedCodeBlock code) {
            add(code.getLiteral());
        }

        @Override
        public void visit(HtmlBlock html) {
            block("paragraph", List.of(part("plain", html.getLiteral())));
        }

        private void add(String code) {
            block("code", List.of(part("code", code.stripTrailing())));
        }

        private void add(String sort, Block block) {
            Inlines inlines = new Inlines();
            block.accept(new AbstractVisitor() {
                @Override
                protected void visitChildren(Node parent) {
                    for (Node child = parent.getFirstChild(); child != null; child = child.getNext())
                        child.accept(inlines);
                }
            });
            block(sort, inlines.parts);
        }

        private void block(String sort, List<Json> parts) {
            blocks.add(Json.EMPTY.with("sort", sort).with("parts", parts.stream()));
        }
    }

    private static Json part(String tone, String text) {
        return Json.texts(Stream.of(tone, text));
    }

    private static final class Inlines extends AbstractVisitor {
        private final List<Json> parts = new ArrayList<>();
        private String tone = "plain";

        @Override
        public void visit(Text text) {
            parts.add(part(tone, text.getLiteral()));
        }

        @Override
        public void visit(Code code) {
            parts.add(part("code", code.getLiteral()));
        }

        @Override
        public void visit(HtmlInline html) {
            parts.add(part(tone, html.getLiteral()));
        }

        @Override
        public void visit(SoftLineBreak end) {
            parts.add(part(tone, " "));
        }

        @Override
        public void visit(HardLineBreak end) {
            parts.add(part(tone, "\n"));
        }

        @Override
        public void visit(Emphasis emphasis) {
            within(emphasis, "emphasis");
        }

        @Override
        public void visit(StrongEmphasis strong) {
            within(strong, "strong");
        }

        private void within(Node node, String other) {
            String before = tone;
            tone = other;
            visitChildren(node);
            tone = before;
        }
    }
}
