package lunko.desktop.words;

import java.util.Map;
import lunko.query.JoinKind;

/** What the command line says, and its help. */
public interface CommandWords {

    /** The help of the command line, by the keys of its commands and options. */
    Map<String, String> help();

    /** As in {@code Lunko joins two tables: name one or two files, not ….}. */
    String twoFilesAtMost(long files);

    /** {@code Name the files to read and the one to write, or --demo and the one to write.}. */
    String nameFiles();

    /** {@code write a size as 1280x800, each number from 400 to 8000}. */
    String sizeFormat();

    /** As in {@code there is no kind “…”; the kinds are …}. */
    String noKind(String kind, String kinds);

    /** As in {@code there is no lesson “…”; those that come along are …}. */
    String noCourse(String course, String courses);

    /** {@code write the columns to match as left_column=right_column}. */
    String pairFormat();

    /** What a problem's fix is, beside it. */
    String tryThis(String fix);

    /** As in {@code There is no display here, so this is “…” in words and pictures.}. */
    String noDisplay(String lesson);

    /** {@code Making pictures of the window…}. */
    String makingPictures();

    /** As in {@code The pictures are in …}. */
    String picturesAre(String folder);

    /** As in {@code       … … more steps …}. */
    String moreSteps(long steps);

    /** A kind of join as a heading. */
    String heading(JoinKind kind);
}
