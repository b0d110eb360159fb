package lunko.words.english;

import java.util.List;
import lunko.words.Glossary;

/** The words that a learner has to know, in English. */
final class EnglishGlossary implements Glossary {
    private static final List<Term> TERMS = List.of(
            new Term("anti join", List.of("anti join", "anti joins"),
                    "Gives the rows of one table that have no match in the other, with their own columns only."),
            new Term("Cartesian product", List.of("cartesian product"),
                    "Every row of one table paired with every row of another: 5 rows × 4 rows = 20 pairs."),
            new Term("comparison", List.of("comparison", "comparisons"),
                    "Two rows are compared by the condition of a join, and it is true, false or unknown."),
            new Term("condition", List.of("condition", "conditions"),
                    "An expression that is true, false or unknown of a row or of two rows; a textbook also says "
                            + "predicate."),
            new Term("cross join", List.of("cross join", "cross joins"),
                    "Pairs every row of one table with every row of the other, without a condition."),
            new Term("duplicate", List.of("duplicate", "duplicates"),
                    "A row that is equal to another in every column; DISTINCT keeps one of them."),
            new Term("foreign key", List.of("foreign key", "foreign keys"),
                    "Columns that refer to a key of another table: each value has to be there, or be NULL."),
            new Term("full outer join", List.of("full outer join", "full outer joins"),
                    "Gives all matching pairs and keeps the unmatched rows of both tables."),
            new Term("group", List.of("group", "groups"),
                    "Rows with equal values in the columns of GROUP BY; each group becomes one row."),
            new Term("hash join", List.of("hash join", "hash joins"),
                    "Finds matches by buckets: the rows of one table go into buckets by key, and each row of the "
                            + "other looks into one bucket."),
            new Term("inner join", List.of("inner join", "inner joins"),
                    "Gives the pairs of rows that match, and nothing else."),
            new Term("join", List.of("join", "joins"),
                    "Puts rows of two tables together by a condition."),
            new Term("kept row", List.of("kept row", "kept rows", "kept", "keeps"),
                    "An unmatched row that an outer join keeps, with NULL in the columns of the other table."),
            new Term("key", List.of("key", "keys"),
                    "The columns by which rows are told apart, or by which two tables are matched."),
            new Term("key check", List.of("key check"),
                    "What can be said about two key columns before they are joined: matches, repeated keys, NULLs, "
                            + "near-duplicates."),
            new Term("left outer join", List.of("left outer join", "left outer joins"),
                    "Gives all matching pairs and keeps the unmatched rows of the left table."),
            new Term("lesson", List.of("lesson", "lessons"),
                    "Tables, and the joins that are shown of them: what is saved in a file."),
            new Term("link", List.of("link", "links"),
                    "Columns of two tables that belong together, drawn as a line between them."),
            new Term("many-to-one", List.of("many-to-one", "one-to-many", "many-to-many", "one-to-one"),
                    "How many rows may match how many: in many-to-one, several rows of the first table match one row "
                            + "of the second."),
            new Term("match", List.of("match", "matches", "matching", "matched"),
                    "Two rows match where the condition is true."),
            new Term("natural join", List.of("natural join", "natural joins"),
                    "Matches all columns that have the same name in both tables."),
            new Term("near-duplicate", List.of("near-duplicate", "near-duplicates"),
                    "A key that differs from another only in case, blanks or a letter, so that the two do not match."),
            new Term("nested loop", List.of("nested loop", "nested loops"),
                    "Finds matches by comparing each row of one table with each row of the other."),
            new Term("NULL", List.of("null", "nulls"),
                    "No value: nothing is equal to it, not even another NULL."),
            new Term("orphan", List.of("orphan", "orphans"),
                    "A row whose foreign key refers to a row that does not exist."),
            new Term("outer join", List.of("outer join", "outer joins"),
                    "Gives all matching pairs and keeps unmatched rows of the left table, the right table, or both."),
            new Term("pair", List.of("pair", "pairs", "paired"),
                    "A left row and a right row that come into the result together."),
            new Term("pair grid", List.of("pair grid"),
                    "The left rows by the right rows, with a cell for each comparison."),
            new Term("repeated key", List.of("repeated key", "repeated keys"),
                    "A key that several rows have: a row that matches it appears once for each of them."),
            new Term("result", List.of("result", "results"),
                    "The rows that a query gives."),
            new Term("right outer join", List.of("right outer join", "right outer joins"),
                    "Gives all matching pairs and keeps the unmatched rows of the right table."),
            new Term("self join", List.of("self join", "self joins"),
                    "Joins a table with itself, under two names."),
            new Term("semi join", List.of("semi join", "semi joins"),
                    "Gives the rows of one table that have a match in the other, each once, with their own columns "
                            + "only."),
            new Term("situation", List.of("situation", "situations"),
                    "A change to the tables that sets up one teaching point."),
            new Term("sort-merge join", List.of("sort-merge join", "sort-merge joins"),
                    "Finds matches by sorting both tables by key and reading them side by side."),
            new Term("stage", List.of("stage", "stages"),
                    "One thing that a query does: join, filter, group, select, sort, limit."),
            new Term("step", List.of("step", "steps"),
                    "The smallest thing that is shown: two rows compared, a pair added, a row kept or removed."),
            new Term("subquery", List.of("subquery", "subqueries"),
                    "A query within another query."),
            new Term("unknown", List.of("unknown"),
                    "The third truth value: a comparison with NULL is neither true nor false."),
            new Term("unmatched", List.of("unmatched"),
                    "Without a match on the other side."),
            new Term("Venn diagram", List.of("venn diagram", "venn diagrams"),
                    "Two circles for two tables: the pairs are where they overlap, the unmatched rows outside."),
            new Term("why", List.of("why", "whys"),
                    "The sentence that explains a step."));

    @Override
    public List<Term> terms() {
        return TERMS;
    }
}
