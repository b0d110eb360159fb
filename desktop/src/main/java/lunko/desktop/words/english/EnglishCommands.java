package lunko.desktop.words.english;

import static java.util.Map.entry;
import static lunko.words.english.Say.text;

import java.util.Map;
import lunko.desktop.words.CommandWords;
import lunko.query.JoinKind;
import lunko.words.Names;

/** What the command line says, in English. */
record EnglishCommands(Names names) implements CommandWords {
    private static final String EXAMPLES = """
              lunko bees.lunko
              lunko hives.csv keepers.xlsx
              lunko convert bees.xlsx bees.sql
              lunko run bees.lunko
              lunko query --table hives=hives.csv "SELECT COUNT(*) FROM hives"
              lunko query --steps --table h=h.csv "SELECT * FROM h a CROSS JOIN h b"
              lunko picture --scene 5 -o scene5.png bees.lunko
              lunko handout --as worksheet --variants 3 -o sheets bees.lunko
              lunko page -o bees.html bees.lunko""".indent(2).stripTrailing();

    @Override
    public Map<String, String> help() {
        return Map.ofEntries(entry("lunko.usage.description", "Shows how joins produce their results, step by step."),
                entry("lunko.usage.footer",
                        "%nWithout files it opens the demo lesson. The exit code is 0, 1 for a problem,"
                                + " 2 for wrong usage.%n%nExamples:%n" + EXAMPLES),
                entry("lunko.files", "The file of the left table and that of the right table, or one with both: CSV,"
                        + " TSV, XLSX, ODS, SQL, Markdown, HTML or a Tabular Data Package; FILE#TABLE for"
                        + " one of several tables in it."),
                entry("files", "A lesson, or the files of the left and the right table; the demo lesson by default."),
                entry("lunko.convert.usage.description",
                        "Reads the tables of files and writes them to one; the file names say of which "
                                + "kind they are."),
                entry("lunko.convert.demo", "Use the demo lesson instead of files to read."),
                entry("lunko.convert.files",
                        "Files to read, and the one to write: .csv, .tsv, .xlsx, .ods, .sql, .md, .zip "
                                + "(Tabular Data Package), .lunko (a lesson); .html is read only. FILE#TABLE "
                                + "means one of several tables."),
                entry("lunko.picture.usage.description",
                        "Writes the window as a PNG file, of the demo lesson or of tables in files."),
                entry("lunko.picture.kind",
                        "The kind of join: inner, left, right, full, cross, left semi, right semi, left"
                                + " anti, right anti or full anti."),
                entry("lunko.picture.mode", "What to show: ${COMPLETION-CANDIDATES}."),
                entry("lunko.picture.course", "A lesson that comes along, in the place of files: "
                        + "${COMPLETION-CANDIDATES}."),
                entry("lunko.picture.scene",
                        "The scene of the lesson to show; by default the one that was saved last."),
                entry("lunko.picture.beside", "What to show beside the stage: ${COMPLETION-CANDIDATES}."),
                entry("lunko.picture.theme", "The colours: ${COMPLETION-CANDIDATES}."),
                entry("lunko.picture.step", "The step to show; by default the last one."),
                entry("lunko.picture.size", "The size in pixels; by default 1280x800."),
                entry("lunko.picture.on", "The left and the right column to match; may be repeated."),
                entry("lunko.picture.natural", "Match all columns of the same name."),
                entry("way", "How rows are matched: ${COMPLETION-CANDIDATES}. The result is the same."),
                entry("lunko.picture.query", "The query to show, as SQL, instead of the join of two tables."),
                entry("lunko.picture.sheet", "What to show instead of the stage: ${COMPLETION-CANDIDATES}."),
                entry("lunko.picture.output", "The PNG file to write."),
                entry("lunko.picture.files", "The files of the left and the right table."),
                entry("lunko.handout.usage.description",
                        "Writes what learners are given of a lesson: one file, or a folder with several."),
                entry("lunko.handout.as", "What to write: ${COMPLETION-CANDIDATES}."),
                entry("scenes", "The scenes to take, such as 1,3-5; by default all of them."),
                entry("lunko.handout.of", "What pictures are of: ${COMPLETION-CANDIDATES}."),
                entry("lunko.handout.paper", "The paper of pages: ${COMPLETION-CANDIDATES}."),
                entry("lunko.handout.look",
                        "The colours: ${COMPLETION-CANDIDATES}; papers are black on white by default."),
                entry("lunko.handout.missing",
                        "What is left out of the queries of a worksheet, to be filled in: ${COMPLETION-CANDIDATES};"
                                + " several with commas."),
                entry("lunko.handout.variants",
                        "How many worksheets to make, called A, B, C and so on, each with its rows dealt anew."),
                entry("lunko.handout.width", "The width of a moving picture in pixels; by default 800."),
                entry("lunko.handout.scale", "The pixels of a picture for each of its points; by default 2."),
                entry("lunko.handout.seconds", "How long each step of a moving picture is seen; by default 1."),
                entry("lunko.handout.steps",
                        "The steps of a moving picture: ${COMPLETION-CANDIDATES}, which brings a row into a result."),
                entry("lunko.handout.for", "The database that a script is for: ${COMPLETION-CANDIDATES}."),
                entry("replace", "Replace files that are there already."),
                entry("lunko.handout.output", "The file to write, or the folder, where there are several."),
                entry("without-answers", "Learners may not have the answers shown on a page."),
                entry("lunko.page.usage.description",
                        "Writes a lesson as a page for learners: one HTML file that works without a network."),
                entry("lunko.page.output", "The HTML file to write."),
                entry("lunko.query.usage.description", "Runs one SQL query over tables in files."),
                entry("lunko.query.table",
                        "The name of a table, and its file: CSV, TSV, XLSX, ODS, SQL, Markdown, HTML or"
                                + " a Tabular Data Package; FILE#TABLE for one of several tables in it. May be "
                                + "repeated."),
                entry("lunko.query.query", "The query."),
                entry("format", "How results are printed: ${COMPLETION-CANDIDATES}."),
                entry("steps", "Also print how each result comes about, step by step, and why."),
                entry("lunko.run.usage.description",
                        "Runs an SQL script, or the queries of all scenes of a lesson, and prints each result."),
                entry("lunko.run.keep-going", "Continue with the next statement after a problem."),
                entry("lunko.run.file", "The script, in UTF-8, or a lesson; - reads a script from standard input."),
                entry("lunko.rehearse.usage.description", "Opens the window on no display and closes it again."),
                entry("mixinStandardHelpOptions.help", "Show this help message and exit."),
                entry("mixinStandardHelpOptions.version", "Print version information and exit."));
    }

