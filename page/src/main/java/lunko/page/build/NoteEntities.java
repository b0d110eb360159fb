package lunko.page.build;

import java.util.Collection;
import org.teavm.extension.spi.resources.ResourcesPolicy;

/** The file in which the library for Markdown has the names of characters: without it, no note with an & is read. */
public final class NoteEntities implements ResourcesPolicy {

    @Override
    public String[] supplyResources(Collection<? extends String> classes) {
        return new String[] {"org/commonmark/internal/util/entities.txt"};
    }
}
