package lunko.page.engine;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collector;

/** Texts joined as Java joins them ({@link java.util.stream.Collectors#joining}), for a browser. */
final class Joins {
    private Joins() {}

    static Collector<CharSequence, ?, String> joining(CharSequence divider, CharSequence before, CharSequence after) {
        return Collector.<CharSequence, List<CharSequence>, String>of(ArrayList::new, List::add, (all, more) -> {
            all.addAll(more);
            return all;
        }, all -> before + String.join(divider, all) + after);
    }
}
