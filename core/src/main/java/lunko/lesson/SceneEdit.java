package lunko.lesson;

import java.util.Optional;
import java.util.function.UnaryOperator;
import lunko.insight.keys.NearMiss;
import lunko.insight.keys.Repair;
import lunko.insight.question.Asked;
import lunko.problem.Checked;
import lunko.problem.LessonFault;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.change.QueryChange;
import lunko.table.Block;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.EditSentences;

/** A change to what the lesson shows, or to the two tables that it shows. */
public sealed interface SceneEdit extends Edit {

    /** Other tables to be joined. */
    record LookAt(String left, String right) implements SceneEdit {}

    /** Another kind of join. */
    record ChooseKind(JoinKind kind) implements SceneEdit {}

    /** A natural join of a kind, or, where that is none, joined by the link again. */
    record JoinNaturally(Optional<JoinKind> kind) implements SceneEdit {}

    /** Another query as SQL; none means the two tables, joined by their link. */
    record Write(Optional<WrittenQuery> query) implements SceneEdit {

        /** The first query of a text. */
        public static Write of(String sql) {
            return new Write(Optional.of(WrittenQuery.of(sql)));
        }
    }

    /** The query changed without typing: its text follows. */
    record Reword(QueryChange change) implements SceneEdit {}

    /** Keys made to meet that nearly do. */
    record Mend(Repair repair) implements SceneEdit {}

    /** Rows made by a recipe, in the place of those there. */
    record MakeRows(String table, Recipe recipe) implements SceneEdit {}

    /** Just enough changed to show a point. */
    record Arrange(Situation situation) implements SceneEdit {}

    /** Another note for the speaker. */
    record Note(String note) implements SceneEdit {}

    /** Something else for learners to read. */
    record HandNote(String note) implements SceneEdit {}

    /** Another title for the scene. */
    record Entitle(String title) implements SceneEdit {}

    /** Another way to open. */
    record OpenLike(SceneStart start) implements SceneEdit {}

    /** Another question, or none. */
    record Ask(Optional<Asked> asked) implements SceneEdit {}

    /** Another title for the lesson. */
    record Retitle(String title) implements SceneEdit {}

    /** A table of the lesson on a side of the scene; the other side gets what stood there if it had that table. */
    static SceneEdit take(Lesson lesson, Side side, String table) {
        Scene scene = lesson.scene();
        String other = scene.on(side.opposite()).equals(table) ? scene.on(side) : scene.on(side.opposite());
        return new LookAt(side.of(table, other), side.of(other, table));
    }

    @Override
    default Checked<Lesson> applyTo(Lesson lesson) {
        return switch (this) {
            case LookAt(String left, String right) ->
                Checked.valid(lesson.with(lesson.scene().writing(Optional.empty())).looking(left, right));
            case ChooseKind(JoinKind kind) -> Checked.valid(Writing.choosing(lesson, kind));
            case JoinNaturally(Optional<JoinKind> kind) when kind.filter(wanted -> !wanted.canBeNatural())
                    .isPresent() ->
                Checked.invalid(
                        new LessonFault.CannotBeNatural(kind.get()));
            case JoinNaturally(Optional<JoinKind> kind) -> Checked.valid(lesson.with(lesson.scene()
                    .writing(Optional.empty())
                    .of(kind.map(lesson.scene().pairing()::naturally).orElseGet(lesson.scene().pairing()::byLink))));
            case Write(Optional<WrittenQuery> query) ->
                Checked.valid(query.filter(written -> !written.sql().isBlank())
                        .map(written -> Writing.written(lesson, written))
                        .orElseGet(() -> lesson.with(lesson.scene().writing(Optional.empty()))));
            case Reword(QueryChange change) ->
                lesson.staged().query().changed(change).map(written -> Writing.written(lesson, written));
            case Mend(Repair repair) -> Checked.valid(switch (repair) {
                case Repair.Respell(NearMiss miss) -> respell(lesson, miss);
                case Repair.Retype(Side side, String column, Type type) ->
                    lesson.change(side, table -> retype(table, column, type));
            });
            case MakeRows(String table, Recipe recipe) ->
                Checked.valid(lesson.change(table, _ -> recipe.make(lesson, table)));
            case Arrange(Situation situation) -> situation.in(lesson).map(Situation.SetUp::lesson);
            case Note(String note) -> Checked.valid(telling(lesson, telling -> telling.noting(note)));
            case HandNote(String note) -> Checked.valid(telling(lesson, telling -> telling.handing(note)));
            case Entitle(String title) -> Checked.valid(telling(lesson, telling -> telling.titled(title.strip())));
            case OpenLike(SceneStart start) -> Checked.valid(lesson.with(lesson.scene().opening(start)));
            case Ask(Optional<Asked> asked) -> Checked.valid(lesson.with(lesson.scene().asking(asked)));
            case Retitle(String title) when title.isBlank() -> Checked.invalid(new LessonFault.NoTitle());
            case Retitle(String title) -> Checked.valid(lesson.titled(title.strip()));
        };
    }

    @Override
    default String name(Lesson before, EditSentences in) {
        return switch (this) {
            case LookAt(String left, String right) -> in.lookAt(left, right);
            case ChooseKind(JoinKind kind) -> in.chooseKind(kind);
            case JoinNaturally(Optional<JoinKind> kind) -> kind.map(in::chooseNatural).orElseGet(in::joinByLink);
            case Write _ -> in.changeQuery();
            case Reword(QueryChange change) -> in.change(change);
            case Mend(Repair.Respell(NearMiss miss)) ->
                in.fixKey(miss.key().getFirst().sql(), before.staged().table(miss.side()).name());
            case Mend(Repair.Retype(Side side, String column, Type type)) ->
                in.retype(column, before.staged().table(side).name(), type);
            case MakeRows(String table, Recipe recipe) -> in.generateRows(recipe.rows(), table);
            case Arrange(Situation situation) -> in.setUp(situation.title(in));
            case Note _ -> in.changeNote();
            case HandNote _ -> in.changeHandedNote();
            case Entitle _ -> in.changeSceneTitle();
            case OpenLike _ -> in.changeStart();
            case Ask _ -> in.changeQuestion();
            case Retitle _ -> in.changeTitle();
        };
    }

    private static Lesson telling(Lesson lesson, UnaryOperator<Telling> change) {
        return lesson.with(lesson.scene().telling(change.apply(lesson.scene().telling())));
    }

    private static Lesson respell(Lesson lesson, NearMiss miss) {
        Lesson after = lesson;
        for (int i = 0; i < lesson.staged().on().size(); i++) {
            int at = lesson.staged().table(miss.side()).column(lesson.staged().on().get(i).on(miss.side()))
                    .orElseThrow();
            Column column = lesson.staged().table(miss.side()).columns().get(at);
            String meant = miss.meant().get(i).shown();
            for (int row : miss.rows())
                after = after.change(miss.side(),
                        table -> table.changing(Block.cell(row, at), (_, _, _) -> column.entry(quoted(column, meant))));
        }
        return after;
    }

    private static String quoted(Column column, String text) {
        return column.type() == Type.TEXT ? Value.of(text).sql() : text;
    }

    private static Table retype(Table table, String name, Type type) {
        int at = table.column(name).orElseThrow();
        return table.withColumn(at, table.columns().get(at).of(type));
    }
}
