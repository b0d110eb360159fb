package lunko.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What typed text means, and what type a column of texts has. */
class ColumnTest {
    private static final Column NUMBER = new Column("keeper_id", Type.INTEGER);
    private static final Column TEXT = new Column("keeper", Type.TEXT);

    @Test
    void nullIsNotAnEmptyTextAndNotTheWord() {
        assertThat(TEXT.entry("null")).isEqualTo(Entry.NULL);
        assertThat(TEXT.entry("").value()).isEqualTo(Value.of(""));
        assertThat(TEXT.entry("'NULL'").value()).isEqualTo(Value.of("NULL"));
        assertThat(NUMBER.entry(" ")).isEqualTo(Entry.NULL);
    }

    @Test
    void whatDoesNotFitIsKeptAsItWasTyped() {
        assertThat(NUMBER.entry(" eleven")).isEqualTo(new Entry(Value.NULL, Optional.of(" eleven")));
    }

    /** As a statement stores it: digits are rounded, blanks at the end go, and what is too large is no value. */
    @ParameterizedTest
    @CsvSource(quoteCharacter = '"', value = {"TEXT, abc, abc", "TEXT, \"'abc  '\", abc", "TEXT, abcd, -",
            "DECIMAL, 2.345, 2.35", "DECIMAL, 9999.994, 9999.99", "DECIMAL, 9999.995, -", "DECIMAL, 0.001, 0.00",
            "INTEGER, -32768, -32768", "INTEGER, 32768, -"})
    void aValueIsNoLargerThanItsColumnAllows(Type type, String typed, String kept) {
        TypeSize size = switch (type) {
            case TEXT -> new TypeSize.Characters(3);
            case DECIMAL -> new TypeSize.Digits(6, 2);
            case INTEGER, BOOLEAN, DATE -> new TypeSize.Bits(16);
        };
        Entry entry = new Column("c", type).sized(size).entry(typed);
        assertThat(entry.misfit().isPresent() ? "-" : entry.value().shown()).isEqualTo(kept);
        // Another type has no such size.
        assertThat(new Column("c", Type.DATE).sized(size)).isEqualTo(new Column("c", Type.DATE));
    }

    @Property
    void whatIsShownForEditingIsReadBackAsItself(@ForAll String text, @ForAll Type type,
            @ForAll @IntRange(max = 8) int size) {
        List<TypeSize> sizes = TypeSize.usual(type);
        Column column = new Column("c", type).sized(sizes.isEmpty() ? new TypeSize.Any()
                : sizes.get(size % sizes.size()));
        Entry entry = column.entry(text);
        assertThat(column.entry(column.typed(entry))).isEqualTo(entry);
        assertThat(TEXT.entry(TEXT.typed(Entry.of(Value.of(text)))).value()).isEqualTo(Value.of(text));
    }

    @Property
    void aColumnChangedToAnotherTypeAndBackHasLostNothing(@ForAll List<@From("fields") String> texts, @ForAll Type from,
            @ForAll Type to) {
        Column column = new Column("c", from);
        Table table =
                Table.empty("t", column).inserting(0, texts.stream().map(text -> List.of(column.entry(text))).toList());
        Table back = table.withColumn(0, column.of(to)).withColumn(0, column);
        for (int row = 0; row < texts.size(); row++) {
            assertThat(back.rows().get(row).entry(0).shown().strip())
                    .isEqualToIgnoringCase(table.rows().get(row).entry(0).shown().strip());
        }
        // Only blanks have no other way to be said than NULL.
        if (texts.stream().noneMatch(String::isBlank))
            assertThat(back.rows()).extracting(row -> row.entry(0).misfit().isPresent())
                    .isEqualTo(table.rows().stream().map(row -> row.entry(0).misfit().isPresent()).toList());
    }

    @Provide
    Arbitrary<String> fields() {
        return Arbitraries.oneOf(
                Arbitraries.of("NULL", "true", "12", "2.50", "007", "2026-05-01", "''", "11a", "'NULL'"),
                Arbitraries.strings().alpha().ofMinLength(1));
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '"', value = {
            "1 -2, INTEGER", "1 2.50, DECIMAL", "9223372036854775808, DECIMAL", "007 8, TEXT", "1 x, TEXT",
            "true FALSE, BOOLEAN", "2026-05-01 2024-02-29, DATE", "2026-02-30, TEXT", "2026-05-01 1, TEXT"})
    void aColumnHasTheNarrowestTypeThatFitsAll(String texts, Type type) {
        assertThat(Type.narrowest(List.of(texts.split(" ")))).isEqualTo(type);
    }
}
