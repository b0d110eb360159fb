package lunko.desktop.words;

import java.util.List;
import lunko.table.Type;

/** What is said of links, and of the check of their keys. */
public interface LinkWords {

    /** {@code Key check}. */
    String keyCheck();

    /** As in {@code … is joined with itself: one table under two names.}. */
    String joinedWithItself(String table);

    /** {@code Checking the keys…}. */
    String checkingKeys();

    /** What to do where no columns of two tables are matched. */
    String nothingMatched(String left, String right);

    /** {@code Stop matching these columns}. */
    String stopMatching();

    /** As in {@code stop matching … with …}. */
    String stopMatchingColumns(String left, String right);

    /** {@code Suggested links}. */
    String suggestedLinks();

    /** {@code Link}. */
    String link();

    /** {@code Fix}. */
    String fix();

    /** {@code Make one of the two like the other}. */
    String makeAlike();

    /** {@code Make hive_no text, like the other}. */
    String retypeAlike(String column, Type type);

    /** As in {@code No row of … has this key.}. */
    String noRowHasKey(String table);

    /** {@code This row has a NULL key, and NULL never matches.}. */
    String nullKey();

    /** {@code Another row has the same key, which should be unique.}. */
    String keyRepeats();

    /** Two tables and the columns that link them. */
    String linked(String left, String right, List<String> columns);

    /** As in {@code … Click to show this link; right-click to delete it.}. */
    String linkTip(String link);

    /** As in {@code link of …}. */
    String linkOf(String link);

    /** {@code Delete this link}. */
    String deleteLink();

    /** {@code Link these?}. */
    String linkThese();

    /** As in {@code … Suggested link: click to make it.}. */
    String proposalTip(String link);

    /** As in {@code link …}. */
    String linkThem(String link);
}
