package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.desktop.words.ShowWords;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.Truth;
import lunko.words.Names;

/** What is said in the show, in English. */
record EnglishShow(Names names) implements ShowWords {

    @Override
    public String pause() {
        return "Pause";
    }

    @Override
    public String play() {
        return "Play";
    }

    @Override
    public String forward() {
        return "One step forward";
    }

    @Override
    public String back() {
        return "One step back";
    }

    @Override
    public String nextResultRow() {
        return "To the next row of the result";
    }

    @Override
    public String nextLeftRow() {
        return "To the next left row";
    }

    @Override
    public String toStart() {
        return "To the start";
    }

    @Override
    public String toEnd() {
        return "To the end";
    }

    @Override
    public String faster() {
        return "Faster";
    }

    @Override
    public String slower() {
        return "Slower";
    }

    @Override
    public String openAtEnd() {
        return "Open the lesson at its end again";
    }

    @Override
    public String openHere() {
        return "Open the lesson at this step";
    }

    @Override
    public String endOfStage() {
        return "To the end of the stage";
    }

    @Override
    public String playEveryStep() {
        return "Play every step";
    }

    @Override
    public String playOnlyPairs() {
        return "Play only the pairs: skip steps that add no row";
    }

    @Override
    public String step() {
        return "step";
    }

    @Override
    public String onlyPairs() {
        return "only pairs";
    }

    @Override
    public String howMatched() {
        return "How matches are found";
    }

    @Override
    public String speed() {
        return "speed";
    }

    @Override
    public String speedOneInThree() {
        return "1 in 3 s";
    }

    @Override
    public String speedOneInTwo() {
        return "1 in 2 s";
    }

    @Override
    public String speedOne() {
        return "1 a second";
    }

    @Override
    public String speedTwo() {
        return "2 a second";
    }

    @Override
    public String speedFour() {
        return "4 a second";
    }

    @Override
    public String speedTen() {
        return "10 a second";
    }

    @Override
    public String speedWhole() {
        return "all in 3 s";
    }

    @Override
    public String stepOf(String step, String last) {
        return text("step {} of {}", step, last);
    }

    @Override
    public String noSteps() {
        return "no steps";
    }

    @Override
    public String toStep(long step) {
        return text("To step {}", step);
    }

    @Override
    public Phrase stale() {
        return say("The query above cannot run as it is written. What you see is the one before it.");
    }

    @Override
    public String addRowTo(Side side) {
        return text("Add a row to the {} table", names.side(side));
    }

    @Override
    public String aKind(JoinKind kind) {
        return capital(names.join(kind));
    }

    @Override
    public String natural() {
        return "natural";
    }

    @Override
    public String self() {
        return "self";
    }

    @Override
    public String aNaturalJoin() {
        return "A natural join…";
    }

    @Override
    public String aSelfJoin() {
        return "A self join…";
    }

    @Override
    public String withKey(String what, String key) {
        return text("{}  ({})", what, key);
    }

    @Override
    public String lanes(long count) {
        return text("{} between matching rows", counted(count, "lane"));
    }

    @Override
    public String naturalTitle() {
        return "A natural join matches all columns of the same name";
    }

    @Override
    public String naturalRight() {
        return "These are the right columns.";
    }

    @Override
    public String naturalWrong() {
        return "These are not the columns that link the tables.";
    }

    @Override
    public String naturalKind(JoinKind kind, OptionalLong rows) {
        return rows.isEmpty() ? text("natural {}", names.kind(kind))
                : text("natural {}  ·  {}", names.kind(kind), counted(rows.getAsLong(), "row"));
    }

    @Override
    public String byLink() {
        return "By the link again";
    }

    @Override
    public String cancel() {
        return "Cancel";
    }

    @Override
    public String selfTitle() {
        return "A self join joins a table with itself";
    }

    @Override
    public String selfTable() {
        return "Table";
    }

    @Override
    public String selfJoin() {
        return "Join it with itself";
    }

    @Override
    public String tableOn(Side side) {
        return text("{} table", names.side(side));
    }

    @Override
    public String headingTip() {
        return "Drag it onto a column of the other table to match the two; right-click to show it, filter and sort.";
    }

    @Override
    public String headingTipAlone() {
        return "Right-click to show it, filter and sort.";
    }

    @Override
    public String madeBefore(Side side) {
        return text("rows on the {}, made by the stages before", names.side(side));
    }

    @Override
    public String nameOfTable(Side side) {
        return text("name of the {} table", names.side(side));
    }

    @Override
    public String aboutRows(Side side, long rows) {
        return text("{} · {}", names.side(side), counted(rows, "row"));
    }

    @Override
    public String aboutTable(String alias, Side side, long rows) {
        return text("{} · {} · {}", alias, names.side(side), counted(rows, "row"));
    }

    @Override
    public String vennDiagram() {
        return "Venn diagram";
    }

    @Override
    public String pairGrid() {
        return "Pair grid";
    }

    @Override
    public String noCircles(String left, String right) {
        return text(
                "A cross join has no condition, so there are no circles to draw: every row of {} is paired with "
                        + "every row of {}. All pairs together form a rectangle:",
                left, right);
    }

    @Override
    public String rowsByKind() {
        return "Rows by kind of join";
    }

    @Override
    public String kindGives(JoinKind kind, long rows, String sum) {
        return text("{}: {}, {}", names.join(kind), counted(rows, "row"), sum);
    }

