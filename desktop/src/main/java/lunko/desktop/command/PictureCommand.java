package lunko.desktop.command;

import static lunko.desktop.words.Spoken.words;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Iterator;
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
import lunko.engine.Equality;
import lunko.engine.Stage;
import lunko.insight.picture.Picture;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.LinkEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.WrittenQuery;
import lunko.lesson.course.Course;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
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
@Command(name = "picture", mixinStandardHelpOptions = true)
final class PictureCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--kind", paramLabel = "KIND", converter = KindConverter.class)
    private Optional<JoinKind> kind = Optional.empty();

    @Option(names = "--mode", paramLabel = "MODE", defaultValue = "show")
    private Mode mode;

    @Option(names = "--course", paramLabel = "LESSON", converter = CourseConverter.class,
            completionCandidates = CourseConverter.class)
    private Optional<Course> course = Optional.empty();

    @Option(names = "--scene", paramLabel = "N")
    private Optional<Integer> scene = Optional.empty();

    @Option(names = "--beside", paramLabel = "PICTURE")
    private Optional<Picture> beside = Optional.empty();

    @Option(names = "--theme", paramLabel = "THEME", defaultValue = "LIGHT")
    private Theme theme;

    @Option(names = "--step", paramLabel = "N")
    private Optional<Long> step = Optional.empty();

    @Option(names = "--size", paramLabel = "WxH", defaultValue = "1280x800", converter = SizeConverter.class)
    private Size size;

    @Option(names = "--on", paramLabel = "LEFT=RIGHT", converter = PairConverter.class)
    private List<KeyPair> on = List.of();

    @Option(names = "--natural")
    private boolean natural;

    @Option(names = "--way", paramLabel = "WAY")
    private Optional<JoinAlgorithm> algorithm = Optional.empty();

    @Option(names = "--query", paramLabel = "SQL")
    private Optional<String> query = Optional.empty();

    @Option(names = "--sheet", paramLabel = "SHEET")
    private Optional<SheetKind> sheet = Optional.empty();

    @Option(names = {"-o", "--output"}, paramLabel = "FILE", required = true)
    private Path output;

    @Parameters(paramLabel = "FILE", arity = "0..2", descriptionKey = "files")
    private List<String> files = List.of();

    @Override
    public Integer call() {
        return lesson().then(this::atScene).then(this::asAsked)
                .then(this::picture)
                .either(_ -> 0, problem -> LunkoCommand.refuse(spec, problem));
    }

    private Checked<Lesson> lesson() {
        return course.map(one -> Checked.valid(one.lesson()))
                .orElseGet(() -> new Tables(files, spec.commandLine().getErr()::println).lesson());
    }

    private Checked<Lesson> atScene(Lesson lesson) {
        int all = lesson.scenes().size();
        return scene.filter(number -> number < 1 || number > all)
                .<Checked<Lesson>>map(none -> Checked.invalid(Problem.of(new WorkFault.NoScene(none, all))))
                .orElseGet(() -> Checked.valid(lesson.at(scene.orElse(lesson.scenes().at() + 1) - 1)));
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
        // What is shown otherwise than the scene has it is not what that asks about.
        if (!edits.isEmpty()) {
            edits.add(new SceneEdit.Ask(Optional.empty()));
            edits.add(new SceneEdit.OpenLike(SceneStart.PLAIN));
        }
        Checked<Lesson> asked = Checked.valid(lesson);
        for (Edit edit : edits) asked = asked.then(edit::applyTo);
        return asked;
    }

    private Checked<Path> picture(Lesson lesson) {
        Toolkit.startOffscreen();
        SceneStart start = lesson.scene().start();
        Snapshot.Setting setting = new Snapshot.Setting(mode, algorithm.orElse(start.way()),
                beside.orElse(start.picture()), theme, course.filter(Course::isRead).isPresent());
        Snapshot snapshot = Snapshot.of(lesson, setting, size.width, size.height);
        long last = snapshot.last();
        if (step.isPresent() && (step.get() < 0 || step.get() > last)) {
            return Checked.invalid(Problem.of(new WorkFault.NoStep(step.get(),
                    query.isPresent() ? Optional.empty() : Optional.of(lesson.staged().kind()), last)));
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
            throw new TypeConversionException(words().command().sizeFormat());
        }
    }

    private static final class KindConverter implements ITypeConverter<JoinKind> {
        @Override
        public JoinKind convert(String value) {
            return JoinKind.named(value).orElseThrow(() -> new TypeConversionException(words().command().noKind(value,
                    Stream.of(JoinKind.values()).map(JoinKind::id).collect(Collectors.joining(", ")))));
        }
    }

    /** Lessons that come along by their ids, which it can list. */
    private static final class CourseConverter implements ITypeConverter<Course>, Iterable<String> {
        @Override
        public Iterator<String> iterator() {
            return Stream.of(Course.values()).map(Course::id).iterator();
        }

        @Override
        public Course convert(String value) {
            return Stream.of(Course.values()).filter(one -> one.id().equals(value)).findFirst()
                    .orElseThrow(() -> new TypeConversionException(words().command().noCourse(value,
                            String.join(", ", this))));
        }
    }

    private static final class PairConverter implements ITypeConverter<KeyPair> {
        @Override
        public KeyPair convert(String value) {
            int equals = value.indexOf('=');
            if (equals < 1 || equals == value.length() - 1) {
                throw new TypeConversionException(words().command().pairFormat());
            }
            return new KeyPair(value.substring(0, equals).strip(), value.substring(equals + 1).strip());
        }
    }
}
