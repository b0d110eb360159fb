package lunko.desktop.words;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import lunko.insight.picture.KindChart;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;

/** What is said of the kinds of join where one is chosen. */
public interface KindWords {

    /** How many rows a kind gives. */
    record Figure(JoinKind kind, long rows) {}

    /** {@code Left outer join}. */
    String aKind(JoinKind kind);

    /** {@code natural}. */
    String natural();

    /** {@code self}. */
    String self();

    /** {@code A natural join…}. */
    String aNaturalJoin();

    /** {@code A self join…}. */
    String aSelfJoin();

    /** As in {@code …  (…)}. */
    String withKey(String what, String key);

    /** {@code A natural join matches all columns of the same name}. */
    String naturalTitle();

    /** {@code These are the right columns.}. */
    String naturalRight();

    /** {@code These are not the columns that link the tables.}. */
    String naturalWrong();

    /** A natural kind of join, and how many rows it gives if it runs. */
    String naturalKind(JoinKind kind, OptionalLong rows);

    /** {@code By the link again}. */
    String byLink();

    /** {@code A self join joins a table with itself}. */
    String selfTitle();

    /** {@code Table}. */
    String selfTable();

    /** {@code Join it with itself}. */
    String selfJoin();

    /** {@code Rows by kind of join}. */
    String rowsByKind();

    /** What a kind gives, if it can run: how many rows, and how that comes about. */
    String kindGives(JoinKind kind, long rows, String sum);

    /** {@code left outer join: cannot run}. */
    String kindCannotRun(JoinKind kind);

    /** {@code Every kind at once}. */
    String everyKind();

    /** {@code every row that any kind gives, once: point at a cell for its why, click a heading to show that kind}. */
    String everyKindAbout();

    /** A row of the chart by its rows, of which there are one or two: {@code Clover – Oda}, {@code Linden – ·}. */
    Phrase line(Optional<Phrase> left, Optional<Phrase> right);

    /** All pairs of a chart in one line: {@code 400 pairs}. */
    Phrase allPairs(long pairs);

    /** All unmatched rows of a side in one line: {@code 12 of hives, no match}. */
    Phrase allUnmatched(long rows, Phrase table);

    /** {@code rows}, at the foot of the chart. */
    String rows();

    /** {@code A cross join gives 20 rows, 5 × 4: every pair, whether it matches or not.}. */
    String crossGives(long left, long right);

    /** What stands in a cell of the chart, for the legend and for those who do not see it. */
    String cell(KindChart.Cell cell);

    /** A cell and where it stands: {@code Linden – ·, left outer: kept, NULL on the other side}. */
    String cellOf(String line, JoinKind kind, KindChart.Cell cell);

    /** {@code From left outer to inner}. */
    String change(JoinKind from, JoinKind to);

    /** {@code Point at another kind to see what it adds and removes.}. */
    String pointAtAnother();

    /** {@code 2 rows removed}. */
    String removed(long rows);

    /** {@code 2 rows added}. */
    String added(long rows);

    /** {@code The same rows on these tables}. */
    String sameTitle();

    /** {@code inner and left outer: hives has no unmatched rows}. */
    String same(KindChart.Same same, String left, String right);

    /** {@code No kinds give the same rows here.}. */
    String noneSame();

    /** {@code Always}: the laws of joins. */
    String lawsTitle();

    /** {@code left outer 5 = inner 3 + left anti 2}. */
    String law(Figure whole, List<Figure> parts);

    /** {@code There is no condition here by which the kinds could be compared.}. */
    String noChart();
}
