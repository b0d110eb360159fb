package lunko.exchange.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.Loss;
import lunko.exchange.Said;
import lunko.exchange.TableFormat;
import lunko.exchange.Written;
import lunko.insight.picture.Picture;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.ColumnEdit;
import lunko.lesson.DemoLesson;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.OwnTablesEdit;
import lunko.lesson.RowEdit;
import lunko.lesson.Scene;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.ScenesEdit;
import lunko.lesson.TableEdit;
import lunko.lesson.TableSet;
import lunko.lesson.View;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.Limits;
import lunko.problem.Problem;
import lunko.query.KeyPair;
import lunko.steps.JoinAlgorithm;
import lunko.table.Column;
import lunko.table.Row;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import net.jqwik.api.lifecycle.BeforeContainer;

/** Whatever is made in a lesson is there again when it is saved and opened, or was refused when it was made. */
class SavedProperties {
    private static Path file;

    @BeforeContainer
    static void makeFile() throws IOException {
        file = Files.createTempFile("lunko", LessonFile.ENDING);
    }

    @AfterContainer
    static void dropFile() throws IOException {
        Files.deleteIfExists(file);
    }

    /** One change: which kind it is, a table and a place by number, and a text. */
    record Change(int kind, int which, String text) {

        private Asked asked() {
            Question usual = Question.Sort.values()[which % Question.Sort.values().length].usual();
            return new Asked(switch (usual) {
                case Question.InWords _ -> new Question.InWords(text);
                case Question.WhatStands _ -> new Question.WhatStands(which, which % 3);
                case Question.WriteQuery _ ->
                    new Question.WriteQuery(new Demand(which % 2 == 0, which % 3 == 0, false));
                case Question.MatchResults _ -> new Question.MatchResults(List.of("SELECT 1", text));
                default -> usual;
            }, text);
        }

        private Column sized(Column column) {
            List<TypeSize> sizes = TypeSize.usual(column.type());
            return sizes.isEmpty() ? column : column.sized(sizes.get(which / 2 % sizes.size()));
        }

        Edit on(Lesson lesson) {
            Table table = lesson.tables().get(which % lesson.tables().size());
            int column = which / 7 % table.columns().size();
            Optional<Row> row = table.rows().isEmpty() ? Optional.empty()
                    : Optional.of(table.rows().get(which / 3 % table.rows().size()));
            return switch (kind) {
                case 0 -> new TableEdit.Rename(table.name(), text);
                case 1 -> new ColumnEdit.Change(table.name(), column, table.columns().get(column).named(text));
                case 2 -> new ColumnEdit.Change(table.name(), column,
                        which % 2 == 0 ? table.columns().get(column).of(Type.values()[which % Type.values().length])
                                : sized(table.columns().get(column)));
                case 3 -> new ColumnEdit.Add(table.name(), column, new Column(text, Type.TEXT));
                case 4 -> row.<Edit>map(at -> new CellEdit.Type(table.name(), at.id(), column, text))
                        .orElse(new SceneEdit.Note(text));
                case 5 -> new RowEdit.Append(table.name(), column, text);
                case 6 -> new SceneEdit.Retitle(text);
                case 7 -> new SceneEdit.Write(Optional.of(new WrittenQuery(text, 0)));
                case 8 ->
                    new SceneEdit.OpenLike(new SceneStart(OptionalLong.of(which), JoinAlgorithm.values()[which % 3],
                            Picture.values()[which % 2]));
                case 9 -> new LinkEdit.Match(table.name(), lesson.tables().getFirst().name(), new KeyPair(
                        table.columns().get(column).name(), lesson.tables().getFirst().columns().getFirst().name()));
                case 10 -> which % 2 == 0 ? new TableEdit.Create() : new TableEdit.KeepView(
                        new View(text.strip(), WrittenQuery.of("SELECT t.* FROM \"" + table.name() + "\" t")));
                case 11 -> new ColumnEdit.Drop(table.name(), column);
                case 12 -> which % 2 == 0 ? new ScenesEdit.Keep(SceneStart.PLAIN) : new OwnTablesEdit.Begin();
                case 13 -> which % 2 == 0 ? new SceneEdit.Entitle(text) : new SceneEdit.Ask(Optional.of(asked()));
                case 14 -> row.<Edit>map(_ -> new RowEdit.Delete(table.name(), 0, (table.rows().size() - 1) / 2))
                        .orElse(new SceneEdit.Note(text));
                default -> new RowEdit.Insert(table.name(), which % (table.rows().size() + 1));
            };
        }
    }

    @Provide
    Arbitrary<List<Change>> changes() {
        Arbitrary<String> signs = Arbitraries.strings()
                .withChars(",;|\t\"' \r\n\0\u0007\u001b\uFEFF=+-@1a.ö/\\<&\uD83C\uDF6F").ofMaxLength(6);
        Arbitrary<String> any = Arbitraries.strings().all().ofMaxLength(5);
        Arbitrary<String> texts =
                Arbitraries.oneOf(signs, any, Arbitraries.of("NULL", "007", "12", "2026-05-01", "true",
                        "1e400", "''", "\uD800", "SELECT 1", "a".repeat(Limits.TEXT), "b".repeat(Limits.NAME + 1)));
        return Combinators.combine(Arbitraries.integers().between(0, 15), Arbitraries.integers().between(0, 999), texts)
                .as(Change::new).list().ofMinSize(1).ofMaxSize(25);
    }

    private static History made(List<Change> changes) {
        History history = History.of(DemoLesson.lesson());
        for (Change change : changes) {
            if (history.after(change.on(history.lesson())) instanceof Checked.Valid<History>(History after))
                history = after;
        }
        return history;
    }

