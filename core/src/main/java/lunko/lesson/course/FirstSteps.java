package lunko.lesson.course;

import static lunko.lesson.course.Told.asking;
import static lunko.lesson.course.Told.atEnd;
import static lunko.lesson.course.Told.join;
import static lunko.lesson.course.Told.query;

import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.query.JoinKind;

/** For instructors: what Lunko does, in five minutes, each scene with something to try. Keys are in bold. */
final class FirstSteps {
    private FirstSteps() {}

    static Lesson lesson() {
        return Told.lesson(Course.FIRST_STEPS.title(),
                join("See a join happen", "hives", JoinKind.INNER, "keepers", """
                Two small tables, left and right; the result grows under them. Press **→** a few times: the line
                under the result says which rows are compared, and why they match or do not. **Space** plays on.
                """),
                atEnd(join("Why is this row here?", "hives", JoinKind.LEFT_OUTER, "keepers", """
                Point at Linden, then at Oda, then at Bert: what belongs to the row lights up, and the line says why
                it is there, why twice, or why not. A click holds a row, and *To step* goes to the step that decided
                it; **End** comes back.
                """)),
                atEnd(join("Another kind", "hives", JoinKind.LEFT_OUTER, "keepers", """
                **1**, **2**, **3** and **4** are inner, left, right and full outer. The result marks what has come
                and gone, and the circles count. **K** shows what every kind makes of each row, and **K** again
                leads back.
                """)),
                atEnd(query("Say it in SQL", """
                        SELECT h.hive, k.keeper
                        FROM hives h LEFT JOIN keepers k ON h.keeper_id = k.keeper_id
                        """, """
                Press **Q** and change LEFT to FULL: the stage follows. Misspell *keepers*: a sentence says what is
                wrong, and a click mends it. **Escape** gives the keyboard back; then **W** shows other ways to say
                the same.
                """)),
                atEnd(join("Change a value", "hives", JoinKind.LEFT_OUTER, "keepers", """
                Click on Linden’s keeper_id, type 14 and press **Enter**: the result says what has changed.
                **Ctrl+Z** takes it back. **F6** goes round: to the outline of the scenes, to the tables, where you
                build your own, and back.
                """)),
                asking(new Question.HowMany(), join("Let the class guess", "hives", JoinKind.FULL_OUTER, "keepers", """
                A scene can ask first; what would give the answer away is covered. Put a number in and uncover with
                **X**, or play to the end. The answer is worked out from your tables, and is right after every edit.
                """)),
                atEnd(join("Tell a lesson", "hives", JoinKind.LEFT_ANTI, "keepers", """
                **Page Down** goes on by a step, then to the next scene: a remote is enough. **F11** shows the stage
                alone, **Shift+F11** opens a window for the speaker, **Ctrl+K** keeps what is on the stage as the
                next scene.
                """)),
                atEnd(join("Your own lesson", "hives", JoinKind.LEFT_OUTER, "keepers", """
                **Ctrl+N** begins one with two empty tables, **Ctrl+I** imports files, **Ctrl+P** makes worksheets
                and pages. The menu *Lesson* has a course of twenty scenes to teach from. **F1** has all keys and
                words.
                """)));
    }
}
