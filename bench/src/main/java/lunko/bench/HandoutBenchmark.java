package lunko.bench;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import lunko.exchange.file.Watch;
import lunko.handout.drawing.Drawing;
import lunko.handout.figure.Motif;
import lunko.handout.figure.Subject;
import lunko.handout.file.PdfFile;
import lunko.handout.file.PngFile;
import lunko.handout.file.SvgFile;
import lunko.handout.motion.Film;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.AnswerSheet;
import lunko.handout.sheet.Paper;
import lunko.handout.sheet.Variant;
import lunko.lesson.DemoLesson;
import lunko.lesson.Lesson;
import lunko.lesson.course.Course;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.words.english.English;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Pictures and papers: the left join of the demo lesson, fifteen scenes as pages, the 89 steps of a chain moving.
 * Beside them is the time that the JDK takes to compress the pixels of that picture, drawn already.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 10)
@Measurement(iterations = 10)
@Fork(value = 2, jvmArgsAppend = "-Djava.awt.headless=true")
public class HandoutBenchmark {
    private static final int SCENES = 15;

    private final Lesson course = Course.HIVES_AND_KEEPERS.lesson();
    private final Subject left = subject(DemoLesson.lesson());
    private final List<Subject> scenes =
            IntStream.range(0, SCENES).mapToObj(scene -> subject(course.at(scene))).toList();
    private final Subject chain = subject(course.at(17));
    private final BufferedImage drawn = PngFile.image(Motif.SCENE.of(left).orElseThrow(), Palette.LIGHT, 2);

    private static Subject subject(Lesson lesson) {
        return new Subject(Showing.of(lesson, JoinAlgorithm.NESTED_LOOP), English.language());
    }

    /** The pixels of the picture, compressed by the JDK. */
    @Benchmark
    public int pixels() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(drawn, "png", bytes);
        return bytes.size();
    }

    /** The picture drawn, painted and compressed. */
    @Benchmark
    public byte[] png() {
        return PngFile.of(Motif.SCENE.of(left).orElseThrow(), Palette.LIGHT, 2);
    }

    /** The same as shapes and text. */
    @Benchmark
    public byte[] svg() {
        return SvgFile.of(Motif.SCENE.of(left).orElseThrow(), Palette.LIGHT, "left");
    }

    /** The answers to fifteen scenes. */
    @Benchmark
    public byte[] pages() {
        List<Drawing> pages = new AnswerSheet(Paper.A4, new Variant(0)).of(scenes);
        return PdfFile.of(pages, Palette.PRINT, "answers");
    }

    /** All steps of a chain of two joins, moving. */
    @Benchmark
    public byte[] film() {
        return new Film(Palette.LIGHT, 800, 1, Moves.EVERY).gif(chain, Watch.NOBODY).expect();
    }
}
