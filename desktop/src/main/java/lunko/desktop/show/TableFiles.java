package lunko.desktop.show;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lunko.desktop.work.Work;
import lunko.engine.Outcome;
import lunko.exchange.TableFormat;
import lunko.exchange.TableText;
import lunko.exchange.csv.CsvWriter;
import lunko.exchange.lesson.LessonFile;
import lunko.lesson.Edit;
import lunko.query.Side;
import lunko.table.Table;

/** Brings tables in from files and results out to them, asking for the file where none is named. */
public final class TableFiles {
    private static final FileChooser.ExtensionFilter CSV = filter("CSV files", TableFormat.CSV);
    private static final FileChooser.ExtensionFilter TABLES = filter("Files with tables", TableFormat.values());

    private final LessonFiles lessons;
    private final ShowModel model;
    private final Work work;
    private final Supplier<Window> window;
    private Optional<File> folder = Optional.empty();

    /** Files for a model; the window is asked for when a dialog needs an owner. */
    public TableFiles(ShowModel model, Work work, Supplier<Window> window, LessonFiles lessons) {
        this.lessons = lessons;
        this.model = model;
        this.work = work;
        this.window = window;
    }

    private static FileChooser.ExtensionFilter filter(String title, TableFormat... formats) {
        return new FileChooser.ExtensionFilter(title, Stream.of(formats).flatMap(format -> format.endings().stream())
                .map(ending -> "*" + ending).toList());
    }

    /** Opens a file as the table of a side; of several tables in it, the first, the others on the shelf. A lesson is opened as one. */
    public void open(Side side, Path file) {
        if (LessonFile.is(file)) {
            lessons.open(file);
            return;
        }
        work.start("Reading " + file.getFileName(), _ -> TableFormat.read(file), read -> read.handle(
                tables -> take(side, file, tables), problem -> model.say(new Notice.Trouble(problem))));
    }

    /** Puts the table that was copied somewhere in the place of that of a side. */
    void paste(Side side) {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        TableText.read(Optional.ofNullable(clipboard.getHtml()), Optional.ofNullable(clipboard.getString()).orElse("")).handle(
                tables -> model.edit(new Edit.BringIn(side, tables)), problem -> model.say(new Notice.Trouble(problem)));
    }

    /** Copies the table of a side, for a spreadsheet, a page or Lunko itself. */
    void copy(Side side) {
        Table table = model.showing().get().lesson().table(side);
        ClipboardContent content = new ClipboardContent();
        content.putString(TableText.tabbed(table));
        content.putHtml(TableText.html(table));
        Clipboard.getSystemClipboard().setContent(content);
        model.say(new Notice.Success("Copied " + table.name() + ": paste it into a spreadsheet, a page, or another lesson."));
    }

    private void take(Side side, Path file, List<Table> tables) {
        model.edit(new Edit.BringIn(side, tables));
        if (tables.size() > 1) {
            model.say(new Notice.Success("Opened " + tables.getFirst().name() + " of " + file.getFileName() + ", and put on the shelf: "
                    + tables.stream().skip(1).map(Table::name).collect(Collectors.joining(", ")) + "."));
        }
    }

    /** Writes the whole result, whatever step is at hand, to a CSV file. */
    public void save(Outcome outcome, Path file) {
        work.start("Writing " + file.getFileName(), watch -> new CsvWriter(outcome).write(file, watch), written ->
                written.handle(
                        rows -> model.say(new Notice.Success("Saved " + rows + (rows == 1 ? " row" : " rows") + " to " + file + ".")),
                        problem -> model.say(new Notice.Trouble(problem))));
    }

    void chooseAndOpen(Side side) {
        FileChooser chooser = chooser("Open a file as the " + side.title() + " table", TABLES);
        chosen(chooser.showOpenDialog(window.get())).ifPresent(file -> open(side, file));
    }

    void chooseAndSave() {
        model.showing().get().outcome().ifPresent(outcome -> {
            FileChooser chooser = chooser("Save the result as CSV", CSV);
            chooser.setInitialFileName(outcome.plan().left().name() + "-" + outcome.plan().right().name() + ".csv");
            chosen(chooser.showSaveDialog(window.get())).ifPresent(file -> save(outcome, file));
        });
    }

    private FileChooser chooser(String title, FileChooser.ExtensionFilter files) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(files, new FileChooser.ExtensionFilter("All files", "*.*"));
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }

    private Optional<Path> chosen(File file) {
        if (file == null) return Optional.empty();
        folder = Optional.ofNullable(file.getParentFile());
        return Optional.of(file.toPath());
    }
}
