package lunko.desktop.query;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.function.Function;
import lunko.query.sql.Lexeme;
import lunko.query.sql.Stretch;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** How the characters of a query look: by what they are, and by what is to be said of them. */
final class TextStyles {

    /** Some characters, and a style class for them. */
    record Marked(Stretch at, String style) {}

    private TextStyles() {}

    /** The styles of a text; {@code ofName} is that of a name, or nothing, and the marks are laid over it. */
    static StyleSpans<Collection<String>> of(String text, Function<String, String> ofName, List<Marked> marks) {
        List<Marked> all = new ArrayList<>();
        for (Lexeme lexeme : Lexeme.of(text)) {
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
        for (int i = 1; i < places.size(); i++) {
            int start = places.get(i - 1);
            int end = places.get(i);
            spans.add(all.stream().filter(mark -> mark.at().start() <= start && end <= mark.at().end()).map(Marked::style).toList(), end - start);
        }
        return spans.create();
    }
}
