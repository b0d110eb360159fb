package lunko.phrase;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A text in parts, each in its tone. */
public record Phrase(List<Part> parts) {
    /** No words at all. */
    public static final Phrase EMPTY = new Phrase(List.of());

    /** A stretch of text in one tone. */
    public record Part(String text, Tone tone) {}

    /** Keeps its parts as they are. */
    public Phrase {
        parts = List.copyOf(parts);
    }

    /** A text in one tone. */
    public static Phrase of(String text, Tone tone) {
        return text.isEmpty() ? EMPTY : new Phrase(List.of(new Part(text, tone)));
    }

    /** Ordinary words. */
    public static Phrase plain(String text) {
        return of(text, Tone.PLAIN);
    }

    /** SQL. */
    public static Phrase code(String sql) {
        return of(sql, Tone.CODE);
    }

    /** One phrase after another, with a blank between them where both say something. */
    public static Phrase joined(Phrase... phrases) {
        return joined(" ", List.of(phrases));
    }

    /** Some phrases with something between each two; those that say nothing are left out. */
    public static Phrase joined(String between, List<Phrase> phrases) {
        List<Part> parts = new ArrayList<>();
        for (Phrase phrase : phrases) {
            if (!parts.isEmpty() && !phrase.isEmpty()) parts.add(new Part(between, Tone.PLAIN));
            parts.addAll(phrase.parts);
        }
        return new Phrase(parts);
    }

    /** Whether it says nothing. */
    public boolean isEmpty() {
        return parts.isEmpty();
    }

    /** The phrase without its tones. */
    public String text() {
        return parts.stream().map(Part::text).collect(Collectors.joining());
    }

    /** The phrase with its parts changed. */
    public Phrase map(java.util.function.UnaryOperator<Part> change) {
        return new Phrase(parts.stream().map(change).toList());
    }

    /** This phrase, and another behind it without a blank. */
    public Phrase then(Phrase other) {
        return new Phrase(Stream.concat(parts.stream(), other.parts.stream()).toList());
    }

    @Override
    public String toString() {
        return Objects.toString(text());
    }
}
