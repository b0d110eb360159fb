package lunko.desktop.machine;

import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.SymbolLookup;
import java.lang.foreign.ValueLayout;

/** Whether a window can be opened here. */
public final class Display {
    private Display() {}

    /**
     * Elsewhere than on Linux there is always a display. On Linux a window needs GTK 3 and an X server that answers
     * (under Wayland, its own); asking them first keeps the toolkit from failing half-way.
     */
    @SuppressWarnings("restricted") // Calls into libX11; the launcher allows it.
    public static boolean isThere() {
        if (!System.getProperty("os.name").equals("Linux")) return true;
        if (System.getenv("DISPLAY") == null) return false;
        try (Arena arena = Arena.ofConfined()) {
            SymbolLookup.libraryLookup("libgtk-3.so.0", arena);
            SymbolLookup x11 = SymbolLookup.libraryLookup("libX11.so.6", arena);
            Linker linker = Linker.nativeLinker();
            MemorySegment display = (MemorySegment) linker.downcallHandle(x11.findOrThrow("XOpenDisplay"),
                    FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS)).invokeExact(MemorySegment.NULL);
            if (display.equals(MemorySegment.NULL)) return false;
            int _ = (int) linker.downcallHandle(x11.findOrThrow("XCloseDisplay"),
                    FunctionDescriptor.of(ValueLayout.JAVA_INT, ValueLayout.ADDRESS)).invokeExact(display);
            return true;
        } catch (IllegalArgumentException missingLibrary) {
            return false;
        } catch (Throwable unexpected) {
            throw new IllegalStateException("the display could not be asked for", unexpected);
        }
    }
}
