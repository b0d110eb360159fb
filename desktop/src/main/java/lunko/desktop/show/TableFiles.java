package lunko.desktop.show;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import lunko.desktop.work.Work;
import lunko.engine.Outcome;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.CsvWriter;
import lunko.lesson.Edit;
import lunko.query.Side;

/** Brings tables in from files and results out to them, asking for the file where none is named. */
public final class TableFiles {
    private static final FileChooser.ExtensionFilter CSV = new FileChooser.ExtensionFilter("CSV files", "*.csv");

    private final ShowModel model;
    private final Work work;
    private final Supplier<Window> window;
    private Optional<File> folder = Optional.empty();

    /** Files for a model; the window is asked for when a dialog needs an owner. */
    public TableFiles(ShowModel model, Work work, Supplier<Window> window) {
        this.model = model;
        this.work = work;
        this.window = window;
    }

    /** Opens a CSV file as the table of a side. */
    public void open(Side side, Path file) {
        work.start("Reading " + file.getFileName(), _ -> CsvReader.read(file), read -> read.handle(
                table -> model.edit(new Edit.ReplaceTable(side, table)),
                problem -> model.say(new Notice.Trouble(problem))));
    }

    /** Writes the whole result, whatever step is at hand, to a CSV file. */
    public void save(Outcome outcome, Path file) {
        work.start("Writing " + file.getFileName(), watch -> new CsvWriter(outcome).write(file, watch), written ->
                written.handle(
                        rows -> model.say(new Notice.Success("Saved " + rows + (rows == 1 ? " row" : " rows") + " to " + file + ".")),
                        problem -> model.say(new Notice.Trouble(problem))));
    }

    void chooseAndOpen(Side side) {
        FileChooser chooser = chooser("Open a CSV file as the " + side.title() + " table");
        chosen(chooser.showOpenDialog(window.get())).ifPresent(file -> open(side, file));
    }

    void chooseAndSave() {
        model.showing().get().outcome().ifPresent(outcome -> {
            FileChooser chooser = chooser("Save the result as CSV");
            chooser.setInitialFileName(outcome.plan().left().name() + "-" + outcome.plan().right().name() + ".csv");
            chosen(chooser.showSaveDialog(window.get())).ifPresent(file -> save(outcome, file));
        });
    }

    private FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().addAll(CSV, new FileChooser.ExtensionFilter("All files", "*.*"));
        folder.filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        return chooser;
    }

    private Optional<Path> chosen(File file) {
        if (file == null) return Optional.empty();
        folder = Optional.ofNullable(file.getParentFile());
        return Optional.of(file.toPath());
    }
}
