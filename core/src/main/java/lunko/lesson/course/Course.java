package lunko.lesson.course;

import java.util.Locale;
import java.util.function.Supplier;
import lunko.lesson.Lesson;

/** The lessons that come with Lunko. */
public enum Course {
    /** What Lunko does, for the one who will teach with it. */
    FIRST_STEPS("First steps", FirstSteps::lesson),
    /** From two tables and a key to a chain, with what goes wrong on the way. */
    HIVES_AND_KEEPERS("Hives and keepers", HivesAndKeepers::lesson),
    /** What NULL does to joins, and to conditions. */
    NULL("NULL", AboutNull::lesson),
    /** Three and four tables, and why left does not stay left. */
    CHAINS("Chains", AboutChains::lesson);

    private final String title;
    private final Supplier<Lesson> lesson;

    Course(String title, Supplier<Lesson> lesson) {
        this.title = title;
        this.lesson = lesson;
    }

    /** What the lesson is called. */
    public String title() {
        return title;
    }

    /** The word for it where blanks and capitals are in the way. */
    public String id() {
        return title.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    /** Whether it is for the one who opens it, and its notes are there to be read, not to be spoken. */
    public boolean isRead() {
        return this == FIRST_STEPS;
    }

    /** The lesson, fresh. */
    public Lesson lesson() {
        return lesson.get();
    }
}
