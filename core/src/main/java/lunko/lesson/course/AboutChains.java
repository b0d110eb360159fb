package lunko.lesson.course;

import static lunko.lesson.course.Told.asking;
import static lunko.lesson.course.Told.cell;
import static lunko.lesson.course.Told.query;
import static lunko.lesson.course.Told.with;

import lunko.insight.question.Demand;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;

/** Three and four tables, and why left does not stay left. */
final class AboutChains {
    private AboutChains() {}

    static Lesson lesson() {
        return Told.lesson(Course.CHAINS.title(),
                asking(new Question.HowMany(), query("Three tables", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM keepers k JOIN hives h ON h.keeper_id = k.keeper_id
                        JOIN harvests r ON r.hive_no = h.hive_no
                        """, """
                        Two joins, one after the other. The result of the first is the left side of the second.

                        **Ask:** how many rows does the first give? And then?
                        """)),
                query("In another order", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM harvests r JOIN hives h ON r.hive_no = h.hive_no
                        JOIN keepers k ON h.keeper_id = k.keeper_id
                        """, """
                        **Ask:** will it give other rows?

                        Inner joins may change places: the same rows, in another order. What is done on the way is not
                        the same.
                        """),
                asking(new Question.HowMany(), query("Keep every keeper", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id
                        LEFT JOIN harvests r ON r.hive_no = h.hive_no
                        """, """
                        Left all the way: Bert and Yara are kept by the first join, and again by the second.

                        **Ask:** which cells of theirs are NULL?
                        """)),
                asking(new Question.HowMany(), query("Lost by the second", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id
                        JOIN harvests r ON r.hive_no = h.hive_no
                        """, """
                        One word less. **Ask:** who is missing?

                        The second join compares with hive_no of a kept row, which is NULL. The first join might have
                        been an inner one as well.
                        """)),
                with(query("In brackets", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM keepers k LEFT JOIN (hives h JOIN harvests r ON r.hive_no = h.hive_no)
                        ON h.keeper_id = k.keeper_id
                        """, """
                        Every keeper, and their hives as far as these were harvested. The brackets are joined first, so
                        Linden, which Bert keeps now and nobody has harvested, is gone before the keepers are kept.

                        **Ask:** can you say it without brackets, with a right join?
                        """), cell("hives", 3, "keeper_id", "13")),
                asking(new Question.WriteQuery(Demand.ROWS), with(query("Right, read from the end", """
                        SELECT k.keeper, h.hive, r.kg
                        FROM hives h JOIN harvests r ON r.hive_no = h.hive_no
                        RIGHT JOIN keepers k ON h.keeper_id = k.keeper_id
                        """, """
                        The same rows as with brackets. **Ask:** which table is kept, and where does it stand?
                        """), cell("hives", 3, "keeper_id", "13"))),
                query("Through a table between", """
                        SELECT k.keeper, h.hive, v.day
                        FROM keepers k JOIN visits v ON v.keeper_id = k.keeper_id
                        JOIN hives h ON h.hive_no = v.hive_no
                        """, """
                        Many to many: a keeper visits many hives, a hive has many visitors. *visits* stands between.

                        **Ask:** which visit is not there? (Hive 9 is gone.)
                        """),
                query("Two keys at once", """
                        SELECT h.hive, v.day, k.keeper
                        FROM hives h JOIN visits v ON v.hive_no = h.hive_no AND v.keeper_id = h.keeper_id
                        JOIN keepers k ON k.keeper_id = v.keeper_id
                        """, """
                        Visits by the hive’s own keeper. Two columns have to agree.

                        **Ask:** whose visit to Clover has gone?
                        """),
                asking(new Question.HowMany(), query("Two many-sides", """
                        SELECT h.hive, r.day AS harvested, v.day AS visited
                        FROM hives h JOIN harvests r ON r.hive_no = h.hive_no
                        JOIN visits v ON v.hive_no = h.hive_no
                        WHERE h.hive = 'Clover'
                        """, """
                        Clover has three harvests and three visits. **Ask first:** how many rows?

                        Nine. Harvests and visits have nothing to do with each other, so each meets each.
                        """)),
                query("Grouped first", """
                        SELECT h.hive, r.kg, v.visits
                        FROM hives h
                        LEFT JOIN (SELECT hive_no, SUM(kg) AS kg FROM harvests GROUP BY hive_no) r
                        ON r.hive_no = h.hive_no
                        LEFT JOIN (SELECT hive_no, COUNT(*) AS visits FROM visits GROUP BY hive_no) v
                        ON v.hive_no = h.hive_no
                        """, """
                        One row for each hive before anything is joined: nothing can multiply.

                        **Ask:** what does NULL mean in *kg*, and what in *visits*?
                        """));
    }
}
