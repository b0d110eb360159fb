package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.desktop.words.LessonWords;
import lunko.problem.FileKind;
import lunko.query.Side;
import lunko.words.Names;

/** What is said of a lesson and its files, in English. */
record EnglishLessons(Names names) implements LessonWords {

    @Override
    public String open() {
        return "Open a lesson…";
    }

    @Override
    public String newLesson() {
        return "New lesson";
    }

    @Override
    public String openCourse(String title) {
        return text("Open “{}”", title);
    }

    @Override
    public String save() {
        return "Save the lesson";
    }

    @Override
    public String saveAs() {
        return "Save the lesson under another name…";
    }

    @Override
    public String importTables() {
        return "Import tables…";
    }

    @Override
    public String saveTables() {
        return "Save all tables as…";
    }

    @Override
    public String saveResult() {
        return "Save the result as CSV…";
    }

    @Override
    public String undo() {
        return "Undo";
    }

    @Override
    public String redo() {
        return "Redo";
    }

    @Override
    public String undoOf(String change) {
        return text("Undo {}", change);
    }

    @Override
    public String redoOf(String change) {
        return text("Redo {}", change);
    }

    @Override
    public String undoUnfinished() {
        return "Undo: what is typed and cannot run";
    }

    @Override
    public String openAs(Side side) {
        return text("Open a file as the {} table…", names.side(side));
    }

    @Override
    public String reading(String file) {
        return text("Reading {}", file);
    }

    @Override
    public String writing(String file) {
        return text("Writing {}", file);
    }

    @Override
    public String yes() {
        return "Save";
    }

    @Override
    public String doNotSave() {
        return "Do not save";
    }

    @Override
    public String changesLost() {
        return "Otherwise the changes are lost.";
    }

    @Override
    public String saveChanges(String lesson) {
        return text("Save the changes to “{}”?", lesson);
    }

    @Override
    public String saved(String file) {
        return text("Saved the lesson to {}.", file);
    }

    @Override
    public String openTitle() {
        return "Open a lesson";
    }

    @Override
    public String saveTitle() {
        return "Save the lesson";
    }

    @Override
    public String lessons() {
        return "Lessons";
    }

    @Override
    public String allFiles() {
        return "All files";
    }

    @Override
    public String csvFiles() {
        return "CSV files";
    }

    @Override
    public String tableFiles() {
        return "Files with tables";
    }

    @Override
    public String fileKind(FileKind kind) {
        return names.file(kind);
    }

    @Override
    public String onlyFirst(String file, long files) {
        return text("Only {} is taken of {} files: drop the others one by one.", file, files);
    }

    @Override
    public String tableCopied(String table) {
        return text("Copied {}: paste it into a spreadsheet, a page, or another lesson.", table);
    }

    @Override
    public String rowsSaved(long rows, String file) {
        return text("Saved {} to {}.", counted(rows, "row"), file);
    }

    @Override
    public String tablesSaved(String file) {
        return text("Saved the tables to {}.", file);
    }

    @Override
    public String replaceTitle(String table) {
        return text("Open a file to replace {}", table);
    }

    @Override
    public String importTitle() {
        return "Import tables";
    }

    @Override
    public String saveResultTitle() {
        return "Save the result as CSV";
    }

    @Override
    public String saveTablesTitle() {
        return "Save tables";
    }

    @Override
    public String endedUnsaved(String lesson) {
        return text("Lunko ended while “{}” had unsaved changes.", lesson);
    }

    @Override
    public String recover() {
        return "Recover them";
    }

    @Override
    public String title(String lesson, boolean changed) {
        return text(changed ? "{} (changed) – Lunko" : "{} – Lunko", lesson);
    }

    @Override
    public String recent(String file, String folder) {
        return text("{}   in {}", file, folder);
    }

    @Override
    public String lesson() {
        return "Lesson";
    }
}
