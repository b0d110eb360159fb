package lunko.desktop.query;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.IntStream;
import lunko.problem.Stretch;
import lunko.query.sql.Lexeme;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.fxmisc.richtext.model.StyleSpan;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** How the characters of a query look: by what they are, and by what is to be said of them. */
final class TextStyles {

    /** Some characters, and a style class for them. */
    record Marked(Stretch at, String style) {}

    private TextStyles() {}

    /** The styles of a text; {@code ofName} is that of a name, or nothing, and the marks are laid over it. */
    static StyleSpans<Collection<String>> of(String text, List<Lexeme> lexemes, Function<String, String> ofName,
            List<Marked> marks) {
        List<Marked> all = new ArrayList<>();
        for (Lexeme lexeme : lexemes) {
            all.add(new Marked(lexeme.at(), "sql-" + lexeme.kind().name().toLowerCase(Locale.ROOT)));
            String side = lexeme.kind() == Lexeme.Kind.NAME ? ofName.apply(lexeme.at().of(text)) : "";
            if (!side.isEmpty()) all.add(new Marked(lexeme.at(), side));
        }
        all.addAll(marks);
        TreeSet<Integer> borders = new TreeSet<>(List.of(0, text.length()));
        for (Marked mark : all) {
            borders.add(Math.min(mark.at().start(), text.length()));
            borders.add(Math.min(mark.at().end(), text.length()));
        }
        StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
        List<Integer> places = List.copyOf(borders);
        if (places.size() < 2) return spans.add(List.of(), 0).create();
        all.sort(Comparator.comparingInt(mark -> mark.at().start()));
        List<Marked> open = new ArrayList<>();
        int next = 0;
        for (int i = 1; i < places.size(); i++) {
            int start = places.get(i - 1);
            while (next < all.size() && all.get(next).at().start() <= start) open.add(all.get(next++));
            open.removeIf(mark -> mark.at().end() <= start);
            spans.add(open.stream().map(Marked::style).toList(), places.get(i) - start);
        }
        return spans.create();
    }

    /** Styles no more than has changed: each line that is styled is laid out again. */
    static void apply(StyleClassedTextArea area, StyleSpans<Collection<String>> wanted) {
        StyleSpans<Collection<String>> now = area.getStyleSpans(0, area.getLength());
        if (now.equals(wanted)) return;
        int same = same(now.iterator(), wanted.iterator());
        int end = area.getLength() - same(backwards(now), backwards(wanted));
        if (same < end) area.setStyleSpans(same, wanted.subView(same, end));
    }

    /** So many characters have the same style from the beginning on. */
    private static int same(Iterator<StyleSpan<Collection<String>>> one,
            Iterator<StyleSpan<Collection<String>>> other) {
        int same = 0;
        int ofOne = 0;
        int ofOther = 0;
        Collection<String> first = List.of();
        Collection<String> second = List.of();
        while (true) {
            if (ofOne == 0) {
                if (!one.hasNext()) return same;
                StyleSpan<Collection<String>> span = one.next();
                ofOne = span.getLength();
                first = span.getStyle();
            }
            if (ofOther == 0) {
                if (!other.hasNext()) return same;
                StyleSpan<Collection<String>> span = other.next();
                ofOther = span.getLength();
                second = span.getStyle();
            }
            if (!List.copyOf(first).equals(List.copyOf(second))) return same;
            int both = Math.min(ofOne, ofOther);
            same += both;
            ofOne -= both;
            ofOther -= both;
        }
    }

    private static Iterator<StyleSpan<Collection<String>>> backwards(StyleSpans<Collection<String>> spans) {
        return IntStream.range(0, spans.getSpanCount()).mapToObj(i -> spans.getStyleSpan(spans.getSpanCount() - 1 - i))
                .iterator();
    }
}
