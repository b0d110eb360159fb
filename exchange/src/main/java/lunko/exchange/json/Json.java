package lunko.exchange.json;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** JSON (RFC 8259) as a value. What is asked of something that is not there, or is of another sort, is nothing. */
public sealed interface Json {
    /** Nothing. */
    Json NULL = new Null();
    /** An object without members. */
    Members EMPTY = new Members(Map.of());

    /** {@code null}, or what is not there. */
    record Null() implements Json {}

    /** True or false. */
    record Flag(boolean value) implements Json {}

    /** A number. */
    record Figure(BigDecimal value) implements Json {}

    /** A text. */
    record Text(String characters) implements Json {}

    /** An array. */
    record Items(List<Json> all) implements Json {

        /** Keeps its items as they are. */
        public Items {
            all = List.copyOf(all);
        }

        @Override
        public String toString() {
            return JsonWriter.compact(this);
        }
    }

    /** An object, its members in their order. */
    record Members(Map<String, Json> all) implements Json {

        /** Keeps its members as they are. */
        public Members {
            all = Collections.unmodifiableMap(new LinkedHashMap<>(all));
        }

        /** The same with one more member, or another in the place of the one of that name. */
        public Members with(String name, Json value) {
            Map<String, Json> more = new LinkedHashMap<>(all);
            more.put(name, value);
            return new Members(more);
        }

        /** The same with a text. */
        public Members with(String name, String text) {
            return with(name, new Text(text));
        }

        /** The same with a number. */
        public Members with(String name, long number) {
            return with(name, of(number));
        }

        /** The same with true or false. */
        public Members with(String name, boolean truth) {
            return with(name, new Flag(truth));
        }

        /** The same with an array. */
        public Members with(String name, Stream<? extends Json> items) {
            return with(name, list(items));
        }

        /** The same with an array, unless that would be empty. */
        public Members withAny(String name, Stream<? extends Json> items) {
            Items list = list(items);
            return list.all().isEmpty() ? this : with(name, list);
        }

        /** The same with a value, where there is one. */
        public Members with(String name, Optional<? extends Json> value) {
            return value.map(there -> with(name, there)).orElse(this);
        }

        /** The same with what is true alone. */
        public Members withIf(String name, boolean truth) {
            return truth ? with(name, true) : this;
        }

        @Override
        public String toString() {
            return JsonWriter.compact(this);
        }
    }

    /** A text. */
    static Json of(String text) {
        return new Text(text);
    }

    /** A number. */
    static Json of(long number) {
        return new Figure(BigDecimal.valueOf(number));
    }

    /** A number. */
    static Json of(double number) {
        return new Figure(new BigDecimal(Double.toString(number)));
    }

    /** An array. */
    static Items list(Stream<? extends Json> items) {
        return new Items(items.<Json>map(item -> item).toList());
    }

    /** An array of texts. */
    static Items texts(Stream<String> texts) {
        return list(texts.map(Text::new));
    }

    /** A member of an object. */
    default Json at(String name) {
        return this instanceof Members(var all) ? all.getOrDefault(name, NULL) : NULL;
    }

    /** An item of an array, counted from 0. */
    default Json at(int index) {
        return index >= 0 && index < items().size() ? items().get(index) : NULL;
    }

    /** The items of an array; none of anything else. */
    default List<Json> items() {
        return this instanceof Items(var all) ? all : List.of();
    }

    /** The members of an object; none of anything else. */
    default Map<String, Json> members() {
        return this instanceof Members(var all) ? all : Map.of();
    }

    /** Whether an object has a member. */
    default boolean has(String name) {
        return members().containsKey(name);
    }

    /** The text that it is, or that a number or a truth value is written as; something else where it is none. */
    default String text(String otherwise) {
        return switch (this) {
            case Text(String text) -> text;
            case Figure(BigDecimal number) -> number.toPlainString();
            case Flag(boolean truth) -> Boolean.toString(truth);
            case Null _,Items _,Members _ -> otherwise;
        };
    }

    /** The text that it is; the empty one where it is none. */
    default String text() {
        return text("");
    }

    /** Whether it is a text. */
    default boolean isText() {
        return this instanceof Text;
    }

    /** The truth value that it is; something else where it is none. */
    default boolean truth(boolean otherwise) {
        return this instanceof Flag(boolean truth) ? truth : otherwise;
    }

    /** The number that it is, if it is one. */
    default Optional<BigDecimal> number() {
        return this instanceof Figure(BigDecimal number) ? Optional.of(number) : Optional.empty();
    }

    /** The whole number that it is, if it is one that a long can hold. */
    default Optional<Long> whole() {
        return number().filter(number -> number.compareTo(BigDecimal.valueOf(number.longValue())) == 0)
                .map(BigDecimal::longValue);
    }

    /** The whole number that it is, cut to what an int can hold; something else where it is none. */
    default int whole(int otherwise) {
        return whole().map(number -> Math.clamp(number, Integer.MIN_VALUE, Integer.MAX_VALUE)).orElse(otherwise);
    }
}