    @Property(tries = 100)
    void whatAFormatDoesNotHoldIsSaid(@ForAll("changes") List<Change> changes) throws IOException {
        TableSet all = made(changes).lesson().set();
        for (TableFormat format : TableFormat.values()) {
            if (!format.isWritten()) continue;
            boolean holdsOne = format == TableFormat.CSV || format == TableFormat.TSV;
            TableSet set = holdsOne ? TableSet.of(all.tables().getFirst()) : all;
            Path to = Files.createTempFile("lunko", format.endings().getFirst());
            switch (TableFormat.write(set, to, Said.ENGLISH)) {
                case Checked.Invalid<Written>(Problem problem) -> {
                    assertThat(to).isEmptyFile();
                    assertThat(Said.fault(problem)).endsWith(".");
                }
                case Checked.Valid<Written>(Written written) -> {
                    assertThat(written.losses()).as(format.name()).extracting(Loss::kind)
                            .isSubsetOf(notHeld().get(format));
                    if (written.losses().isEmpty())
                        assertThat(told(TableFormat.read(to).expect().set(), holdsOne)).isEqualTo(told(set, holdsOne));
                }
            }
            Files.delete(to);
        }
    }

    /** What docs/formats.md says that each format does not hold. */
    private static Map<TableFormat, Set<Loss.Kind>> notHeld() throws IOException {
        List<TableFormat> columns = List.of(TableFormat.CSV, TableFormat.XLSX, TableFormat.ODS, TableFormat.SQL,
                TableFormat.DATA_PACKAGE, TableFormat.MARKDOWN);
        Map<TableFormat, Set<Loss.Kind>> notHeld = new EnumMap<>(TableFormat.class);
        columns.forEach(format -> notHeld.put(format, EnumSet.noneOf(Loss.Kind.class)));
        for (String line : Files.readAllLines(Path.of("../docs/formats.md"))) {
            String[] cells = line.split("\\s*\\|\\s*", -1);
            for (Loss.Kind kind : Loss.Kind.values()) {
                if (cells.length < 3 || !cells[1].equals(kind.name().toLowerCase(Locale.ROOT))) continue;
                for (int i = 0; i < columns.size(); i++)
                    if (!cells[2 + i].startsWith("held")) notHeld.get(columns.get(i)).add(kind);
            }
        }
        notHeld.put(TableFormat.TSV, notHeld.get(TableFormat.CSV));
        return notHeld;
    }

    /** What there is in tables; that a column waits for its first value to have a type is known to a lesson alone. */
    private static List<Object> told(TableSet set, boolean ofOne) {
        return List.of(Set.copyOf(set.links()), set.tables().stream()
                .map(table -> List.of(ofOne ? "" : table.name(),
                        table.columns().stream().map(column -> column.of(column.type())).toList(),
                        table.rows().stream().map(Row::entries).toList()))
                .collect(Collectors.toSet()));
    }

    @Property(tries = 400)
    void whatIsMadeIsThereAgain(@ForAll("changes") List<Change> changes) {
        History history = made(changes);
        assertThat(LessonFile.write(history.lesson(), file)).isEqualTo(Checked.valid(file));
        assertThat(told(LessonFile.read(file).expect())).isEqualTo(told(history.lesson()));
    }

    @Example
    void theLongestAndTheWidestAreThereAgain() {
        List<Column> columns = new ArrayList<>();
        for (int i = 0; i < Limits.COLUMNS; i++) columns.add(new Column("c" + i, Type.INTEGER));
        Table wide = Table.empty("wide", columns.toArray(Column[]::new));
        List<List<Value>> rows = new ArrayList<>();
        for (int i = 0; i < Limits.ROWS; i++) rows.add(List.of(Value.of(i)));
        Table tall = Table.of("tall", List.of(new Column("id", Type.INTEGER)), rows);
        History history = History.of(Lesson.begun())
                .after(new TableEdit.BringIn(TableSet.of(List.of(wide, tall)))).expect();
        assertThat(LessonFile.write(history.lesson(), file)).isEqualTo(Checked.valid(file));
        assertThat(told(LessonFile.read(file).expect())).isEqualTo(told(history.lesson()));
        for (Edit beyond : List.of(new ColumnEdit.Add("wide", 0, new Column("more", Type.TEXT)),
                new RowEdit.Insert("tall", 0)))
            assertThat(history.after(beyond)).isInstanceOf(Checked.Invalid.class);
    }

    /** All of a lesson but the numbers of its rows, which are each process's own. */
    private static List<Object> told(Lesson lesson) {
        return List.of(lesson.title(), lesson.sharedLinks(), lesson.layout(), lesson.scenes().at(),
                lesson.scenes().all().stream().map(scene -> numbered(scene, lesson.shared())).toList(),
                Stream.concat(Stream.of(lesson.shared()), IntStream.range(0, lesson.scenes().size())
                        .mapToObj(scene -> lesson.at(scene).tables())).map(SavedProperties::told).toList());
    }

    private static Object told(List<Table> tables) {
        return tables.stream()
                .map(table -> List.of(table.name(), table.columns(), table.rows().stream().map(Row::entries).toList()))
                .toList();
    }

    /** A scene that knows the rows of the lesson by their places. */
    private static Scene numbered(Scene scene, List<Table> shared) {
        return scene.owning(scene.own().map(own -> own.changing(change -> change.numbering(id -> shared.stream()
                .filter(table -> table.name().equals(change.table()))
                .mapToLong(table -> table.position(id).orElse(-1)).findFirst().orElse(-1)))));
    }
}
