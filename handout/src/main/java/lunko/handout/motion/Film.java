package lunko.handout.motion;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import lunko.engine.ResultRow;
import lunko.exchange.file.Watch;
import lunko.handout.drawing.Drawing;
import lunko.handout.file.GifFile;
import lunko.handout.file.PngFile;
import lunko.handout.figure.JoinFigure;
import lunko.handout.figure.SceneFigure;
import lunko.handout.figure.Subject;
import lunko.handout.paint.Palette;
import lunko.problem.Checked;
import lunko.query.Side;
import lunko.steps.Frame;
import lunko.steps.MatchFrame;
import lunko.steps.Timeline;

/**
 * The steps of a scene as a moving picture.
 *
 * @param width of the picture, in pixels
 * @param seconds for which each step is seen
 */
public record Film(Palette palette, int width, double seconds, Moves moves) {
    /** Pictures while rows glide, each seen for so many hundredths of a second. */
    private static final int GLIDES = 6;
    private static final int GLIDE_TIME = 5;
    /** The last picture is seen so many times as long. */
    private static final int AT_THE_END = 3;
    private static final int SAMPLES = 8;

    /** The drawings of the steps, all equally large. */
    public List<Drawing> steps(Subject subject) {
        Optional<Timeline> timeline = subject.showing().timeline();
        if (timeline.isEmpty()) return List.of();
        List<Drawing> drawings =
                moves.of(timeline.get()).stream().map(step -> SceneFigure.of(subject.at(step))).toList();
        double wide = drawings.stream().mapToDouble(Drawing::width).max().orElse(0);
        double high = drawings.stream().mapToDouble(Drawing::height).max().orElse(0);
        return drawings.stream().map(drawing -> drawing.sized(wide, high)).toList();
    }

    /** The film as a GIF; a problem, where the scene cannot be shown, or where somebody has stopped it. */
    public Checked<byte[]> gif(Subject subject, Watch watch) {
        List<Drawing> drawings = steps(subject);
        if (drawings.isEmpty()) return Checked.invalid(subject.showing().obstacle().orElseThrow());
        List<Long> numbers = moves.of(subject.showing().timeline().orElseThrow());
        double scale = width / drawings.getFirst().width();
        try (GifFile file = new GifFile(samples(drawings, scale))) {
            for (int i = 0; i < drawings.size(); i++) {
                if (!watch.goesOn(i, drawings.size())) return Watch.stopped();
                int glided = i == 0 ? 0 : glide(subject.at(numbers.get(i)), drawings.get(i - 1), scale, file);
                int time = (int) Math.round(seconds * 100) - glided * GLIDE_TIME;
                file.add(image(drawings.get(i), scale),
                        Math.max(GLIDE_TIME, i == drawings.size() - 1 ? time * AT_THE_END : time));
            }
            return Checked.valid(file.done());
        }
    }

    private BufferedImage image(Drawing drawing, double scale) {
        return PngFile.image(drawing, palette, scale);
    }

    private List<BufferedImage> samples(List<Drawing> drawings, double scale) {
        int every = Math.max(1, drawings.size() / SAMPLES);
        List<BufferedImage> samples = new ArrayList<>();
        for (int i = drawings.size() - 1; i >= 0; i -= every) samples.add(image(drawings.get(i), scale));
        return samples;
    }

    /**
     * Lets the rows that a step has brought together glide over the drawing before, from where they stand into the
     * result: in so many pictures, none where there are no such rows.
     */
    private int glide(Subject subject, Drawing before, double scale, GifFile file) {
        Optional<ResultRow> landed = landed(subject.showing().frame());
        Optional<JoinFigure> figure = JoinFigure.of(subject);
        if (landed.isEmpty() || figure.isEmpty() || flight(figure.get(), landed.get(), 0).marks().isEmpty()) return 0;
        double top = SceneFigure.stageTop(subject);
        for (int n = 1; n <= GLIDES; n++) {
            double way = eased((double) n / (GLIDES + 1));
            Drawing over = flight(figure.get(), landed.get(), way).moved(SceneFigure.AROUND, top);
            file.add(image(before.under(over).sized(before.width(), before.height()), scale), GLIDE_TIME);
        }
        return GLIDES;
    }

    /** The row that a step of a join has brought into the result. */
    private static Optional<ResultRow> landed(Optional<Frame> frame) {
        return frame.flatMap(now -> now.shown() instanceof MatchFrame match && match.step().lands()
                && !match.landed().isEmpty() ? Optional.of(match.landed().getLast()) : Optional.empty());
    }

    private static Drawing flight(JoinFigure figure, ResultRow row, double way) {
        Drawing flying = Drawing.EMPTY;
        for (Side side : Side.values()) {
            OptionalInt source = row.source(side);
            if (source.isPresent()) flying = flying.under(figure.flying(side, source.getAsInt(), way));
        }
        return flying;
    }

    /** Slow at the beginning and at the end. */
    private static double eased(double way) {
        return way * way * (3 - 2 * way);
    }
}
