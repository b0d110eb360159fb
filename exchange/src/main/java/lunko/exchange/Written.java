package lunko.exchange;

import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import lunko.words.FileSentences;

/** A file that tables were written into, and what of them it does not hold. */
public record Written(Path file, List<Loss> losses) {

    /** Keeps its losses as they are. */
    public Written {
        losses = List.copyOf(losses);
    }

    /** What the file does not hold, in sentences; nothing, where it holds everything. */
    public String said(FileSentences in) {
        return losses.stream().map(loss -> loss.said().apply(in)).collect(Collectors.joining(" "));
    }
}
