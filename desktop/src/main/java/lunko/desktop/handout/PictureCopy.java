package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.image.WritableImage;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import lunko.desktop.lesson.Notice;
import lunko.desktop.show.model.ShowModel;
import lunko.handout.drawing.Drawing;
import lunko.handout.figure.Motif;
import lunko.handout.figure.Subject;
import lunko.handout.file.PngFile;
import lunko.handout.file.SvgFile;
import lunko.handout.paint.Palette;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Puts pictures of what is shown where other programs take them from: as pixels, and as SVG. */
public final class PictureCopy {
    private static final Logger LOG = LoggerFactory.getLogger(PictureCopy.class);
    private static final String SVG_TYPE = "image/svg+xml";
    /** Pixels to a point. */
    private static final double SCALE = 2;

    private final ShowModel model;

    /** Pictures of what a model shows. */
    public PictureCopy(ShowModel model) {
        this.model = model;
    }

    private Optional<Drawing> drawing(Motif motif) {
        return motif.of(new Subject(model.showing().get(), words()));
    }

    private String title() {
        return model.showing().get().lesson().title();
    }

    /** Copies a picture, or says that there is none. */
    public void copy(Motif motif) {
        Optional<ClipboardContent> content = drawing(motif).map(this::content);
        if (content.isEmpty()) {
            model.lesson().say(Problem.of(new WorkFault.NothingToHandOut()));
            return;
        }
        Clipboard.getSystemClipboard().setContent(content.get());
        model.lesson().say(new Notice.Success(words().handingOut().copied(motif.said(words().handouts()))));
    }

    private ClipboardContent content(Drawing drawing) {
        ClipboardContent content = new ClipboardContent();
        WritableImage image = SwingFXUtils.toFXImage(PngFile.image(drawing, Palette.LIGHT, SCALE), null);
        content.putImage(image);
        content.put(Optional.ofNullable(DataFormat.lookupMimeType(SVG_TYPE)).orElseGet(() -> new DataFormat(SVG_TYPE)),
                ByteBuffer.wrap(SvgFile.of(drawing, Palette.LIGHT, title())));
        return content;
    }

    /** A picture to be dragged into another program, as a file too; nothing, where there is none. */
    Optional<ClipboardContent> dragged(Motif motif) {
        return drawing(motif).map(drawing -> {
            ClipboardContent content = content(drawing);
            try {
                Path folder = Files.createTempDirectory("lunko");
                Path file = Files.write(folder.resolve(motif + ".png"), PngFile.of(drawing, Palette.LIGHT, SCALE));
                file.toFile().deleteOnExit();
                folder.toFile().deleteOnExit();
                content.putFiles(List.of(file.toFile()));
            } catch (IOException full) {
                // Programs that take pictures need no file.
                LOG.info("no file for a picture that is dragged", full);
            }
            return content;
        });
    }
}
