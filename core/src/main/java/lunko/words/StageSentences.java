package lunko.words;

import java.util.List;
import java.util.OptionalLong;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.table.Truth;

/** What a query does after joining, stage by stage and row by row. Rows are called by their names. */
public interface StageSentences {

    /** What becomes of a row of a filter. */
    Phrase filtered(String condition, Truth verdict, String row, long place);

    /** The heading of a filter: {@code Filter hives by WHERE}. */
    Phrase filterTitle(String rows, String clause);

    /** Why a row stays or goes, in a few words: {@code kg > 3 is false}. */
    String filterReason(String condition, Truth verdict);

    /** A filter begins. */
    Phrase filterStarts(String clause, long count, String rows);

    /** An outer join and a filter that leaves only what it kept are another kind of join. */
    Phrase filterSays(JoinKind kind);

    /** How many rows are there after a clause, of how many. */
    Phrase leaves(String clause, long after, long before);

    /** The heading of grouping; nothing to group by makes one group. */
    Phrase groupTitle(String rows, List<String> keys);

    /** Grouping begins. */
    Phrase groupStarts(long count, String rows, List<String> keys);

    /** A row goes into a group, as the first one there or not. */
    Phrase grouped(String row, String group, boolean first);

    /** A group becomes a row, with these values of its aggregates. */
    Phrase groupBecomes(String group, long rows, long place, String values);

    /** How many groups there are, of how many rows. */
    Phrase groupsMade(long groups, long rows);

    /** The heading of the choice of columns. */
    Phrase selectTitle(List<String> columns);

    /** The choice of columns begins. */
    Phrase selectStarts(List<String> columns);

    /** A row becomes one with the columns asked for. */
    Phrase selected(String row, long place, String values);

    /** The choice of columns is done. */
    Phrase selectEnds(long rows);

    /** The heading of DISTINCT. */
    Phrase distinctTitle(String rows);

    /** DISTINCT begins. */
    Phrase distinctStarts();

    /** A row is new to the result. */
    Phrase isNew(String values, long place);

    /** A row is in the result already. */
    Phrase isDuplicate(String values, long ofPlace);

    /** Which row of the result a row is like, in a few words. */
    String duplicateReason(long ofPlace);

    /** The heading of sorting. */
    Phrase orderTitle(String keys);

    /** Sorting begins. */
    Phrase orderStarts(long rows, String keys);

    /** A row has its place in the order; it may have the same keys as the one before it. */
    Phrase ordered(String row, long place, String keys, boolean asBefore);

    /** All rows are in order. */
    Phrase orderEnds(long rows);

    /** The heading of putting rows back into the order of FROM. */
    Phrase rearrangedTitle();

    /** Putting back begins. */
    Phrase rearrangedStarts(long rows);

    /** A row has its place as FROM has it. */
    Phrase rearranged(String row, long place);

    /** All rows are as FROM has them. */
    Phrase rearrangedEnds(long rows);

    /** The heading of a limit. */
    Phrase limitTitle();

    /** A limit begins: so many rows are skipped, and at most so many taken. */
    Phrase limitStarts(long rows, long skipped, OptionalLong most);

    /** A row is skipped. */
    Phrase skipped(String row, long skipped);

    /** A row stays. */
    Phrase withinLimit(String row, long place);

    /** A row comes after the limit. */
    Phrase beyondLimit(String row, long most);

    /** Why a row is skipped, in a few words. */
    String skippedReason(long skipped);

    /** Why a row is cut off, in a few words. */
    String beyondReason(long most);

    /** The heading of a set operation. */
    Phrase combineTitle(String operation);

    /** A set operation begins. */
    Phrase combineStarts(String operation, SetOperator operator, boolean countsRepeats);

    /** A row of one of two queries, by its number from 1. */
    Phrase rowOfQuery(boolean first, long row, String values);

    /** A row comes into the result. */
    Phrase combineTakes(Phrase row, SetOperator operator, long place);

    /** A row is in the result already. */
    Phrase combineRepeats(Phrase row);

    /** A row is not in the second query, or not as often. */
    Phrase combineMisses(Phrase row, boolean countsRepeats);

    /** A row is in the second query. */
    Phrase combineFinds(Phrase row, boolean countsRepeats);

    /** A row is there only to be compared with. */
    Phrase combineOnlyCompares(Phrase row);

    /** A set operation is done. */
    Phrase combineEnds(String operation, long first, long second, long rows);

    /** A row is in the result already, in a few words. */
    String repeatedReason();

    /** A row is not in the second query, in a few words. */
    String missingReason();

    /** A row is in the second query too, in a few words. */
    String foundReason();

    /** A row is only compared with, in a few words. */
    String comparedReason();

    /** The heading of the result. */
    Phrase resultTitle();

    /** How many rows the result has. */
    Phrase resultHas(long rows);

    /** The order of the result is that of ORDER BY. */
    Phrase orderedBy(String keys);

    /** There is no ORDER BY: what a database promises, and what Lunko does. */
    Phrase unordered(boolean limited, boolean joins, boolean groups);

    /** A heading within a query that is within another. */
    Phrase within(Phrase heading);

    /** A heading within a query in FROM, by the name of that. */
    Phrase within(String name, Phrase heading);

    /** The heading of a part of a round: {@code Round 2 of line: match hives with line}; round 0 is the first query. */
    Phrase withinRound(String name, int round, Phrase heading);

    /** What the rows of a round are called; round 0 is the first query. */
    String roundTitle(String name, int round);

    /** The heading of what puts rounds together. */
    Phrase recursionTitle(String name);

    /** What a query that reads itself is about to do. */
    Phrase recursionStarts(String name);

    /** A row of a round, the start of a sentence; round 0 is the first query. */
    Phrase rowOfRound(int round, long row, String values);

    /** A row of a round goes into the result. */
    Phrase recursionTakes(Phrase row, long place);

    /** So many rounds have been asked, the last of which brought nothing. */
    Phrase recursionEnds(int rounds, long rows);

    /** A join at a glance, by the table that it joins: {@code LEFT JOIN keepers}. */
    String joinClause(JoinKind kind, String table);

    /** The rows that an outer join keeps, at a glance. */
    String keepClause();

    /** The result, at a glance. */
    String resultClause();
}
