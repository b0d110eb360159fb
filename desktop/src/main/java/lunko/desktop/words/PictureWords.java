package lunko.desktop.words;

import java.util.List;
import lunko.insight.picture.Picture;
import lunko.query.JoinKind;
import lunko.table.Truth;

/** What is said in the pictures beside the stage. */
public interface PictureWords {

    /** A picture as its button calls it: {@code Pair grid}. */
    String title(Picture picture);

    /** Why a cross join has no circles, before its rectangle of all pairs. */
    String noCircles(String left, String right);

    /** As in {@code Pair grid: …}. */
    String pairGridOf(String sum);

    /** As in {@code Venn diagram: …}. */
    String vennDiagramOf(String told);

    /** {@code nothing is joined}. */
    String nothingJoined();

    /** {@code No tables are joined here.}. */
    String noTables();

    /** {@code Match two columns to see which rows match.}. */
    String matchTwo();

    /** As in {@code The grid has … × … cells, more than can be read: there is room for … rows of each table.}. */
    String gridTooLarge(long lefts, long rights, long most);

    /** As in {@code There is not enough room here for a grid of … × … cells.}. */
    String gridNoRoom(long lefts, long rights);

    /** {@code Clover and Oda: true}. */
    String pairIs(String left, String right, Truth truth);

    /** {@code why?}. */
    String why();

    /** {@code How the pairs come about, key by key}. */
    String whyPairs();

    /** {@code Venn diagram of hives, keepers, visits: 2 in all three}. */
    String threeCircles(List<String> tables, long all);

    /** {@code Remove them, by other kinds of join, each in a line of its own}. */
    String removeByKinds(List<String> rows);

    /** {@code Add them, by other kinds of join, each in a line of its own}. */
    String addByKinds(List<String> rows);

    /** What a Venn diagram tells of one side: how many rows are unmatched, and of how many it is unknown. */
    String unmatchedOf(long rows, long unknown, String table);

    /** {@code 2 of hives alone, 3 pairs, 2 of keepers alone}. */
    String vennTold(String left, long pairs, String right);

    /** What a click on a region does: the kind of join that it chooses. */
    String removeUnmatched(String table, JoinKind kind);

    /** {@code Add unmatched rows of hives: left outer join}. */
    String addUnmatched(String table, JoinKind kind);

    /** {@code Remove the pairs: left anti join}. */
    String removePairs(JoinKind kind);

    /** {@code Add the pairs: left outer join}. */
    String addPairs(JoinKind kind);

    /** {@code 3 pairs of 3 hives and 2 keepers}. */
    String pairsOfRows(long pairs, long left, String leftTable, long right, String rightTable);

    /** The same where the names of the tables are too long for the picture. */
    String pairsOfSides(long pairs, long left, long right);

    /** {@code ? unknown}. */
    String unknown();
}
