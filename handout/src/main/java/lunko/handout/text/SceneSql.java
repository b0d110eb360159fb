package lunko.handout.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.sql.ResultTable;
import lunko.exchange.result.ResultFormat;
import lunko.exchange.sql.ScriptWriter;
import lunko.lesson.ForeignKeys;
import lunko.lesson.Lesson;
import lunko.lesson.TableSet;
import lunko.lesson.View;
import lunko.problem.Checked;
import lunko.query.change.SqlDialect;
import lunko.table.Table;
import lunko.words.Language;

/**
 * A scene as a database would have it.
 *
 * @param setUp what makes its tables, where they are not those of the scene before
 * @param query its query, or why a database cannot run it
 * @param result what that gives here
 */
record SceneSql(Lesson lesson, Optional<String> setUp, Checked<String> query, Optional<ResultTable> result) {

    /** The scenes that some lessons show, one after the other in the same database. */
    static List<SceneSql> of(List<Lesson> scenes, SqlDialect target, Language in) {
        List<SceneSql> all = new ArrayList<>();
        Optional<TableSet> there = Optional.empty();
        for (Lesson lesson : scenes) {
            TableSet set = stored(lesson);
            Optional<String> setUp = there.filter(set::equals).isPresent() ? Optional.empty()
                    : Optional.of(setUp(there, set, lesson, target, in));
            there = Optional.of(set);
            Checked<ResultTable> result = lesson.staged().result().map(ResultTable::of);
            Checked<String> query = result
                    .then(_ -> lesson.staged().query().alone().writtenFor(target, lesson.tables()))
                    .map(String::strip);
            all.add(new SceneSql(lesson, setUp, query, result.either(Optional::of, _ -> Optional.empty())));
        }
        return all;
    }

    /** The tables that are stored, without those of views. */
    private static TableSet stored(Lesson lesson) {
        List<Table> tables = lesson.tables().stream().filter(table -> !lesson.views().has(table.name())).toList();
        return new TableSet(tables, lesson.links().stream()
                .filter(link -> !lesson.views().has(link.left()) && !lesson.views().has(link.right())).toList());
    }

    private static String setUp(Optional<TableSet> before, TableSet set, Lesson lesson, SqlDialect target,
            Language in) {
        StringBuilder text = new StringBuilder();
        before.ifPresent(was -> {
            lesson.views().all().reversed()
                    .forEach(view -> text.append("DROP VIEW ").append(target.name(view.name())).append(";\n"));
            ForeignKeys.of(was).tables().reversed()
                    .forEach(table -> text.append("DROP TABLE ").append(target.name(table.name())).append(";\n"));
        });
        try {
            ScriptWriter.write(set, target, text, in.files());
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        for (View view : lesson.views().all()) {
            view.query().writtenFor(target, lesson.tables()).handle(query -> text.append("CREATE VIEW ")
                    .append(target.name(view.name())).append(" AS\n").append(query.strip()).append(";\n"), _ -> {});
        }
        return text.toString().strip();
    }

    /** What the query gives, as columns of characters. */
    Optional<String> expected(Language in) {
        return result.map(table -> ResultFormat.TABLE.write(table, Optional.empty(), 1, in).stripTrailing());
    }

    /** What the scene is called: its title, or that of the lesson. */
    static String title(Lesson lesson) {
        String scene = lesson.scene().telling().title();
        return (scene.isBlank() ? lesson.title() : scene).replaceAll("\\R", " ");
    }
}
