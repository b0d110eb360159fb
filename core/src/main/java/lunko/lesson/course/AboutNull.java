package lunko.lesson.course;

import static lunko.lesson.course.Told.asking;
import static lunko.lesson.course.Told.cell;
import static lunko.lesson.course.Told.join;
import static lunko.lesson.course.Told.query;
import static lunko.lesson.course.Told.row;
import static lunko.lesson.course.Told.with;

import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;

/** What NULL does to joins, and to conditions. */
final class AboutNull {
    private AboutNull() {}

    static Lesson lesson() {
        return Told.lesson(Course.NULL.title(),
                query("Not known, not nothing", """
                        SELECT hive, keeper_id FROM hives WHERE keeper_id = 11
                        """, """
                        Linden’s keeper_id is NULL: there may be a keeper, and we do not know whom.

                        **Ask:** is it 11? Is it not 11? Neither can be said; the condition is *unknown*.
                        """),
                asking(new Question.HowMany(), query("Equal to NULL", """
                        SELECT hive FROM hives WHERE keeper_id = NULL
                        """, """
                        **Ask first:** how many rows? Everybody writes this once.

                        = NULL is never true, not even for NULL. IS NULL is the question that was meant.
                        """)),
                asking(new Question.HowMany(), query("Neither the one nor the other", """
                        SELECT hive FROM hives WHERE keeper_id = 11 OR keeper_id <> 11
                        """, """
                        It looks as if every hive must be there. **Ask:** which one is missing, and why?
                        """)),
                asking(new Question.HowMany(),
                        with(join("NULL does not meet NULL", "hives", JoinKind.INNER, "keepers", """
                        In this scene a new keeper has no number yet, and Linden has no keeper. **Ask:** do they meet?

                        No. Two unknown keys are not known to be the same.
                        """), row("keepers", "NULL", "Maud", "Low Fold"))),
                asking(new Question.HowMany(), with(join("Both are kept", "hives", JoinKind.FULL_OUTER, "keepers", """
                        The same tables. **Ask:** how often is Linden there, how often Maud?

                        Once each, on rows of their own.
                        """), row("keepers", "NULL", "Maud", "Low Fold"))),
                query("Made, or stored", """
                        SELECT h.hive, h.keeper_id, k.keeper_id AS of_keeper
                        FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
                        """, """
                        Two sorts of NULL in one result. Dashed: it was in the table. Hatched: the join has made it.

                        **Ask:** which one does Sainfoin have?
                        """),
                asking(new Question.HowMany(), with(query("A name that is missing", """
                        SELECT h.hive FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
                        WHERE k.keeper IS NULL
                        """, """
                        Hives without a keeper? In this scene Tam’s name is not known. **Ask:** is Heather without a
                        keeper?

                        Ask for NULL in a column that is never NULL: the key.
                        """), cell("keepers", 2, "keeper", "NULL"))),
                asking(new Question.HowMany(), query("NOT IN", """
                        SELECT keeper FROM keepers WHERE keeper_id NOT IN (SELECT keeper_id FROM hives)
                        """, """
                        **Ask first:** who keeps no hive? And what will the database say?
                        """)),
                query("NOT EXISTS", """
                        SELECT k.keeper FROM keepers k
                        WHERE NOT EXISTS (SELECT * FROM hives h WHERE h.keeper_id = k.keeper_id)
                        """, """
                        **Ask:** why is there an answer now? The question is the same.

                        A row of *hives* that is unknown is no match, and that is all
                        that is asked here.
                        """),
                asking(new Question.InWords("1 row, and 0 hives: the kept row counts as a row."),
                        "What are the two figures for Yara?", query("Counted, or not", """
                        SELECT k.keeper, COUNT(*) AS all_rows, COUNT(h.hive_no) AS hives
                        FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id
                        GROUP BY k.keeper
                        """, """
                        **Ask:** how many hives does Yara keep: 1, or 0?

                        COUNT(*) counts rows, and she has one: the kept one. COUNT of a column leaves NULL out.
                        """)));
    }
}
