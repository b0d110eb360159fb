package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.query.JoinKind;
import lunko.query.change.ConditionSite;
import lunko.query.change.QueryChange;
import lunko.query.sql.Name;
import lunko.table.Column;
import lunko.table.Type;
import lunko.words.EditSentences;
import lunko.words.Names;

/** What is done to a lesson, in English. */
record EnglishEdits(Names names) implements EditSentences {

    @Override
    public String changeCell(String column, int row, String table) {
        return text("change {} in row {} of {}", column, row, table);
    }

    private static String cells(Cells cells) {
        return cells.count() == 1 ? text("a cell of {}", cells.table())
                : text("{} cells of {}", cells.count(), cells.table());
    }

    @Override
    public String clear(Cells cells) {
        return text("clear {}", cells(cells));
    }

    @Override
    public String put(String typed, Cells cells) {
        return text("put {} into {}", typed, cells(cells));
    }

    @Override
    public String paste(long rows, String table) {
        return text("paste {} into {}", counted(rows, "row"), table);
    }

    @Override
    public String fillDown(Cells cells) {
        return text("fill {} from above", cells(cells));
    }

    @Override
    public String addRow(String table) {
        return text("add a row to {}", table);
    }

    @Override
    public String insertRow(String table) {
        return text("insert a row into {}", table);
    }

    private static String rows(Rows rows) {
        return rows.first() == rows.last() ? text("row {} of {}", rows.first(), rows.table())
                : text("rows {} to {} of {}", rows.first(), rows.last(), rows.table());
    }

    @Override
    public String duplicate(Rows rows) {
        return text("duplicate {}", rows(rows));
    }

    @Override
    public String move(Rows rows, boolean up) {
        return text(up ? "move {} up" : "move {} down", rows(rows));
    }

    @Override
    public String delete(Rows rows) {
        return text("delete {}", rows(rows));
    }

    @Override
    public String addColumn(String column, String table) {
        return text("add {} to {}", column, table);
    }

    @Override
    public String duplicateColumn(String column, String table) {
        return text("duplicate {} of {}", column, table);
    }

    @Override
    public String moveColumn(String column, String table, boolean left) {
        return text(left ? "move {} of {} left" : "move {} of {} right", column, table);
    }

    @Override
    public String deleteColumn(String column, String table) {
        return text("delete {} of {}", column, table);
    }

    @Override
    public String changeColumn(String table, Column from, Column to) {
        if (!from.name().equals(to.name())) return text("rename {} of {}", from.name(), table);
        if (from.type() != to.type()) return retype(from.name(), table, to.type());
        if (!from.size().equals(to.size())) return resize(table, to);
        if (from.key() != to.key())
            return text(to.key() ? "make {} of {} a key" : "make {} of {} no key", from.name(), table);
        return text(to.nullable() ? "allow NULL in {} of {}" : "forbid NULL in {} of {}", from.name(), table);
    }

    @Override
    public String makeTable(String table) {
        return text("make {}", table);
    }

    @Override
    public String importTables(List<String> tables) {
        return text("import {}", String.join(", ", tables));
    }

    @Override
    public String replaceTable(String table, List<String> with) {
        return text("replace {} with {}", table, String.join(", ", with));
    }

    @Override
    public String keepResult(String table) {
        return text("keep the result as {}", table);
    }

    @Override
    public String keepView(String view) {
        return text("keep the view {}", view);
    }

    @Override
    public String renameTable(String table) {
        return text("rename {}", table);
    }

    @Override
    public String deleteTable(String table) {
        return text("delete {}", table);
    }

    @Override
    public String moveTable(String table) {
        return text("move {}", table);
    }

    @Override
    public String fold(String table) {
        return text("fold {}", table);
    }

    @Override
    public String unfold(String table) {
        return text("unfold {}", table);
    }

    @Override
    public String link(String left, String right) {
        return text("link {} with {}", left, right);
    }

    @Override
    public String unlink(String left, String right) {
        return text("unlink {} and {}", left, right);
    }

    @Override
    public String deleteLink(String left, String right) {
        return text("delete the link of {} with {}", left, right);
    }

    @Override
    public String lookAt(String left, String right) {
        return text("show {} and {}", left, right);
    }

    @Override
    public String chooseKind(JoinKind kind) {
        return text("choose {}", names.join(kind));
    }

    @Override
    public String chooseNatural(JoinKind kind) {
        return text("choose a natural {} join", names.kind(kind));
    }

    @Override
    public String joinByLink() {
        return "join by the link";
    }

    @Override
    public String changeQuery() {
        return "change the query";
    }

