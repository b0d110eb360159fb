package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import lunko.table.Row;
import lunko.table.Table;

/** What must hold for every lesson, whatever has been done to it. */
final class SoundLesson {
    private SoundLesson() {}

    /**
     * Links and scenes speak of tables and columns that are there; names are there once, and so are the ids of rows; no
     * value is larger than its column allows.
     */
    static void check(Lesson lesson) {
        assertThat(lesson.tables()).extracting(Table::name).doesNotHaveDuplicates();
        for (int scene = 0; scene < lesson.scenes().size(); scene++) checkScene(lesson.at(scene));
        assertThat(lesson.shared()).flatMap(Table::rows).allMatch(row -> row.id() >= 0);
        assertThat(lesson.shared()).extracting(Table::name)
                .containsExactlyElementsOf(lesson.stored().stream().map(Table::name).toList());
        assertThat(lesson.brokenView()).isEmpty();
    }

    private static void checkScene(Lesson lesson) {
        assertThat(lesson.tables()).extracting(Table::name).contains(lesson.scene().left(), lesson.scene().right());
        for (Link link : lesson.links()) {
            assertThat(link.pairs()).isNotEmpty().allSatisfy(pair -> {
                assertThat(lesson.table(link.left()).column(pair.left())).isPresent();
                assertThat(lesson.table(link.right()).column(pair.right())).isPresent();
            });
        }
        for (Table table : lesson.tables()) {
            assertThat(table.rows()).extracting(Row::id).doesNotHaveDuplicates().allMatch(id -> id < table.nextId());
            assertThat(table.rows()).allMatch(row -> row.values().size() == table.columns().size());
            assertThat(table).as("no value is larger than its column").isEqualTo(table.makingRoom());
            assertThat(table.columns()).isNotEmpty().extracting(column -> column.name().toLowerCase())
                    .doesNotHaveDuplicates();
        }
    }
}
