package lunko.desktop.lesson;

import static lunko.desktop.words.Spoken.words;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lunko.desktop.work.Work;
import lunko.engine.JoinResult;
import lunko.exchange.Imported;
import lunko.exchange.Intake;
import lunko.exchange.TableFormat;
import lunko.exchange.TableText;
import lunko.exchange.Written;
import lunko.exchange.csv.CsvWriter;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.TableEdit;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.table.Table;

/**
 * Brings tables in from files and the clipboard, and tables and results out to them, asking for the file where none is
 * named.
 */
public final class TableFiles {
    private static final FileChooser.ExtensionFilter CSV = filter(words().lesson().csvFiles(), TableFormat.CSV);
    private static final FileChooser.ExtensionFilter TABLES =
            filter(words().lesson().tableFiles(), TableFormat.values());

    /** Where a person looks at how a file is to be read, before its tables are taken. */
    @FunctionalInterface
    public interface Desk {
        /** Shows a file; its tables will come in the place of one that is there, or beside them. */
        void show(Intake intake, Optional<String> inPlaceOf);
    }

    private final LessonFiles lessons;
    private final LessonModel model;
    private final Work work;
    private final Supplier<Window> window;
    private Desk desk =
            (intake, inPlaceOf) -> intake.tables().handle(brought -> take(brought, inPlaceOf), this::refuse);
    private Optional<File> folder = Optional.empty();

    /** Files for a model; the window is asked for when a dialog needs an owner. */
    public TableFiles(LessonModel model, Work work, Supplier<Window> window, LessonFiles lessons) {
        this.lessons = lessons;
        this.model = model;
        this.work = work;
        this.window = window;
    }

    private void refuse(Problem problem) {
        model.say(problem);
    }

    private static FileChooser.ExtensionFilter filter(String title, TableFormat... formats) {
        return new FileChooser.ExtensionFilter(title, Stream.of(formats).flatMap(format -> format.endings().stream())
                .map(ending -> "*" + ending).toList());
    }

    /** Has files looked at there from now on; without a desk they are taken as they seem to be. */
    public void lookAtThemAt(Desk there) {
        desk = there;
    }

    /** Opens a file: a lesson as one, tables beside those that are there or in the place of one. */
    public void open(Path file, Optional<String> inPlaceOf) {
        if (LessonFile.is(file)) {
            lessons.open(file);
            return;
        }
        work.start(words().lesson().reading(String.valueOf(file.getFileName())), watch -> Intake.of(file, watch),
                (Checked<Intake> read) -> read.handle(intake -> {
                    switch (intake) {
                        case Intake.Plain(_, Imported brought) -> take(brought, inPlaceOf);
                        case Intake.OfText _,Intake.OfSheets _ -> desk.show(intake, inPlaceOf);
                    }
                }, model::say));
    }

    /** Opens what was dropped somewhere: the first file, because each may ask something, and says so of the others. */
    public void dropped(List<Path> files, Optional<String> inPlaceOf) {
        open(files.getFirst(), inPlaceOf);
        if (files.size() > 1) model.say(new Notice.Success(
                words().lesson().onlyFirst(String.valueOf(files.getFirst().getFileName()), files.size())));
    }

    /** Takes tables in, beside those that are there or in the place of one, and says what was left out. */
    public void take(Imported brought, Optional<String> inPlaceOf) {
        TableSet set = brought.set();
        boolean done = model.edit(inPlaceOf.<TableEdit>map(table -> new TableEdit.Replace(table, set))
                .orElseGet(() -> new TableEdit.BringIn(set)));
        if (done && !brought.notes().isEmpty()) model.say(new Notice.Success(String.join(" ",
                brought.notes().stream().map(note -> note.said(words())).toList())));
    }

