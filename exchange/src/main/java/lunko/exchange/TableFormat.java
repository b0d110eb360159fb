package lunko.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import lunko.exchange.csv.CsvReader;
import lunko.exchange.csv.CsvText;
import lunko.exchange.file.DiskStream;
import lunko.exchange.file.SafeZip;
import lunko.exchange.file.SourceText;
import lunko.exchange.file.Watch;
import lunko.exchange.file.WholeFile;
import lunko.exchange.pack.DataPackage;
import lunko.exchange.page.MarkdownText;
import lunko.exchange.page.PageTables;
import lunko.exchange.sheet.OpenDocumentReader;
import lunko.exchange.sheet.OpenDocumentWriter;
import lunko.exchange.sheet.WorkbookReader;
import lunko.exchange.sheet.WorkbookWriter;
import lunko.exchange.sql.ScriptReader;
import lunko.exchange.sql.ScriptWriter;
import lunko.lesson.TableSet;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.FileKind;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.words.Language;

/** The kinds of file that tables are read from and written to. */
public enum TableFormat {
    /** Comma-separated values (RFC 4180); one table. */
    CSV(FileKind.CSV, ".csv", ".txt") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return Intake.text(file, CsvReader.read(file, watch));
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            writeText(out, text -> CsvText.of(text, ',').table(set.tables().getFirst()));
        }
    },
    /** Values with tabs between them; one table. */
    TSV(FileKind.TSV, ".tsv", ".tab") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return Intake.text(file, CsvReader.read(file, watch));
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            writeText(out, text -> CsvText.of(text, '\t').table(set.tables().getFirst()));
        }
    },
    /** A spreadsheet (ISO/IEC 29500); a table for each sheet. */
    XLSX(FileKind.XLSX, ".xlsx") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return WorkbookReader.read(file, watch).then(sheets -> Intake.sheets(file, sheets));
        }

        @Override
        Optional<? extends Fault> refusal(TableSet set) {
            return WorkbookWriter.refusal(set.tables());
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            WorkbookWriter.write(set.tables(), out);
        }
    },
    /** A spreadsheet (ISO/IEC 26300); a table for each sheet. */
    ODS(FileKind.ODS, ".ods") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return OpenDocumentReader.read(file, watch).then(sheets -> Intake.sheets(file, sheets));
        }

        @Override
        Optional<? extends Fault> refusal(TableSet set) {
            return OpenDocumentWriter.refusal(set.tables());
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            OpenDocumentWriter.write(set.tables(), out);
        }
    },
    /** A script of SQL that makes tables. */
    SQL(FileKind.SQL, ".sql") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return ScriptReader.read(file, watch).map(made -> new Imported(made.set(),
                    made.leftOut().stream().<Imported.Note>map(Imported.Note.LeftOut::new).toList()));
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            writeText(out, text -> ScriptWriter.write(set, text, in.files()));
        }
    },
    /** A Tabular Data Package in a ZIP, or its descriptor in a folder. */
    DATA_PACKAGE(FileKind.DATA_PACKAGE, ".zip", ".json") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            if (!isZip(file)) return ofFolder(file);
            return SafeZip.read(file, watch)
                    .then(zip -> DataPackage.read(file.toString(), name -> Optional.ofNullable(zip.files().get(name))))
                    .map(Imported::of);
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            ZipOutputStream zip = new ZipOutputStream(out);
            for (Map.Entry<String, byte[]> file : DataPackage.files(set).entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue());
                zip.closeEntry();
            }
            zip.finish();
        }
    },
    /** A page of Markdown with tables in it. */
    MARKDOWN(FileKind.MARKDOWN, ".md", ".markdown") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return SourceText.read(file, watch).then(page -> Imported.of(page.source(), PageTables.markdown(page)));
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) throws IOException {
            writeText(out, text -> MarkdownText.write(set.tables(), text));
        }
    },
    /** A web page with tables in it, which is read only. */
    HTML(FileKind.HTML, ".html", ".htm") {
        @Override
        Checked<Imported> bring(Path file, Watch watch) {
            return SourceText.read(file, watch).then(page -> Imported.of(page.source(), PageTables.html(page)));
        }

        @Override
        void write(TableSet set, OutputStream out, Language in) {
            throw new UnsupportedOperationException("web pages are not written");
        }
    };

    private final FileKind kind;
    private final List<String> endings;

    TableFormat(FileKind kind, String... endings) {
        this.kind = kind;
        this.endings = List.of(endings);
    }

    /** The kind of file. */
    public FileKind kind() {
        return kind;
    }

    /** How the names of such files end, the usual ending first. */
    public List<String> endings() {
        return endings;
    }

    /** Whether tables can be written so. */
    public boolean isWritten() {
        return this != HTML;
    }

    private boolean holdsOne() {
        return this == CSV || this == TSV;
    }

    /** The format of a file by its name; CSV where the name does not say. */
    public static TableFormat of(Path file) {
        String name = Objects.toString(file.getFileName(), "").toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(format -> format.endings.stream().anyMatch(name::endsWith)).findFirst()
                .orElse(CSV);
    }

    abstract Checked<Imported> bring(Path file, Watch watch);

    /** Why tables cannot be written so, if they cannot. */
    Optional<? extends Fault> refusal(TableSet set) {
        return Optional.empty();
    }

    abstract void write(TableSet set, OutputStream out, Language in) throws IOException;

    /**
     * The tables in a file, by the format that its name says; a problem if it is damaged, unsafe, too large or has
     * none.
     */
    public static Checked<Imported> read(Path file) {
        return read(file, Watch.NOBODY);
    }

    /** The tables in a file; a problem as well if the watch says stop. */
    public static Checked<Imported> read(Path file, Watch watch) {
        return of(file).bring(file, watch);
    }

    /**
     * Writes tables to a file in the format that its name says, with comments for people in a language; the file is
     * there whole or not at all, and what it does not hold is found by opening it.
     */
    public static Checked<Written> write(TableSet set, Path file, Language in) {
        return write(set, file, in, Watch.NOBODY);
    }

    /** The same; a problem as well if the watch says stop. */
    public static Checked<Written> write(TableSet set, Path file, Language in, Watch watch) {
        TableFormat format = of(file);
        Optional<? extends Fault> refusal = format.refusal(set, file);
        if (refusal.isPresent()) return problem(file, refusal.get());
        return new WholeFile(file).write(draft -> {
            try (OutputStream out = Files.newOutputStream(draft)) {
                format.writeTo(set, out, in);
            }
            return format.bring(draft, watch).either(
                    opened -> Checked.valid(new Written(file, format.losses(set, opened.set()))),
                    problem -> problem.equals(Watch.STOPPED) ? Watch.stopped()
                            : problem(file, new FileFault.NotOpenedAgain(problem.fault())));
        });
    }

    /** Writes tables; throws what the disk has refused as it has said it. */
    void writeTo(TableSet set, OutputStream out, Language in) throws IOException {
        DiskStream.write(out, to -> write(set, to, in));
    }

    /** A file of one table has its name from that of the file. */
    private List<Loss> losses(TableSet set, TableSet opened) {
        return Losses.of(set, !holdsOne() ? opened
                : TableSet.of(opened.tables().getFirst().named(set.tables().getFirst().name())));
    }

    private Optional<? extends Fault> refusal(TableSet set, Path file) {
        if (!isWritten()) return Optional.of(
                new FileFault.KindNotWritten(kind, written()));
        if (this == DATA_PACKAGE && !isZip(file)) return Optional.of(
                new FileFault.DescriptorAlone(written()));
        if (holdsOne() && set.tables().size() != 1)
            return Optional.of(new FileFault.HoldsOneTable(kind, set.tables().size(), written()));
        return refusal(set);
    }

    private static boolean isZip(Path file) {
        return !file.toString().toLowerCase(Locale.ROOT).endsWith(".json");
    }

    private static List<String> written() {
        return Arrays.stream(values()).filter(format -> format.isWritten() && !format.holdsOne())
                .map(format -> format.endings.getFirst()).toList();
    }

    /** Writes text in UTF-8. */
    @FunctionalInterface
    private interface Text {
        void writeTo(Writer text) throws IOException;
    }

    private static void writeText(OutputStream out, Text content) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        content.writeTo(text);
        text.flush();
    }

    private static Checked<Imported> ofFolder(Path descriptor) {
        Path folder = descriptor.toAbsolutePath().getParent();
        return DataPackage.read(descriptor.toString(), name -> {
            try {
                Path file = folder.resolve(
                        name.equals(DataPackage.DESCRIPTOR) ? descriptor.getFileName().toString() : name);
                // A link out of the folder is no file of the package.
                return Files.isRegularFile(file) && file.toRealPath().startsWith(folder.toRealPath())
                        && Files.size(file) <= SourceText.MOST_BYTES ? Optional.of(Files.readAllBytes(file))
                                : Optional.empty();
            } catch (IOException | InvalidPathException unreadable) {
                return Optional.empty();
            }
        }).map(Imported::of);
    }

    private static <T> Checked<T> problem(Path file, Fault fault) {
        return Checked.invalid(Problem.at(Place.inFile(file.toString()), fault));
    }
}
