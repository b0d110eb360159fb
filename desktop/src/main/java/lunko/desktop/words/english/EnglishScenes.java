package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.Optional;
import lunko.desktop.words.SceneWords;
import lunko.table.Column;
import lunko.words.Names;

/** What is said of scenes, in English. */
record EnglishScenes(Names names) implements SceneWords {

    @Override
    public String next() {
        return "The next scene";
    }

    @Override
    public String before() {
        return "The scene before";
    }

    @Override
    public String place(int number, int all) {
        return text("{} of {}", number, all);
    }

    @Override
    public String called(int number, String title) {
        return title.isBlank() ? text("Scene {}", number) : title;
    }

    @Override
    public String numbered(int number, String title) {
        return title.isBlank() ? called(number, title) : text("{}. {}", number, title);
    }

    @Override
    public String outline() {
        return "All scenes";
    }

    @Override
    public String keepShow() {
        return "Keep the show as a scene";
    }

    @Override
    public String repeat() {
        return "Duplicate the selected scenes";
    }

    @Override
    public String delete() {
        return "Delete the selected scenes";
    }

    @Override
    public String moveUp() {
        return "Move the selected scenes up";
    }

    @Override
    public String moveDown() {
        return "Move the selected scenes down";
    }

    @Override
    public String showMistake() {
        return "Show a mistake…";
    }

    @Override
    public String mistakes() {
        return "Show a mistake";
    }

    @Override
    public String mistakesAbout() {
        return "Adds two scenes on these tables: what goes wrong, and the same mended. Undo takes them back.";
    }

    @Override
    public String addScenes() {
        return "Add scenes";
    }

    @Override
    public String bringIn() {
        return "Bring in scenes…";
    }

    @Override
    public String show() {
        return "Show the scene";
    }

    @Override
    public String changeTitle() {
        return "Change the title of the scene";
    }

    @Override
    public String presentFrom(int number) {
        return text("Present from scene {}", number);
    }

    @Override
    public String total(int scenes, long minutes) {
        return minutes == 0 ? counted(scenes, "scene")
                : text("{}, about {}", counted(scenes, "scene"), counted(minutes, "minute"));
    }

    @Override
    public String rows(long rows) {
        return counted(rows, "row");
    }

    @Override
    public String cannotRun() {
        return "cannot run";
    }

    @Override
    public String ownTables() {
        return "own tables";
    }

    @Override
    public String title() {
        return "Title";
    }

    @Override
    public String note() {
        return "The speaker’s note";
    }

    @Override
    public String notePrompt() {
        return "what to say, as Markdown";
    }

    @Override
    public String handed() {
        return "A note for learners";
    }

    @Override
    public String handedPrompt() {
        return "What learners read on the page they are given";
    }

    @Override
    public String opens() {
        return "Opens";
    }

    @Override
    public String atStart() {
        return "at the start";
    }

    @Override
    public String atStep(long step) {
        return text("at step {}", step);
    }

    @Override
    public String atEnd() {
        return "at the end";
    }

    @Override
    public String way() {
        return "How rows are matched when the scene opens";
    }

    @Override
    public String picture() {
        return "The picture beside the stage when the scene opens";
    }

    @Override
    public String tables() {
        return "Tables";
    }

    @Override
    public String lessons() {
        return "the lesson’s";
    }

    @Override
    public String ofItsOwn() {
        return "this scene’s own";
    }

    @Override
    public String nothingDiffers() {
        return "Nothing differs yet: what you change while this scene is shown will stay in it.";
    }

    @Override
    public String differs(int count) {
        return text("{} from the lesson’s tables:", counted(count, "difference"));
    }

    @Override
    public String unfit(int count) {
        return count == 1 ? "One difference no longer fits, because the lesson’s tables have changed:"
                : text("{} differences no longer fit, because the lesson’s tables have changed:", count);
    }

    @Override
    public String take() {
        return "Take them into the lesson";
    }

    @Override
    public String drop() {
        return "Drop them";
    }

    @Override
    public String dropUnfit() {
        return "Drop what no longer fits";
    }

    @Override
    public String moreDiffer(int more) {
        return text("and {} more", more);
    }

    @Override
    public String ofTable(String table, String differs) {
        return text("{} {}", table, differs);
    }

    @Override
    public String cell(Optional<Integer> row, String column, String was, String now) {
        return row.map(number -> text("row {} {}: {} → {}", number, column, was, now))
                .orElseGet(() -> text("a deleted row, {}: {} → {}", column, was, now));
    }

    @Override
    public String rowGone(Optional<Integer> row, String values) {
        return row.map(number -> text("row {} deleted: {}", number, values))
                .orElseGet(() -> text("row deleted: {}", values));
    }

    @Override
    public String rowAdded(String values) {
        return text("row added: {}", values);
    }

    @Override
    public String columnGone(String column) {
        return text("column {} deleted", column);
    }

    @Override
    public String columnAdded(String column) {
        return text("column {} added", column);
    }

    @Override
    public String columnOther(Column was, Column now) {
        if (was.type() != now.type() || !was.size().equals(now.size()))
            return text("column {}: {} → {}", was.name(), names.type(was.type(), was.size()),
                    names.type(now.type(), now.size()));
        if (was.key() != now.key())
            return now.key() ? text("column {} is a key", now.name()) : text("column {} is no key", now.name());
        if (was.nullable() != now.nullable()) return now.nullable() ? text("column {} may be NULL", now.name())
                : text("column {} may not be NULL", now.name());
        return text("column {} → {}", was.name(), now.name());
    }

    @Override
    public String scenesOf(String lesson) {
        return text("Scenes of “{}”", lesson);
    }

    @Override
    public String broughtWith() {
        return "The tables that they need come with them.";
    }

    @Override
    public String take(int scenes) {
        return text("Bring in {}", counted(scenes, "scene"));
    }
}
