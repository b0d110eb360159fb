package lunko.handout.drawing;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.foreign.Arena;
import java.lang.foreign.SymbolLookup;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * What Java has to be told of a Linux machine without the library that knows its fonts, before it is asked for one: it
 * would refuse those that come along as well.
 */
final class MachineFonts {
    private static final String LIBRARY = "libfontconfig.so.1";
    private static final String SETTING = "sun.awt.fontconfig";
    /** The least that Java reads. */
    private static final String NO_FONTS = "version=1\nsequence.allfonts=default\n";

    private MachineFonts() {}

    /** Makes sure that fonts can be made of files. */
    static void prepare() {
        if (System.getProperty("os.name").equals("Linux")) prepare(LIBRARY);
    }

    static void prepare(String library) {
        if (System.getProperty(SETTING) != null || isThere(library)) return;
        try {
            Path file = Files.writeString(Files.createTempFile("lunko", ".properties"), NO_FONTS);
            file.toFile().deleteOnExit();
            System.setProperty(SETTING, file.toString());
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    @SuppressWarnings("restricted") // It asks whether a library is there, and calls nothing in it.
    private static boolean isThere(String library) {
        try (Arena arena = Arena.ofConfined()) {
            SymbolLookup.libraryLookup(library, arena);
            return true;
        } catch (IllegalArgumentException missing) {
            return false;
        }
    }
}