    /** Brings in the tables that were copied somewhere, the first in the place of one that is there if one is named. */
    public void paste(Optional<String> inPlaceOf) {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        TableText.read(Optional.ofNullable(clipboard.getHtml()), Optional.ofNullable(clipboard.getString()).orElse(""))
                .handle(
                        tables -> take(tables, inPlaceOf), this::refuse);
    }

    /** Copies a table, for a spreadsheet, a page or Lunko itself. */
    public void copy(Table table) {
        ClipboardContent content = new ClipboardContent();
        content.putString(TableText.tabbed(table));
        content.putHtml(TableText.html(table));
        Clipboard.getSystemClipboard().setContent(content);
        model.say(new Notice.Success(
                words().lesson().tableCopied(table.name())));
    }

    /** Writes the whole result, whatever step is at hand, to a CSV file. */
    public void save(JoinResult outcome, Path file) {
        work.start(words().lesson().writing(String.valueOf(file.getFileName())),
                watch -> new CsvWriter(outcome).write(file, watch),
                (Checked<Long> written) -> written.handle(
                        rows -> model.say(new Notice.Success(
                                words().lesson().rowsSaved(rows, file.toString()))),
                        this::refuse));
    }

    /** Writes the tables of the lesson to a file, of the kind that its name says. */
    public void save(TableSet set, Path file) {
        work.start(words().lesson().writing(String.valueOf(file.getFileName())),
                watch -> TableFormat.write(set, file, words(), watch),
                (Checked<Written> saved) -> saved.handle(written -> model.say(new Notice.Success(
                        (words().lesson().tablesSaved(written.file().toString()) + " " + written.said(words().files()))
                                .strip())),
                        this::refuse));
    }

    /** Asks for a file and opens it. */
    public void chooseAndOpen(Optional<String> inPlaceOf) {
        FileChooser chooser =
                chooser(inPlaceOf.map(table -> words().lesson().replaceTitle(table))
                        .orElse(words().lesson().importTitle()),
                        List.of(TABLES));
        chosen(chooser.showOpenDialog(window.get())).ifPresent(file -> open(file, inPlaceOf));
    }

    void chooseAndSave(JoinResult outcome) {
        FileChooser chooser = chooser(words().lesson().saveResultTitle(), List.of(CSV));
        chooser.setInitialFileName(outcome.join().left().title() + "-" + outcome.join().right().title() + ".csv");
        chosen(chooser.showSaveDialog(window.get())).ifPresent(file -> save(outcome, file));
    }

    /** Asks for a file and writes tables to it. */
    public void chooseAndSave(TableSet set) {
        FileChooser chooser = chooser(words().lesson().saveTablesTitle(),
                Stream.of(TableFormat.values()).filter(TableFormat::isWritten)
                        .map(format -> filter(words().lesson().fileKind(format.kind()), format)).toList());
        chooser.setInitialFileName(
                set.tables().size() == 1 ? set.tables().getFirst().name() : model.lesson().get().title());
        chosen(chooser.showSaveDialog(window.get())).map(file -> ending(file, chooser.getSelectedExtensionFilter()))
                .ifPresent(file -> save(set, file));
    }

    /** A file whose name does not say of which kind it is gets the ending that was chosen. */
    private static Path ending(Path file, FileChooser.ExtensionFilter chosen) {
        boolean says = Stream.of(TableFormat.values()).flatMap(format -> format.endings().stream())
                .anyMatch(file.toString().toLowerCase(Locale.ROOT)::endsWith);
        String ending = chosen == null ? "*" : chosen.getExtensions().getFirst();
        return says || !ending.startsWith("*.") || ending.equals("*.*") ? file
                : file.resolveSibling(file.getFileName() + ending.substring(1));
    }

    private FileChooser chooser(String title, List<FileChooser.ExtensionFilter> files) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(files);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(words().lesson().allFiles(), "*.*"));
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }

    private Optional<Path> chosen(File file) {
        if (file == null) return Optional.empty();
        folder = Optional.ofNullable(file.getParentFile());
        return Optional.of(file.toPath());
    }
}