    @Override
    public String change(QueryChange change) {
        return switch (change) {
            case QueryChange.OfKind(int _, JoinKind kind, var _) -> chooseKind(kind);
            case QueryChange.AddCondition _ -> "add a condition";
            case QueryChange.ChangeCondition _ -> "change a condition";
            case QueryChange.DropCondition _ -> "remove a condition";
            case QueryChange.SendCondition(var _, int _, ConditionSite to) ->
                to instanceof ConditionSite.Where ? "move a condition to WHERE" : "move a condition to ON";
            case QueryChange.Show _ -> "select columns";
            case QueryChange.SortBy _ -> "sort";
            case QueryChange.First _ -> "limit the rows";
            case QueryChange.AddTable _ -> "join another table";
            case QueryChange.DropTable _ -> "remove a table";
            case QueryChange.Swap _ -> "swap the sides";
            case QueryChange.Call(int _, Name alias) -> text("name a table {}", alias.text());
        };
    }

    @Override
    public String fixKey(String key, String table) {
        return text("fix {} in {}", key, table);
    }

    @Override
    public String retype(String column, String table, Type type) {
        return text("make {} of {} {}", column, table, names.type(type));
    }

    @Override
    public String resize(String table, Column to) {
        return text("make {} of {} {}", to.name(), table, names.type(to.type(), to.size()));
    }

    @Override
    public String generateRows(long rows, String table) {
        return text("generate {} of {}", counted(rows, "row"), table);
    }

    @Override
    public String setUp(String situation) {
        return text("set up {}", situation);
    }

    @Override
    public String changeNote() {
        return "change the speaker notes";
    }

    @Override
    public String changeHandedNote() {
        return "change the note for learners";
    }

    @Override
    public String changeSceneTitle() {
        return "change the title of the scene";
    }

    @Override
    public String changeStart() {
        return "change how the scene opens";
    }

    @Override
    public String changeQuestion() {
        return "change the question of the scene";
    }

    @Override
    public String keepScene() {
        return "keep the show as a scene";
    }

    private static String called(SceneNames scenes) {
        if (scenes.count() > 1) return text("{} scenes", scenes.count());
        return scenes.title().map(title -> text("scene {} (“{}”)", scenes.first(), title))
                .orElseGet(() -> text("scene {}", scenes.first()));
    }

    @Override
    public String putBack() {
        return "put the scene back as it was";
    }

    @Override
    public String repeatScenes(SceneNames scenes) {
        return text("duplicate {}", called(scenes));
    }

    @Override
    public String moveScenes(SceneNames scenes) {
        return text("move {}", called(scenes));
    }

    @Override
    public String deleteScenes(SceneNames scenes) {
        return text("delete {}", called(scenes));
    }

    @Override
    public String bringInScenes(int scenes, String lesson) {
        return text("bring in {} of “{}”", counted(scenes, "scene"), lesson);
    }

    @Override
    public String keepMinutes() {
        return "note how long the scenes take";
    }

    @Override
    public String beginOwnTables() {
        return "give the scene its own tables";
    }

    @Override
    public String dropOwnTables() {
        return "show the lesson’s tables in the scene";
    }

    @Override
    public String dropUnfit() {
        return "drop what no longer fits";
    }

    @Override
    public String takeIntoLesson() {
        return "take the scene’s tables into the lesson";
    }

    @Override
    public String changeTitle() {
        return "change the title";
    }

    @Override
    public String unmatchedLeft() {
        return "an unmatched left row";
    }

    @Override
    public String unmatchedRight() {
        return "an unmatched right row";
    }

    @Override
    public String repeatedKey() {
        return "a repeated key";
    }

    @Override
    public String nullKey() {
        return "a NULL key";
    }

    @Override
    public String keySpelledDifferently() {
        return "a key spelled differently";
    }

    @Override
    public String everyKeyTheSame() {
        return "every key the same";
    }

    @Override
    public String parentDeleted() {
        return "a deleted parent";
    }

    @Override
    public String newUnmatched(int row, String table, String other, String key) {
        return text("Row {} of {} is new: no row of {} has the key {}.", row, table, other, key);
    }

    @Override
    public String newRepeated(int row, String table, String key, int of) {
        return text("Row {} of {} is new: it has the key {}, like row {}.", row, table, key, of);
    }

    @Override
    public String newNull(int row, String table) {
        return text("Row {} of {} is new: its key is NULL.", row, table);
    }

    @Override
    public String nowSpelled(int row, String table, String now, String match) {
        return text("Row {} of {} has {} now, and its match {}.", row, table, now, match);
    }

    @Override
    public String nowTheSame(String key) {
        return text("Every row of both tables has the key {} now: each matches each.", key);
    }

    @Override
    public String nowOrphans(List<Integer> rows, String table, String key, String children) {
        String numbers = Say.list(rows.stream().map(String::valueOf).toList());
        return text(rows.size() == 1
                ? "Row {} of {}, with the key {}, is deleted. The rows of {} that referred to it are orphans now."
                : "Rows {} of {}, with the key {}, are deleted. The rows of {} that referred to them are orphans now.",
                numbers, table, key, children);
    }
}
