package lunko.desktop.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.net.StandardProtocolFamily;
import java.net.UnixDomainSocketAddress;
import java.nio.ByteBuffer;
import java.nio.channels.Channels;
import java.nio.channels.ServerSocketChannel;
import java.nio.channels.SocketChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** Servers that let in whoever knows their cookie, or say no. */
@DisabledOnOs(OS.WINDOWS)
class XServerTest {
    private static final String COOKIE = "MIT-MAGIC-COOKIE-1";
    private static final byte[] SECRET = "sixteen bytes it".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    private Path folder;
    private final Map<String, String> environment = new HashMap<>();

    @BeforeEach
    void name() {
        environment.put("DISPLAY", ":3.0");
        environment.put("HOME", folder.toString());
    }

    @Test
    void theCookieOfThatServerIsShown() throws Exception {
        Files.write(folder.resolve(".Xauthority"), entries(entry("1", COOKIE, new byte[16]),
                entry("3", "ANOTHER-WAY-1", new byte[7]), entry("3", COOKIE, SECRET)));
        assertThat(answered(true))
                .isEqualTo(new Asked(true, COOKIE + "/" + new String(SECRET, StandardCharsets.US_ASCII)));
        environment.put("XAUTHORITY", Files.write(folder.resolve("own"),
                entries(entry("", COOKIE, "for all".getBytes(StandardCharsets.US_ASCII)))).toString());
        assertThat(answered(true)).isEqualTo(new Asked(true, COOKIE + "/for all"));
    }

    @Test
    void whoKnowsNoneAsksWithoutAndMayBeRefused() throws Exception {
        assertThat(answered(true)).isEqualTo(new Asked(true, "/"));
        assertThat(answered(false)).isEqualTo(new Asked(false, "/"));
        byte[] whole = entries(entry("3", COOKIE, SECRET));
        Files.write(folder.resolve(".Xauthority"), Arrays.copyOf(whole, whole.length / 2));
        assertThat(answered(true)).isEqualTo(new Asked(true, "/"));
    }

    @Test
    void whatIsNotThereOrNotOnThisMachineLetsNobodyIn() {
        for (String display : new String[] {":3", "unix:3", "elsewhere:3", ":", ":three", ""}) {
            environment.put("DISPLAY", display);
            assertThat(new XServer(folder, environment).letsIn()).as(display).isFalse();
        }
    }

    /** Whether somebody was let in, and the name and the cookie that they showed. */
    private record Asked(boolean in, String shown) {}

    private Asked answered(boolean in) throws Exception {
        UnixDomainSocketAddress address = UnixDomainSocketAddress.of(folder.resolve("X3"));
        try (ServerSocketChannel server = ServerSocketChannel.open(StandardProtocolFamily.UNIX)) {
            server.bind(address);
            CompletableFuture<String> shown = CompletableFuture.supplyAsync(() -> {
                try (SocketChannel client = server.accept()) {
                    DataInputStream asked = new DataInputStream(Channels.newInputStream(client));
                    assertThat(asked.readUnsignedShort()).isEqualTo('B' << 8);
                    assertThat(asked.readUnsignedShort()).isEqualTo(11);
                    assertThat(asked.readUnsignedShort()).isZero();
                    int name = asked.readUnsignedShort();
                    int data = asked.readUnsignedShort();
                    assertThat(asked.readUnsignedShort()).isZero();
                    String said = padded(asked, name) + "/" + padded(asked, data);
                    client.write(ByteBuffer.wrap(new byte[] {(byte) (in ? 1 : 0), 0, 0, 11, 0, 0, 0, 0}));
                    return said;
                } catch (IOException failed) {
                    throw new AssertionError(failed);
                }
            });
            return new Asked(new XServer(folder, environment).letsIn(), shown.get());
        } finally {
            Files.delete(address.getPath());
        }
    }

    private static String padded(DataInputStream in, int length) throws IOException {
        byte[] bytes = in.readNBytes((length + 3) / 4 * 4);
        return new String(bytes, 0, length, StandardCharsets.US_ASCII);
    }

    private static byte[] entries(byte[]... all) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        for (byte[] one : all) bytes.writeBytes(one);
        return bytes.toByteArray();
    }

    private static byte[] entry(String number, String name, byte[] data) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(bytes);
        out.writeShort(256);
        for (byte[] part : new byte[][] {"here".getBytes(StandardCharsets.US_ASCII),
                number.getBytes(StandardCharsets.US_ASCII), name.getBytes(StandardCharsets.US_ASCII), data}) {
            out.writeShort(part.length);
            out.write(part);
        }
        return bytes.toByteArray();
    }
}
