package lunko.phrase;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** A text in parts, each in its tone. */
public record Phrase(List<Part> parts) {

    /** A stretch of text in one tone. */
    public record Part(String text, Tone tone) {}

    /** Keeps its parts as they are. */
    public Phrase {
        parts = List.copyOf(parts);
    }

    /** The phrase without its tones. */
    public String text() {
        return parts.stream().map(Part::text).collect(Collectors.joining());
    }

    /** A phrase to be written part by part. */
    public static Writer write() {
        return new Writer();
    }

    /** Collects the parts of a phrase, in order. */
    public static final class Writer {
        private final List<Part> parts = new ArrayList<>();

        private Writer() {}

        private Writer add(String text, Tone tone) {
            if (!text.isEmpty()) parts.add(new Part(text, tone));
            return this;
        }

        /** Adds ordinary words. */
        public Writer plain(String text) {
            return add(text, Tone.PLAIN);
        }

        /** Adds something of the left table. */
        public Writer left(String text) {
            return add(text, Tone.LEFT);
        }

        /** Adds something of the right table. */
        public Writer right(String text) {
            return add(text, Tone.RIGHT);
        }

        /** Adds SQL. */
        public Writer code(String text) {
            return add(text, Tone.CODE);
        }

        /** Adds the word the sentence turns on. */
        public Writer strong(String text) {
            return add(text, Tone.STRONG);
        }

        /** Adds text in a tone known only at run time. */
        public Writer in(Tone tone, String text) {
            return add(text, tone);
        }

        /** Adds all parts of another phrase. */
        public Writer phrase(Phrase other) {
            parts.addAll(other.parts);
            return this;
        }

        /** The phrase as written so far. */
        public Phrase done() {
            return new Phrase(parts);
        }
    }
}
