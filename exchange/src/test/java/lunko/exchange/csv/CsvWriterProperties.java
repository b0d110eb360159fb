package lunko.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import lunko.engine.JoinResult;
import lunko.engine.Joined;
import lunko.exchange.file.Watch;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.AlphaChars;
import net.jqwik.api.constraints.StringLength;
import net.jqwik.api.lifecycle.BeforeContainer;

/** A result that is saved and opened again is the same. */
class CsvWriterProperties {
    private static Path folder;

    @BeforeContainer
    static void makeFolder() throws IOException {
        folder = Files.createTempDirectory("lunko");
        folder.toFile().deleteOnExit();
    }

    @Provide
    Arbitrary<List<Value>> rows() {
        Arbitrary<String> texts = Arbitraries.strings().withChars("a\"',;\r\n ü").ofMaxLength(5);
        return texts.map(Value::of).injectNull(0.2).map(v -> v == null ? Value.NULL : v).list().ofSize(2);
    }

    @Property(tries = 300)
    void whatIsWrittenIsReadBack(@ForAll("rows") List<Value> first, @ForAll("rows") List<Value> second) {
        List<Column> columns = List.of(new Column("id", Type.TEXT), new Column("note", Type.TEXT));
        // The word in the last row keeps the columns from looking like those of another type.
        Table notes = Table.of("notes", columns, List.of(first, second, List.of(Value.of("x"), Value.of("y"))));
        Table marks = Table.of("marks", columns, List.of(first));
        JoinResult outcome = outcome(notes, marks);

        Path file = folder.resolve("result.csv");
        assertThat(new CsvWriter(outcome).write(file, Watch.NOBODY)).isEqualTo(Checked.valid(outcome.size()));
        Table back = CsvReader.read(file, Watch.NOBODY).then(read -> read.grid().table()).expect();
        assertThat(back.columns()).extracting(Column::name).containsExactly("n.id", "n.note", "m.id", "m.note");
        assertThat(back.rows()).extracting(Row::values).isEqualTo(outcome.rows().stream()
                .map(row -> outcome.columns().stream().map(column -> outcome.cell(row, column).value()).toList())
                .toList());
        file.toFile().delete();
    }

    @Provide
    Arbitrary<Character> formulaStarts() {
        return Arbitraries.of('=', '+', '-', '@', '\t', '\r', '\n');
    }

    /** What a spreadsheet would run, whatever it begins with, is a text there, and comes back as it was. */
    @Property(tries = 100)
    void noTextIsAFormula(@ForAll("formulaStarts") char first, @ForAll @StringLength(max = 3) @AlphaChars String rest) {
        String written = CellText.written(first + rest);
        assertThat(written).isEqualTo("'" + first + rest);
        assertThat(CellText.read(written)).isEqualTo(first + rest);
        assertThat(CellText.written(rest)).isEqualTo(rest);
    }

    @Example
    void stoppingLeavesTheOldFileAndNoDraft() throws IOException {
        Path inside = Files.createDirectory(folder.resolve("stopped"));
        Path file = Files.writeString(inside.resolve("result.csv"), "before");
        AtomicInteger asked = new AtomicInteger();
        JoinResult demo = outcome(DemoLesson.lesson());
        assertThat(new CsvWriter(demo).write(file, (_, _) -> asked.incrementAndGet() < 3))
                .isInstanceOf(Checked.Invalid.class);
        assertThat(inside).isDirectoryContaining("glob:**result.csv");
        try (var files = Files.list(inside)) {
            assertThat(files).containsExactly(file);
        }
        assertThat(file).hasContent("before");
    }

    private static JoinResult outcome(Table notes, Table marks) {
        return outcome(Lesson.of("", notes, JoinKind.FULL_OUTER, marks, List.of(new KeyPair("id", "id"))));
    }

    private static JoinResult outcome(Lesson lesson) {
        return JoinResult.of((Joined) lesson.staged().result().expect());
    }
}
