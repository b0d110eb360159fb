package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.desktop.words.PictureWords;
import lunko.insight.picture.Picture;
import lunko.query.JoinKind;
import lunko.table.Truth;
import lunko.words.Names;

/** What is said in the pictures beside the stage, in English. */
record EnglishPictures(Names names) implements PictureWords {

    @Override
    public String title(Picture picture) {
        return switch (picture) {
            case VENN -> "Venn diagram";
            case PAIRS -> "Pair grid";
        };
    }

    @Override
    public String noCircles(String left, String right) {
        return text(
                "A cross join has no condition, so there are no circles to draw: every row of {} is paired with "
                        + "every row of {}. All pairs together form a rectangle:",
                left, right);
    }

    @Override
    public String pairGridOf(String sum) {
        return text("Pair grid: {}", sum);
    }

    @Override
    public String vennDiagramOf(String told) {
        return text("Venn diagram: {}", told);
    }

    @Override
    public String nothingJoined() {
        return "nothing is joined";
    }

    @Override
    public String noTables() {
        return "No tables are joined here.";
    }

    @Override
    public String matchTwo() {
        return "Match two columns to see which rows match.";
    }

    @Override
    public String gridTooLarge(long lefts, long rights, long most) {
        return text("The grid is {} × {}, more than can be read: at most {} × {} have room here.",
                lefts, rights, most, most);
    }

    @Override
    public String gridNoRoom(long lefts, long rights) {
        return text("There is not enough room here for a grid of {} × {}.", lefts, rights);
    }

    @Override
    public String pairIs(String left, String right, Truth truth) {
        return text("{} and {}: {}", left, right, names.truth(truth));
    }

    @Override
    public String why() {
        return "why?";
    }

    @Override
    public String whyPairs() {
        return "How the pairs come about, key by key";
    }

    @Override
    public String threeCircles(List<String> tables, long all) {
        return text("Venn diagram of {}: {} in all three", String.join(", ", tables), all);
    }

    @Override
    public String removeByKinds(List<String> rows) {
        return text(
                rows.isEmpty() ? "Remove them, by other kinds of join{}" : "Remove them, by other kinds of join\n{}",
                String.join("\n", rows));
    }

    @Override
    public String addByKinds(List<String> rows) {
        return text(rows.isEmpty() ? "Add them, by other kinds of join{}" : "Add them, by other kinds of join\n{}",
                String.join("\n", rows));
    }

    @Override
    public String unmatchedOf(long rows, long unknown, String table) {
        return unknown == 0 ? text("{} of {} unmatched", rows, table)
                : text("{} of {} unmatched, {} unknown", rows, table, unknown);
    }

    @Override
    public String vennTold(String left, long pairs, String right) {
        return text("{}, {}, {}", left, counted(pairs, "pair"), right);
    }

    @Override
    public String removeUnmatched(String table, JoinKind kind) {
        return text("Remove unmatched rows of {}: {}", table, names.join(kind));
    }

    @Override
    public String addUnmatched(String table, JoinKind kind) {
        return text("Add unmatched rows of {}: {}", table, names.join(kind));
    }

    @Override
    public String removePairs(JoinKind kind) {
        return text("Remove the pairs: {}", names.join(kind));
    }

    @Override
    public String addPairs(JoinKind kind) {
        return text("Add the pairs: {}", names.join(kind));
    }

    @Override
    public String pairsOfRows(long pairs, long left, String leftTable, long right, String rightTable) {
        return text("{} of {} {} and {} {}", counted(pairs, "pair"), left, leftTable, right, rightTable);
    }

    @Override
    public String pairsOfSides(long pairs, long left, long right) {
        return text("{} of {} left and {} right rows", counted(pairs, "pair"), left, right);
    }

    @Override
    public String unknown() {
        return "? unknown";
    }
}
