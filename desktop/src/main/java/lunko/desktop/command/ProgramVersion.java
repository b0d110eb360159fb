package lunko.desktop.command;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Properties;
import picocli.CommandLine.IVersionProvider;

/** Which version of the program this is, and of which commit it was built. */
final class ProgramVersion implements IVersionProvider {

    @Override
    public String[] getVersion() {
        Properties built = new Properties();
        try (InputStream file = ProgramVersion.class.getResourceAsStream("program.properties")) {
            built.load(file);
        } catch (IOException damaged) {
            throw new UncheckedIOException(damaged);
        }
        return new String[] {"Lunko " + built.getProperty("version") + " (" + built.getProperty("commit") + ")"};
    }
}
