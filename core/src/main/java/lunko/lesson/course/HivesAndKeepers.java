package lunko.lesson.course;

import static lunko.lesson.course.Told.asking;
import static lunko.lesson.course.Told.atEnd;
import static lunko.lesson.course.Told.cell;
import static lunko.lesson.course.Told.join;
import static lunko.lesson.course.Told.natural;
import static lunko.lesson.course.Told.query;
import static lunko.lesson.course.Told.with;
import static lunko.lesson.course.Told.withGrid;
import static lunko.lesson.course.Told.without;

import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;
import lunko.query.Side;

/** The lesson that Lunko opens with: joins from the beginning, in an order that an instructor can teach tomorrow. */
final class HivesAndKeepers {
    private HivesAndKeepers() {}

    static Lesson lesson() {
        return Told.lesson(Course.HIVES_AND_KEEPERS.title(),
                asking(new Question.WhichPairs(),
                        withGrid(join("Two tables and a key", "hives", JoinKind.INNER, "keepers", """
                        Look at both tables before there is any query. **Ask:** which column of *hives* speaks of
                        *keepers*? What tells one keeper from another? Which hive will cause trouble?

                        Nothing has been compared yet; the empty grid has a cell for each comparison to come: 5 × 4.
                        """))),
                asking(new Question.HowMany(), join("Who meets whom", "hives", JoinKind.INNER, "keepers", """
                        **Ask first:** how many rows will there be? Most say five, as there are five hives.

                        Play it slowly. A row comes into the result only when the two keys are the same. Linden and
                        Sainfoin meet nobody; nor do Bert and Yara.
                        """)),
                asking(new Question.WhichRows(Side.LEFT, Question.Fate.UNMATCHED),
                        "Which hives come into the result without a keeper?",
                        join("Keep every hive", "hives", JoinKind.LEFT_OUTER, "keepers", """
                        One word changes, two rows more. **Ask first:** which rows will have NULL on the right?

                        *Left* is the table that is written first; here it stands on the left as well. At the end of
                        its turn a hive without a match is kept.
                        """)),
                asking(new Question.HowMany(),
                        with(join("After Tam has left", "hives", JoinKind.LEFT_OUTER, "keepers", """
                        The same query. In this scene alone Tam is not in *keepers* any more. **Ask:** will there be
                        fewer rows?

                        There are five again: Heather has joined Linden and Sainfoin. An outer join does not lose rows
                        of its own side.
                        """), without("keepers", 2))),
                asking(new Question.WhichRows(Side.RIGHT, Question.Fate.UNMATCHED),
                        "Which keepers come into the result without a hive?",
                        join("Keep every keeper", "hives", JoinKind.RIGHT_OUTER, "keepers", """
                        The mirror of *Keep every hive*. **Ask first:** where will the hatched cells be now?

                        The keepers that met nobody come last, because it is known only at the end that they have not.
                        """)),
                asking(new Question.HowMany(), join("Keep both", "hives", JoinKind.FULL_OUTER, "keepers", """
                        **Ask first:** how many rows? Let the class reckon: 3 that met, 2 hives, 2 keepers.

                        Point at the circles: the middle, the left lune, the right lune.
                        """)),
                asking(new Question.HowMany(), query("One keeper, two hives", """
                        SELECT k.keeper, h.hive
                        FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id
                        ORDER BY k.keeper
                        """, """
                        **Ask:** whose name is there twice, and why? There is one Oda in *keepers*.

                        A join does not look a row up; it makes a row of every match. The side with many rows for a key
                        repeats the row of the other.
                        """)),
                query("Two ways to have no keeper", """
                        SELECT h.hive, h.keeper_id FROM hives h WHERE h.keeper_id IS NULL;
                        SELECT h.hive, h.keeper_id FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
                        WHERE k.keeper_id IS NULL
                        """, """
                        Two questions that sound alike. Press **R** for both results: *no key is written down* gives
                        Linden; *nobody has that key* gives Linden and Sainfoin.

                        **Ask before the second:** is Sainfoin’s keeper_id NULL? It is 15, and there is no keeper 15.
                        """),
                asking(new Question.HowMany(), query("A filter behind the join", """
                        SELECT h.hive, k.keeper, k.village
                        FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
                        WHERE k.village = 'Ashholt'
                        """, """
                        All hives, and their keepers from Ashholt: that was the idea. **Ask:** where are Linden,
                        Sainfoin and Heather?

                        WHERE comes after the join. For a kept row *village* is NULL, NULL = 'Ashholt' is unknown, and
                        unknown is not true. The outer join has been undone.
                        """)),
                asking(new Question.HowMany(), query("The same filter within it", """
                        SELECT h.hive, k.keeper, k.village
                        FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id AND k.village = 'Ashholt'
                        """, """
                        The condition has moved from WHERE into ON. **Ask first:** how many rows now?

                        ON decides who meets; what meets nobody is still kept. Press **O** to see both side by side.
                        """)),
                asking(new Question.WhichRows(Side.LEFT, Question.Fate.IN_RESULT),
                        join("Who keeps any hive", "keepers", JoinKind.LEFT_SEMI, "hives", """
                        A semi join. **Ask:** how often will Oda be there?

                        Once. The first match decides, and nothing is taken from *hives*: no columns, no repetition.
                        Compare with a join and DISTINCT.
                        """)),
                asking(new Question.WriteQuery(Demand.ROWS), "Which query gives the hives that nobody keeps?",
                        join("Hives that nobody keeps", "hives", JoinKind.LEFT_ANTI, "keepers", """
                        The anti join: what the left outer join had to keep, and only that.

                        **Ask:** can you say the same with LEFT JOIN? Press **W** for the ways to say it.
                        """)),
                asking(new Question.HowMany(), query("The trap of NOT IN", """
                        SELECT k.keeper FROM keepers k
                        WHERE k.keeper_id NOT IN (SELECT h.keeper_id FROM hives h)
                        """, """
                        Keepers who keep nothing. **Let everybody write down a number first.** Bert and Yara; so two.

                        There is not one row. Linden’s keeper_id is NULL: *14 is not 11, not 12, and not … unknown*.
                        One NULL in the list, and NOT IN gives nothing.
                        """)),
                asking(new Question.WhatStands(0, 1), query("A hive and the one it came from", """
                        SELECT h.hive, m.hive AS mother
                        FROM hives h LEFT JOIN hives m ON h.mother_no = m.hive_no
                        """, """
                        One table, twice. Say the two names aloud: *h* is the hive, *m* is its mother.

                        **Ask:** whose mother is Clover? Who has none, and how does one see it?
                        """)),
                natural("Natural, by accident", "visits", "harvests", """
                        Which hives were visited and harvested? NATURAL matches all columns of the same name.
                        **Ask:** which are they?

                        *hive_no* was meant; *day* is called the same in both. Nobody harvests on the day of a visit,
                        so nothing is left. A new column can change a natural join that nobody has touched.
                        """),
                asking(new Question.HowMany(),
                        join("Every hive in every meadow", "hives", JoinKind.CROSS, "meadows", """
                        Where could each hive stand? No condition at all. **Ask first:** 5 hives, 3 meadows: how many
                        rows?

                        This is what a forgotten ON gives. With 1,000 and 1,000 rows it is a million.
                        """)),
                query("What a harvest is worth", """
                        SELECT r.hive_no, r.kg, g.grade
                        FROM harvests r JOIN grades g ON r.kg BETWEEN g.from_kg AND g.to_kg
                        """, """
                        A join needs no equality: each harvest meets the grade in whose range it falls.

                        **Ask:** what must hold for the ranges, so that no harvest is there twice? What if one falls
                        between two of them?
                        """),
                query("Left does not stay left", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id
                        JOIN harvests r ON r.hive_no = h.hive_no
                        """, """
                        Every keeper, their hives, their harvests. **Ask:** where are Bert and Yara?

                        The first join has kept them, with NULL for the hive. The second is an inner join: NULL meets
                        nothing. What is kept early must be kept all the way.
                        """),
                asking(new Question.InWords("39, three times too much: each harvest meets each of three visits."),
                        "How many kilograms will the result say for Clover?", query("A sum that is too large", """
                        SELECT h.hive, SUM(r.kg) AS kg
                        FROM hives h JOIN harvests r ON r.hive_no = h.hive_no
                        JOIN visits v ON v.hive_no = h.hive_no
                        GROUP BY h.hive
                        """, """
                        How many kilograms from each hive that was visited? Clover gave 4.5 + 6.0 + 2.5 = 13 kg.
                        **Ask:** what does the result say?

                        39. Three visits, so each harvest is there three times before anything is summed. Look at the
                        rows that went into the group.
                        """)),
                asking(new Question.InWords("Nobody is unmatched, so there is nothing to keep."),
                        "Why does every outer join give five rows here?",
                        atEnd(with(join("As many rows, whatever the kind", "hives", JoinKind.INNER, "keepers", """
                        In this scene Linden belongs to Bert and Sainfoin to Yara. Press **2**, **3**, **4**: five rows
                        each time. **Ask:** why?

                        Nobody is unmatched, so there is nothing to keep. That two queries give the same on these tables
                        does not make them the same. Press **K** to see it for every kind.
                        """), cell("hives", 3, "keeper_id", "13"), cell("hives", 5, "keeper_id", "14")))));
    }
}