    @Override
    public String twoFilesAtMost(long files) {
        return text("Lunko joins two tables: name one or two files, not {}.", files);
    }

    @Override
    public String nameFiles() {
        return "Name the files to read and the one to write, or --demo and the one to write.";
    }

    @Override
    public String sizeFormat() {
        return "write a size as 1280x800, each number from 400 to 8000";
    }

    @Override
    public String noKind(String kind, String kinds) {
        return text("there is no kind “{}”; the kinds are {}", kind, kinds);
    }

    @Override
    public String noCourse(String course, String courses) {
        return text("there is no lesson “{}”; those that come along are {}", course, courses);
    }

    @Override
    public String pairFormat() {
        return "write the columns to match as left_column=right_column";
    }

    @Override
    public String tryThis(String fix) {
        return text("  try: {}", fix);
    }

    @Override
    public String noDisplay(String lesson) {
        return text("There is no display here, so this is “{}” in words and pictures.", lesson);
    }

    @Override
    public String makingPictures() {
        return "Making pictures of the window…";
    }

    @Override
    public String picturesAre(String folder) {
        return text("The pictures are in {}", folder);
    }

    @Override
    public String moreSteps(long steps) {
        return text("      … {} more steps …", steps);
    }

    @Override
    public String heading(JoinKind kind) {
        return text("{} join", names.kind(kind));
    }
}
