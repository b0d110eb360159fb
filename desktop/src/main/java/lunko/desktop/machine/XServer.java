package lunko.desktop.machine;

import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The X server of this machine, asked without a library: to link one takes a tenth of a start (X Window System
 * Protocol, version 11, section 8, "Connection Setup").
 */
final class XServer {
    private static final Pattern LOCAL = Pattern.compile("(?:unix)?:(\\d+)(?:\\.\\d+)?");
    private static final String COOKIE = "MIT-MAGIC-COOKIE-1";
    private static final int VERSION = 11;
    private static final int MOST_SIGNIFICANT_FIRST = 'B';
    private static final int SUCCESS = 1;

    private final Path sockets;
    private final Map<String, String> environment;

    /** Servers whose sockets are in a folder, as an environment names them. */
    XServer(Path sockets, Map<String, String> environment) {
        this.sockets = sockets;
        this.environment = environment;
    }

    /** The one of this process. */
    static XServer here() {
        return new XServer(Path.of("/tmp/.X11-unix"), System.getenv());
    }

    /** Whether it is on this machine and lets this process in; where it does not, it may do so when asked otherwise. */
    boolean letsIn() {
        Matcher display = LOCAL.matcher(environment.getOrDefault("DISPLAY", ""));
        if (!display.matches()) return false;
        String number = display.group(1);
        try (SocketChannel channel = SocketChannel.open(UnixDomainSocketAddress.of(sockets.resolve("X" + number)))) {
            ByteBuffer asked = ByteBuffer.wrap(asking(cookie(number)));
            while (asked.hasRemaining()) channel.write(asked);
            ByteBuffer answer = ByteBuffer.allocate(1);
            return channel.read(answer) == 1 && answer.get(0) == SUCCESS;
        } catch (IOException | UnsupportedOperationException notSo) {
            return false;
        }
    }

    private static byte[] asking(Optional<byte[]> cookie) throws IOException {
        byte[] name = cookie.map(_ -> COOKIE.getBytes(StandardCharsets.US_ASCII)).orElse(new byte[0]);
        byte[] data = cookie.orElse(new byte[0]);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeByte(MOST_SIGNIFICANT_FIRST);
        out.writeByte(0);
        out.writeShort(VERSION);
        out.writeShort(0);
        out.writeShort(name.length);
        out.writeShort(data.length);
        out.writeShort(0);
        for (byte[] text : new byte[][] {name, data}) {
            out.write(text);
            // Filled up to whole words of four bytes.
            out.write(new byte[-text.length & 3]);
        }
        return bytes.toByteArray();
    }

    /** What the server of a number knows its own by: one entry of the file that xauth writes (Xau, "Xauth.h"). */
    private Optional<byte[]> cookie(String number) throws IOException {
        Path file = Optional.ofNullable(environment.get("XAUTHORITY")).map(Path::of)
                .orElseGet(() -> Path.of(environment.getOrDefault("HOME", "/"), ".Xauthority"));
        if (!Files.isReadable(file)) return Optional.empty();
        try (DataInputStream in = new DataInputStream(Files.newInputStream(file))) {
            while (true) {
                in.readUnsignedShort();
                counted(in);
                String of = text(in);
                String name = text(in);
                byte[] data = counted(in);
                if (name.equals(COOKIE) && (of.isEmpty() || of.equals(number))) return Optional.of(data);
            }
        } catch (EOFException none) {
            return Optional.empty();
        }
    }

    private static String text(DataInputStream in) throws IOException {
        return new String(counted(in), StandardCharsets.US_ASCII);
    }

    private static byte[] counted(DataInputStream in) throws IOException {
        return in.readNBytes(in.readUnsignedShort());
    }
}
