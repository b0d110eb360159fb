package lunko.query.sql;

import lunko.problem.Place;
import org.antlr.v4.runtime.Token;

/** Where in a text something stands: its place, its first code point, and the one behind its last, counted from 0. */
record Span(Place place, int start, int end) {

    /** From the first to the last of some words. */
    static Span of(String source, Token first, Token last) {
        int end = Math.max(last.getStopIndex() + 1, first.getStartIndex());
        return new Span(
                Place.stretch(source, first.getLine(), first.getCharPositionInLine() + 1, end - first.getStartIndex()),
                first.getStartIndex(), end);
    }
}
