package lunko.handout;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.file.Watch;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Handouts as files: all of them or none. */
class HandoutFilesTest {
    @TempDir
    private Path folder;

    private static Handout handout(HandoutKind kind, Lesson lesson, int scenes) {
        return Handout.of(kind, lesson, IntStream.range(0, scenes).boxed().toList(), Options.in(kind.usual()),
                Scenes.ENGLISH);
    }

    private List<String> there() throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile).map(file -> folder.relativize(file).toString()).sorted().toList();
        }
    }

    private static Fault fault(Checked<?> refused) {
        return refused.either(_ -> new WorkFault.Busy(), Problem::fault);
    }

    @ParameterizedTest
    @EnumSource(HandoutKind.class)
    void everyKindIsWrittenAndLooksLikeItsPreview(HandoutKind kind) throws IOException {
        List<Piece> pieces = handout(kind, Scenes.demo(), 2).pieces();
        assertThat(handout(kind, Scenes.demo(), 2).isOneFile()).isEqualTo(pieces.size() == 1);
        HandoutFiles.Written written =
                HandoutFiles.write(pieces, folder.resolve("out"), false, Watch.NOBODY).expect();
        assertThat(written.files()).hasSameSizeAs(pieces).allMatch(Files::isRegularFile);
        for (int i = 0; i < pieces.size(); i++) {
            if (pieces.get(i).preview().get() instanceof Preview.Text(String text))
                assertThat(Files.readString(written.files().get(i))).isEqualTo(text);
            assertThat(Files.size(written.files().get(i))).isPositive();
        }
    }

    @Test
    void whatIsThereIsReplacedOnlyIfThatIsWanted() throws IOException {
        Path file = Files.writeString(folder.resolve("a.sql"), "mine");
        List<Piece> pieces = handout(HandoutKind.SCRIPT, Scenes.demo(), 1).pieces();
        assertThat(fault(HandoutFiles.write(pieces, file, false, Watch.NOBODY)))
                .isEqualTo(new FileFault.AlreadyThere());
        assertThat(file).hasContent("mine");
        HandoutFiles.write(pieces, file, true, Watch.NOBODY).expect();
        assertThat(file).content().startsWith("-- Hives and keepers");
    }

    @Test
    void aFileThatCannotBeMadeLeavesNoOthers() throws IOException {
        Piece good = handout(HandoutKind.SCRIPT, Scenes.demo(), 1).pieces().getFirst();
        Piece bad = new Piece("b", good.preview(), _ -> Checked.invalid(Problem.of(new WorkFault.NothingToHandOut())));
        assertThat(fault(HandoutFiles.write(List.of(good, bad), folder.resolve("x"), false, Watch.NOBODY)))
                .isEqualTo(new WorkFault.NothingToHandOut());
        // One that cannot be written: its name is that of a folder.
        Files.createDirectories(folder.resolve("y").resolve("sub"));
        Piece folderNamed = new Piece("sub", good.preview(), good.maker());
        assertThat(fault(HandoutFiles.write(List.of(good, folderNamed), folder.resolve("y"), true, Watch.NOBODY)))
                .isEqualTo(new FileFault.IsFolder());
        assertThat(there()).isEmpty();
        // A folder that was made for them goes again.
        Piece tooLong = new Piece("n".repeat(300), good.preview(), good.maker());
        assertThat(fault(HandoutFiles.write(List.of(good, tooLong), folder.resolve("z"), false, Watch.NOBODY)))
                .isInstanceOf(FileFault.WriteFailed.class);
        assertThat(folder.resolve("z")).doesNotExist();
    }

    @Test
    void itCanBeStoppedAndThenNothingIsWritten() throws IOException {
        assertThat(fault(HandoutFiles.write(handout(HandoutKind.GIF, Scenes.demo(), 2).pieces(), folder.resolve("gif"),
                false, (done, whole) -> done * 4 < whole))).isEqualTo(new WorkFault.Stopped());
        assertThat(there()).isEmpty();
    }

    @Test
    void noFolderAFileInItsPlaceAndAQueryThatCannotRunAreTold() throws IOException {
        List<Piece> pieces = handout(HandoutKind.PNG, Scenes.demo(), 2).pieces();
        assertThat(fault(HandoutFiles.write(pieces, folder.resolve("no/such"), false, Watch.NOBODY)))
                .isEqualTo(new FileFault.NoFolder());
        assertThat(folder.resolve("no")).doesNotExist();
        Path file = Files.writeString(folder.resolve("file"), "mine");
        assertThat(fault(HandoutFiles.write(pieces, file, true, Watch.NOBODY))).isEqualTo(new FileFault.AlreadyThere());
        assertThat(file).hasContent("mine");
        Handout obstructed = handout(HandoutKind.PDF, Scenes.demo("SELECT x FROM hives"), 2);
        assertThat(obstructed.obstructed()).containsExactly(1);
        Piece.Made made = obstructed.pieces().getFirst().maker().make(Watch.NOBODY).expect();
        assertThat(made.missing()).isEqualTo(Set.of());
    }
}
