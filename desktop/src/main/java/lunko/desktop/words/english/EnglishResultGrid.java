package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.desktop.words.ResultGridWords;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.words.Names;

/** What is said of the rows of the result, and how they are viewed, in English. */
record EnglishResultGrid(Names names) implements ResultGridWords {

    @Override
    public String sortView(String column) {
        return text("Sort by {} here only", column);
    }

    @Override
    public String hide(String column) {
        return text("Hide {}", column);
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
    public Phrase resultHeading(long rows, OptionalLong all, String changes, String arranged, long from) {
        return Phrase.joined(" · ",
                List.of(all.isEmpty() ? say("**Result**  {} so far", counted(rows, "row"))
                        : rows == all.getAsLong() ? say("**Result**  {}", counted(rows, "row"))
                                : say("**Result**  {} of {} so far", rows, counted(all.getAsLong(), "row")),
                        say("**{}**", changes),
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
    public String keepAsTable() {
        return "Keep the result as a table";
    }

    @Override
    public String keepAsView() {
        return "Keep the result as a view";
    }

    @Override
    public String giveQueryTo(String view) {
        return text("Give this query to the view {}", view);
    }

    @Override
    public String viewKept(String view) {
        return text("The view {} is among the tables: its rows follow this query, whatever is changed.", view);
    }

    @Override
    public String nameOfCopy() {
        return "result";
    }

    @Override
    public String kept(String table, long rows) {
        return text("Kept {} as the table {}: it is among the tables, and a query can take it.", counted(rows, "row"),
                table);
    }

    @Override
    public String soFar(long rows, long all) {
        return text("{} of {} so far", rows, counted(all, "row"));
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
