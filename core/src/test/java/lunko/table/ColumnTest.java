package lunko.table;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.problem.Checked;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What typed text means, and what type a column of texts has. */
class ColumnTest {
    private static final Column NUMBER = new Column("keeper_id", Type.INTEGER);
    private static final Column TEXT = new Column("keeper", Type.TEXT);

    @Test
    void nullIsNotAnEmptyTextAndNotTheWord() {
        assertThat(TEXT.valueOf("null").expect()).isEqualTo(Value.NULL);
        assertThat(TEXT.valueOf("").expect()).isEqualTo(Value.of(""));
        assertThat(TEXT.valueOf("'NULL'").expect()).isEqualTo(Value.of("NULL"));
        assertThat(NUMBER.valueOf(" ").expect()).isEqualTo(Value.NULL);
    }

    @Test
    void saysWhatWouldFit() {
        assertThat(NUMBER.valueOf("eleven")).isEqualTo(Checked.invalid("“eleven” does not fit keeper_id, which is "
                + "integer: type a whole number such as 12, or NULL."));
    }

    @Property
    void aTextThatIsShownForEditingIsReadBackAsItself(@ForAll String text) {
        assertThat(TEXT.valueOf(TEXT.typed(Value.of(text))).expect()).isEqualTo(Value.of(text));
    }

    @ParameterizedTest
    @CsvSource(quoteCharacter = '"', value = {
        "1 -2, INTEGER", "1 2.50, DECIMAL", "9223372036854775808, DECIMAL", "007 8, TEXT", "1 x, TEXT",
        "true FALSE, BOOLEAN", "2026-05-01 2024-02-29, DATE", "2026-02-30, TEXT", "2026-05-01 1, TEXT"})
    void aColumnHasTheNarrowestTypeThatFitsAll(String texts, Type type) {
        assertThat(Type.narrowest(List.of(texts.split(" ")))).isEqualTo(type);
    }
}
