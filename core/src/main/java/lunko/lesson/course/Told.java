package lunko.lesson.course;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.insight.picture.Picture;
import lunko.insight.question.Asked;
import lunko.insight.question.Question;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.Pairing;
import lunko.lesson.Scene;
import lunko.lesson.SceneStart;
import lunko.lesson.Scenes;
import lunko.lesson.Telling;
import lunko.lesson.WrittenQuery;
import lunko.lesson.own.OwnTables;
import lunko.lesson.own.TableChange;
import lunko.query.JoinKind;
import lunko.table.Column;
import lunko.table.Entry;
import lunko.table.Row;
import lunko.table.Table;

/** How scenes of the beekeepers' tables are told. They open at the start, so that a class sees each of them happen. */
final class Told {
    private static final SceneStart START = SceneStart.PLAIN.at(OptionalLong.of(0));

    private Told() {}

    /** A lesson on the beekeepers' tables. */
    static Lesson lesson(String title, Scene... scenes) {
        Lesson tables = DemoLesson.lesson();
        return new Lesson(title, tables.shared(), tables.sharedLinks(), tables.layout(),
                new Scenes(List.of(scenes), 0));
    }

    /** Two tables, joined by their link. */
    static Scene join(String title, String left, JoinKind kind, String right, String note) {
        return scene(title, note, new Pairing(left, kind, right, false), Optional.empty());
    }

    /** Two tables, joined by the columns of the same name. */
    static Scene natural(String title, String left, String right, String note) {
        return scene(title, note, new Pairing(left, JoinKind.INNER, right, true), Optional.empty());
    }

    /** A query. */
    static Scene query(String title, String sql, String note) {
        return scene(title, note, new Pairing("hives", JoinKind.INNER, "keepers", false),
                Optional.of(WrittenQuery.of(sql.strip())));
    }

    private static Scene scene(String title, String note, Pairing pairing, Optional<WrittenQuery> written) {
        return new Scene(new Telling(title, paragraphs(note), "", OptionalInt.empty()), pairing, written, START,
                Optional.empty(), Optional.empty());
    }

    /** A text with each paragraph on a line of its own. */
    private static String paragraphs(String text) {
        return Stream.of(text.strip().split("\\n\\s*\\n")).map(paragraph -> paragraph.replaceAll("\\s+", " "))
                .collect(Collectors.joining("\n\n"));
    }

    /** The same scene with all steps done. */
    static Scene atEnd(Scene scene) {
        return scene.opening(scene.start().at(OptionalLong.empty()));
    }

    /** The same scene with the pair grid beside the stage. */
    static Scene withGrid(Scene scene) {
        return scene.opening(scene.start().with(Picture.PAIRS));
    }

    /** The same scene, asking first. */
    static Scene asking(Question question, Scene scene) {
        return scene.asking(Optional.of(Asked.plainly(question)));
    }

    /** The same scene, asking first in words of its own. */
    static Scene asking(Question question, String words, Scene scene) {
        return scene.asking(Optional.of(new Asked(question, words)));
    }

    /** The same scene with tables of its own. */
    static Scene with(Scene scene, TableChange... changes) {
        return scene.owning(Optional.of(new OwnTables(List.of(changes))));
    }

    /** A cell in which something else stands: as it would be typed. */
    static TableChange cell(String table, int row, String column, String typed) {
        Table of = DemoLesson.lesson().table(table);
        int at = of.column(column).orElseThrow();
        Column typedInto = of.columns().get(at);
        Row there = of.rows().get(row - 1);
        return new TableChange.CellOther(table, there.id(), column, there.entry(at), typedInto.entry(typed));
    }

    /** A row that is gone; rows count from 1. */
    static TableChange without(String table, int row) {
        return new TableChange.RowGone(table, DemoLesson.lesson().table(table).rows().get(row - 1));
    }

    /** A row that is added behind the others: as its cells would be typed. */
    static TableChange row(String table, String... typed) {
        Table of = DemoLesson.lesson().table(table);
        List<Entry> entries = new ArrayList<>();
        for (int i = 0; i < typed.length; i++) entries.add(of.columns().get(i).entry(typed[i]));
        return new TableChange.RowAdded(table, of.rows().size(), Row.of(-1, entries));
    }
}
