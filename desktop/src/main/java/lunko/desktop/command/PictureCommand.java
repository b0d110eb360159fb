package lunko.desktop.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.desktop.lesson.Mode;
import lunko.desktop.look.Theme;
import lunko.desktop.query.SheetKind;
import lunko.desktop.show.model.Picture;
import lunko.engine.Equality;
import lunko.engine.Stage;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.steps.JoinAlgorithm;
import picocli.CommandLine.Command;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;
import picocli.CommandLine.TypeConversionException;

/** The command {@code lunko picture}: the window as a PNG file, with or without a display. */
@Command(name = "picture", mixinStandardHelpOptions = true,
        description = "Writes the window as a PNG file, of the demo lesson or of tables in files.")
final class PictureCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--kind", paramLabel = "KIND", converter = KindConverter.class,
            description = "The kind of join: inner, left, right, full, cross, left semi, right semi, left anti, "
                    + "right anti or full anti.")
    private Optional<JoinKind> kind = Optional.empty();

    @Option(names = "--mode", paramLabel = "MODE", defaultValue = "show",
            description = "What to show: ${COMPLETION-CANDIDATES}.")
    private Mode mode;

    @Option(names = "--beside", paramLabel = "PICTURE", defaultValue = "VENN",
            description = "What to show beside the stage: ${COMPLETION-CANDIDATES}.")
    private Picture beside;

    @Option(names = "--theme", paramLabel = "THEME", defaultValue = "LIGHT",
            description = "The colours: ${COMPLETION-CANDIDATES}.")
    private Theme theme;

    @Option(names = "--step", paramLabel = "N", description = "The step to show; without it, the last one.")
    private Optional<Long> step = Optional.empty();

    @Option(names = "--size", paramLabel = "WxH", defaultValue = "1280x800", converter = SizeConverter.class,
            description = "The size in pixels; without it, 1280x800.")
    private Size size;

    @Option(names = "--on", paramLabel = "LEFT=RIGHT", converter = PairConverter.class,
            description = "The left and the right column to match; given again, one more pair.")
    private List<KeyPair> on = List.of();

    @Option(names = "--natural", description = "Match all columns of the same name.")
    private boolean natural;

    @Option(names = "--way", paramLabel = "WAY", defaultValue = "ROWS",
            description = "How rows are matched: ${COMPLETION-CANDIDATES}.")
    private JoinAlgorithm algorithm;

    @Option(names = "--query", paramLabel = "SQL",
            description = "The query to show, as SQL, instead of the join of two tables.")
    private Optional<String> query = Optional.empty();

    @Option(names = "--sheet", paramLabel = "SHEET",
            description = "What to show in the place of the stage: ${COMPLETION-CANDIDATES}.")
    private Optional<SheetKind> sheet = Optional.empty();

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", required = true, description = "The PNG file to write.")
    private Path output;

    @Parameters(paramLabel = "FILE", arity = "0..2", description = "The files of the left and the right table.")
    private List<String> files = List.of();

    @Override
    public Integer call() {
        return new Tables(files, spec.commandLine().getErr()::println).lesson().then(this::asAsked).then(this::picture)
                .either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }

    private Checked<Lesson> asAsked(Lesson lesson) {
        List<Edit> edits = new ArrayList<>();
        String left = lesson.scene().left();
        String right = lesson.scene().right();
        kind.map(SceneEdit.ChooseKind::new).ifPresent(edits::add);
        if (natural) edits.add(new SceneEdit.JoinNaturally(Optional.of(kind.orElse(lesson.staged().kind()))));
        if (query.isPresent()) {
            if (WrittenQuery.of(query.get()).on(lesson.tables()) instanceof Checked.Invalid<Stage>(Problem problem))
                return Checked.invalid(problem);
            edits.add(SceneEdit.Write.of(query.get()));
        }
        if (!on.isEmpty()) lesson.staged().on().stream().filter(pair -> !on.contains(pair))
                .forEach(pair -> edits.add(new LinkEdit.Unmatch(left, right, pair)));
        for (KeyPair pair : on) {
            if (Equality.of(pair, lesson.staged().left(),
                    lesson.staged().right()) instanceof Checked.Invalid<Equality>(Problem problem))
                return Checked.invalid(problem);
        }
        on.forEach(pair -> edits.add(new LinkEdit.Match(left, right, pair)));
        Checked<Lesson> asked = Checked.valid(lesson);
        for (Edit edit : edits) asked = asked.then(edit::applyTo);
        return asked;
    }

    private Checked<Path> picture(Lesson lesson) {
        Toolkit.startOffscreen();
        Snapshot.Setting setting = new Snapshot.Setting(mode, algorithm, beside, theme);
        Snapshot snapshot = Snapshot.of(lesson, setting, size.width, size.height);
        long last = snapshot.last();
        if (step.isPresent() && (step.get() < 0 || step.get() > last)) {
            return Checked.invalid(Problem.of("There is no step " + step.get() + ": the steps of "
                    + (query.isPresent() ? "this query" : lesson.staged().kind().withArticle())
                    + " on these tables go from 0 to " + last + "."));
        }
        Checked<Path> written = Checked.valid(output);
        if (sheet.isPresent()) written = snapshot.open(sheet.get()).map(_ -> output);
        return written.then(_ -> snapshot.write(step.orElse(last), output));
    }

    /** A size in pixels, each side from 400 to 8000. */
    private record Size(int width, int height) {}

    private static final class SizeConverter implements ITypeConverter<Size> {
        private static final Pattern SIZE = Pattern.compile("([0-9]{3,4})x([0-9]{3,4})");

        @Override
        public Size convert(String value) {
            Matcher matcher = SIZE.matcher(value);
            if (matcher.matches()) {
                Size size = new Size(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
                if (Math.min(size.width, size.height) >= 400 && Math.max(size.width, size.height) <= 8000) return size;
            }
            throw new TypeConversionException("write a size as 1280x800, each number from 400 to 8000");
        }
    }

    private static final class KindConverter implements ITypeConverter<JoinKind> {
        @Override
        public JoinKind convert(String value) {
            return JoinKind.titled(value).orElseThrow(() -> new TypeConversionException("there is no kind “" + value
                    + "”; the kinds are " + Stream.of(JoinKind.values()).map(JoinKind::title)
                            .collect(Collectors.joining(", "))));
        }
    }

    private static final class PairConverter implements ITypeConverter<KeyPair> {
        @Override
        public KeyPair convert(String value) {
            int equals = value.indexOf('=');
            if (equals < 1 || equals == value.length() - 1) {
                throw new TypeConversionException("write the columns to match as left_column=right_column");
            }
            return new KeyPair(value.substring(0, equals).strip(), value.substring(equals + 1).strip());
        }
    }
}