    @Override
    public String kindCannotRun(JoinKind kind) {
        return text("{}: cannot run", names.join(kind));
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
    public String matched() {
        return "matched";
    }

    @Override
    public String pairs() {
        return "pairs";
    }

    @Override
    public String pairsOfRows(long pairs, long left, String leftTable, long right, String rightTable) {
        return text("{} of {} {} and {} {}", counted(pairs, "pair"), left, leftTable, right, rightTable);
    }

    @Override
    public String noMatch() {
        return "no match";
    }

    @Override
    public String unknown() {
        return "? unknown";
    }

    @Override
    public String more(long count) {
        return text("+ {} more", count);
    }

    @Override
    public String two(String left, String right) {
        return text("{} · {}", left, right);
    }

    @Override
    public String sortView(String column) {
        return text("Sort the view by {} only", column);
    }

    @Override
    public String hide(String column) {
        return text("Hide {}", column);
    }

    @Override
    public String moveLeft() {
        return "Move left";
    }

    @Override
    public String moveRight() {
        return "Move right";
    }

    @Override
    public String asJoinGives() {
        return "As the join gives it";
    }

    @Override
    public String asQueryGives() {
        return "As the query gives it";
    }

    @Override
    public String result() {
        return "Result";
    }

    @Override
    public String resultAbout(long rows, String changes, String arranged) {
        return String.join(" · ",
                Stream.of(counted(rows, "row"), changes, arranged).filter(part -> !part.isEmpty()).toList());
    }

    @Override
    public String resultSaid(String about) {
        return text("result, {}", about);
    }

    @Override
    public String rowsAsJoinGives() {
        return "Rows of the result as the join gives them";
    }

    @Override
    public String groupByLeftRow() {
        return "Rows of one left row together";
    }

    @Override
    public String resultAsJoinGives() {
        return "The result as the join gives it";
    }

    @Override
    public String copyTsv() {
        return "Copy the result for a spreadsheet (TSV)";
    }

    @Override
    public String copyMarkdown() {
        return "Copy the result as Markdown";
    }

    @Override
    public String copyCsv() {
        return "Copy the result as CSV";
    }

    @Override
    public String copied(long rows) {
        return text("Copied {}.", counted(rows, "row"));
    }

    @Override
    public String resultMenu() {
        return "View the result differently, or copy it";
    }

    @Override
    public Phrase onlyColumnsOf(Phrase table) {
        return say("· only {} columns", table);
    }

    @Override
    public Phrase columnsUnder(Phrase left, Phrase right) {
        return say("· {} columns are under {}, {} columns under {}", left, left, right, right);
    }

    @Override
    public Phrase noneYet() {
        return say("**Result**  none yet");
    }

    @Override
    public Phrase resultHeading(long rows, long all, String changes, String arranged, long from) {
        return Phrase.joined(" · ",
                List.of(rows == all ? say("**Result**  {}", counted(all, "row"))
                        : say("**Result**  {} of {} so far", rows, counted(all, "row")), say("**{}**", changes),
                        Phrase.plain(arranged), from > 1 ? say("listed from row {}", from) : Phrase.EMPTY));
    }

    @Override
    public String ifNoMatch() {
        return "if no match";
    }

    @Override
    public String removed() {
        return "removed";
    }

    @Override
    public String repeated() {
        return "repeated";
    }

    @Override
    public String pair() {
        return "pair";
    }

    @Override
    public String keptNoMatch() {
        return "kept, no match";
    }

    @Override
    public String kept() {
        return "kept";
    }

    @Override
    public String takenMatched() {
        return "matched";
    }

    @Override
    public String takenUnmatched() {
        return "no match";
    }

    @Override
    public String whichRows() {
        return "which rows each row of the result comes from";
    }

    @Override
    public String columnsFrom(Side side) {
        return text("result columns from the {} table", names.side(side));
    }

    @Override
    public String givesNoColumns(JoinKind kind, String table) {
        return text("{} gives no columns of {}.", capital(names.join(kind)), table);
    }

    @Override
    public String filtered() {
        return "Filtered";
    }

    @Override
    public String groups() {
        return "Groups";
    }

    @Override
    public String selected() {
        return "Selected";
    }

    @Override
    public String distinct() {
        return "Distinct";
    }

    @Override
    public String combined() {
        return "Combined";
    }

    @Override
    public String sorted() {
        return "Sorted";
    }

    @Override
    public String limited() {
        return "Limited";
    }

    @Override
    public String soFar(long rows, long all) {
        return text("{} of {} so far", rows, counted(all, "row"));
    }

    @Override
    public String stage(String title, long rows, String sum) {
        return sum.isEmpty() ? text("{}: {}", title, counted(rows, "row"))
                : text("{}: {}, {}", title, counted(rows, "row"), sum);
    }

    @Override
    public String card(String title, String about) {
        return text("{}, {}", title, about);
    }

    @Override
    public String onlyWhere(String condition) {
        return text("Only rows where {}", condition);
    }

    @Override
    public String select(String column) {
        return text("Select {}", column);
    }

    @Override
    public String onlyRowsWhere() {
        return "Only rows where";
    }

    @Override
    public String sortResultBy(String column) {
        return text("Sort the result by {}", column);
    }

    @Override
    public String joinAnotherBy(String column) {
        return text("Join another table by {}", column);
    }

    @Override
    public String smallestFirst() {
        return "smallest first";
    }

    @Override
    public String largestFirst() {
        return "largest first";
    }

    @Override
    public String unsorted() {
        return "not sorted by it";
    }

    @Override
    public String emptyText() {
        return "empty text";
    }

    @Override
    public String paddedNull() {
        return "NULL added by the join";
    }

    @Override
    public String link(String numbers, String word) {
        return text("{} {}", numbers, word);
    }
}
