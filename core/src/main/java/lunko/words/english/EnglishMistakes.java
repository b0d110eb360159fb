package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.words.MistakeSentences;

/** The mistakes that learners make with joins, in English. */
final class EnglishMistakes implements MistakeSentences {

    @Override
    public Told fan() {
        return new Told("A figure that is too large", "The figure, each row once",
                "A row that matches twice is in the joined rows twice, and so it is counted or added twice. Nothing in "
                        + "the query looks wrong, and no error is reported.",
                "Ask *whether* there is a match (EXISTS) instead of joining, or group before you join. "
                        + "COUNT(DISTINCT …) helps as well, as long as it is given a key: of two rows with the same "
                        + "value it counts one.");
    }

    @Override
    public Told chasm() {
        return new Told("Two joins that multiply each other", "Grouped first, then joined",
                "Three rows of one table and two of another, all belonging to the same row, are six joined rows: each "
                        + "figure counts the rows of the other table as well. Both are too large.",
                "Group each of the two tables first: then there is one row of each for every row, and nothing is "
                        + "repeated.");
    }

    @Override
    public Told distinct() {
        return new Told("DISTINCT hides the repetition", "Ask whether there is a match",
                "The join gives a row once for each match, and DISTINCT throws the repeated rows away again. It looks "
                        + "right until two different rows have the same value: then they have become one.",
                "What is asked is whether there is a match: EXISTS gives each row once, whatever its values are.");
    }

    @Override
    public Told byPosition() {
        return new Told("Side by side, line by line", "Joined by the key",
                "The columns of one table pasted beside those of another: line 1 to line 1, line 2 to line 2. That is "
                        + "a join by line number. Some lines may be right by luck; sort one of the tables, and others "
                        + "are.",
                "A row belongs to another because of what it says, its key, and not because of where it stands.");
    }

    @Override
    public Told wrongColumn() {
        return new Told("Joined by the wrong column", "Joined by the columns that belong together",
                "Both columns hold numbers, and some of them are equal, so that the query gives rows. They are not "
                        + "numbers of the same thing: the rows that are put together have nothing to do with each "
                        + "other.",
                "Ask what each column is a number *of*. A join that gives rows is not yet one that gives the right "
                        + "ones.");
    }

    @Override
    public Told equalsNull() {
        return new Told("= NULL", "IS NULL",
                "NULL means that nobody knows. Whether an unknown value equals another cannot be told: the answer is "
                        + "*unknown* for every row, and a row for which a condition is unknown is left out.",
                "IS NULL asks whether a value is missing, and that can be told.");
    }

    @Override
    public Told noCondition() {
        return new Told("The forgotten condition", "With its condition",
                "Two tables, and nothing that says which rows belong together: every row is put together with every "
                        + "other. With a thousand rows each that is a million.",
                "The condition leaves the pairs that belong together.");
    }

    @Override
    public Told undoneByWhere() {
        return new Told("WHERE undoes the left join", "The condition in ON",
                "The left join keeps rows without a match, with NULL on the right. Then WHERE compares that NULL, "
                        + "which is unknown, and takes them away again: an inner join in other words.",
                "In ON, the condition decides *what matches*. Rows that match nothing are kept all the same.");
    }

    @Override
    public Told undoneByJoin() {
        return new Told("A later join undoes the left join", "Left all the way",
                "The first join keeps rows without a match. The second is an inner join by a column of the table in "
                        + "the middle, which is NULL for them: they match nothing and are gone.",
                "What has been kept once must be kept by each later join.");
    }

    @Override
    public Told notIn() {
        return new Told("NOT IN and a NULL", "NOT EXISTS",
                "One of the values in the list is NULL. Whether a value is different from that nobody knows, so NOT IN "
                        + "is never true: not one row is left, however many have no match.",
                "NOT EXISTS asks whether there is a match, and a NULL is none.");
    }

    @Override
    public Told queryForEachRow() {
        return new Told("A query for each row", "One query",
                "A program asks for the rows of one table, and then asks again for each of them. Each question "
                        + "travels to the database and back. With five rows nobody notices; with five thousand "
                        + "everybody does.",
                "One join asks once for all of them. How many rows there are makes no difference to the number of "
                        + "queries.");
    }

    @Override
    public String sent(int queries) {
        return text("{} queries are sent: 1, and 1 for each row", queries);
    }

    @Override
    public String andSoOn(int shown, int rows) {
        return text("and so on: {} are shown here, of {}", shown, counted(rows, "row"));
    }
}
