package lunko.desktop.machine;

import java.io.IOException;
import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.SymbolLookup;
import java.lang.foreign.ValueLayout;
import java.net.SocketAddress;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.channels.ServerSocketChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;

/** Whether a window can be opened here. */
public final class Display {
    private static final String GTK = "libgtk-3.so.0";

    private Display() {}

    /**
     * Elsewhere than on Linux there is always a display. On Linux a window needs GTK 3 and an X server that answers
     * (under Wayland, its own); asking them first keeps the toolkit from failing half-way.
     */
    public static boolean isThere() {
        if (!isLinux()) return true;
        if (System.getenv("DISPLAY") == null) return false;
        try {
            library(GTK);
            return XServer.here().letsIn() || isOpened();
        } catch (IllegalArgumentException missingLibrary) {
            return false;
        }
    }

    private static boolean isLinux() {
        return System.getProperty("os.name").equals("Linux");
    }

    /** Does what {@link #isThere} does on Linux, with an X server in a folder that lets nobody in. */
    public static void rehearse(Path folder) throws IOException {
        if (!isLinux()) return;
        SocketAddress address = UnixDomainSocketAddress.of(folder.resolve("X0"));
        try (ServerSocketChannel server = ServerSocketChannel.open(StandardProtocolFamily.UNIX)) {
            server.bind(address);
            Thread.ofPlatform().daemon().start(() -> {
                try {
                    server.accept().close();
                } catch (IOException over) {
                    // Nobody has come.
                }
            });
            new XServer(folder, Map.of("DISPLAY", ":0")).letsIn();
            library(GTK);
        } catch (IllegalArgumentException missingLibrary) {
            // It is not there to be rehearsed.
        } finally {
            Files.deleteIfExists(folder.resolve("X0"));
        }
    }

    /** Stays, so that the toolkit finds it loaded. */
    @SuppressWarnings("restricted") // The launcher allows it.
    private static SymbolLookup library(String name) {
        return SymbolLookup.libraryLookup(name, Arena.global());
    }

    /** Whether libX11 can open it, which knows all the ways to a server. */
    @SuppressWarnings("restricted") // Calls into libX11; the launcher allows it.
    private static boolean isOpened() {
        try {
            SymbolLookup x11 = library("libX11.so.6");
            Linker linker = Linker.nativeLinker();
            MemorySegment display = (MemorySegment) linker.downcallHandle(x11.findOrThrow("XOpenDisplay"),
                    FunctionDescriptor.of(ValueLayout.ADDRESS, ValueLayout.ADDRESS)).invokeExact(MemorySegment.NULL);
            if (display.equals(MemorySegment.NULL)) return false;
            int _ = (int) linker.downcallHandle(x11.findOrThrow("XCloseDisplay"),
                    FunctionDescriptor.of(ValueLayout.JAVA_INT, ValueLayout.ADDRESS)).invokeExact(display);
            return true;
        } catch (IllegalArgumentException missingLibrary) {
            throw missingLibrary;
        } catch (Throwable unexpected) {
            throw new IllegalStateException("the display could not be asked for", unexpected);
        }
    }
}
