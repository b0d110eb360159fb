package lunko.lesson.course;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import lunko.lesson.Edit;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import org.junit.jupiter.api.Test;

/** The lessons that come along say what is so: as many rows as their notes tell of. */
class CourseTest {

    @Test
    void everySceneGivesWhatItsNoteTells() {
        assertThat(rows(Course.FIRST_STEPS)).containsExactly(3, 5, 5, 5, 5, 7, 2, 5);
        assertThat(rows(Course.HIVES_AND_KEEPERS))
                .containsExactly(3, 3, 5, 5, 5, 7, 3, 1, 2, 5, 2, 2, 0, 5, 0, 15, 9, 6, 3, 5);
        assertThat(rows(Course.NULL)).containsExactly(2, 0, 4, 3, 8, 5, 3, 0, 2, 4);
        assertThat(rows(Course.CHAINS)).containsExactly(6, 6, 8, 6, 8, 8, 5, 4, 9, 5);
    }

    private static List<Integer> rows(Course course) {
        Lesson lesson = course.lesson();
        return IntStream.range(0, lesson.scenes().size())
                .mapToObj(n -> lesson.at(n).staged().result().expect().rows().size()).toList();
    }

    @Test
    void everySceneIsToldAndIsWhatItsTextSays() {
        for (Course course : Course.values()) {
            Lesson lesson = course.lesson();
            assertThat(lesson.title()).isEqualTo(course.title());
            for (int n = 0; n < lesson.scenes().size(); n++) {
                Lesson at = lesson.at(n);
                assertThat(at.scene().telling().title()).isNotBlank();
                assertThat(at.scene().telling().note()).contains("**");
                assertThat(at.scene().own().stream().flatMap(own -> own.unfit(at.shared()).stream())).isEmpty();
                Edit written = new SceneEdit.Write(at.scene().written());
                if (at.scene().written().isPresent()) assertThat(written.applyTo(at).expect().scene())
                        .as(at.scene().telling().title()).isEqualTo(at.scene());
            }
        }
    }
}
