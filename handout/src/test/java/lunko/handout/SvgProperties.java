package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import javax.xml.parsers.DocumentBuilderFactory;
import lunko.handout.drawing.Drawing;
import lunko.handout.drawing.FontRun;
import lunko.handout.drawing.Mark;
import lunko.handout.figure.Motif;
import lunko.handout.file.SvgFile;
import lunko.handout.paint.Palette;
import net.jqwik.api.EdgeCasesMode;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Drawings as SVG, of scenes made by chance. */
class SvgProperties {

    @Property(tries = 60, edgeCases = EdgeCasesMode.NONE)
    void anSvgIsWellFormedAsksForNothingAndSaysWhatIsDrawn(@ForAll long seed) throws Exception {
        for (Motif motif : Motif.values()) {
            Drawing drawing = motif.of(Scenes.random(seed)).orElse(Drawing.EMPTY);
            if (drawing.isEmpty()) continue;
            byte[] bytes = SvgFile.of(drawing, Palette.LIGHT, "<script>alert(1)</script>");
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            Document svg = factory.newDocumentBuilder().parse(new ByteArrayInputStream(bytes));

            assertThat(names(svg)).doesNotContain("script", "image", "foreignObject", "a", "use", "iframe");
            assertThat(attributes(svg)).noneMatch(one -> one.matches("(?s)(on\\w+|(xlink:)?href)=.*"))
                    .noneMatch(one -> !one.startsWith("xmlns") && one.contains("://"))
                    .noneMatch(one -> one.matches("(?s).*url\\((?!#).*"));
            assertThat(style(svg)).doesNotContain("@import").doesNotContain("://");
            assertThat(texts(svg)).isEqualTo(texts(drawing));
        }
    }

    private static List<Element> elements(Document svg) {
        NodeList all = svg.getElementsByTagName("*");
        List<Element> elements = new ArrayList<>();
        for (int i = 0; i < all.getLength(); i++) elements.add((Element) all.item(i));
        return elements;
    }

    private static List<String> names(Document svg) {
        return elements(svg).stream().map(Element::getLocalName).toList();
    }

    private static List<String> attributes(Document svg) {
        List<String> attributes = new ArrayList<>();
        for (Element element : elements(svg)) {
            for (int i = 0; i < element.getAttributes().getLength(); i++)
                attributes.add(
                        element.getAttributes().item(i).getNodeName() + "="
                                + element.getAttributes().item(i).getNodeValue());
        }
        return attributes;
    }

    private static String style(Document svg) {
        return svg.getElementsByTagName("style").item(0).getTextContent().replaceAll("data:font/ttf;base64,[^)]*", "");
    }

    private static String texts(Document svg) {
        return elements(svg).stream().filter(element -> element.getLocalName().equals("text"))
                .map(Element::getTextContent).collect(Collectors.joining());
    }

    private static String texts(Drawing drawing) {
        return drawing.marks().stream().filter(Mark.Text.class::isInstance).map(Mark.Text.class::cast)
                .flatMap(text -> FontRun.of(text.text(), text.lettering().face()).stream()).map(FontRun::text)
                .collect(Collectors.joining());
    }
}
