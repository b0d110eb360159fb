package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import lunko.insight.keys.KeyCheck;
import lunko.lesson.Recipe.Labels;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.table.Table;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Rows made by chance have the shares that were asked for, and come out the same again. */
class RecipeProperties {
    private static final Recipe.Days DAYS = new Recipe.Days(LocalDate.of(2026, 6, 1), LocalDate.of(2026, 6, 3));

    @Property(tries = 300)
    void theSharesAreWhatWasAskedFor(@ForAll @IntRange(max = 60) int rows, @ForAll @IntRange(max = 100) int withoutKey,
            @ForAll @IntRange(max = 100) int unmatched, @ForAll boolean repeated, @ForAll Labels labels,
            @ForAll boolean byText, @ForAll long seed) {
        Recipe recipe = new Recipe(rows, withoutKey, new Recipe.Keys.OfOther(unmatched), repeated, labels,
                new Recipe.Amounts(1, 3), DAYS, seed);
        Lesson demo = DemoLesson.lesson();
        Lesson lesson = byText
                ? Lesson.of("", demo.staged().left(), JoinKind.INNER, demo.staged().right(),
                        List.of(new KeyPair("hive", "village")))
                : demo;
        Table made = recipe.make(lesson, "hives");
        assertThat(recipe.make(lesson, "hives")).isEqualTo(made);
        assertThat(made.columns()).isEqualTo(lesson.staged().left().columns());
        assertThat(made.rows()).hasSize(rows);

        KeyCheck.Keys keys = KeyCheck.of(made, lesson.staged().right(), lesson.staged().on()).left();
        int distinct = byText ? 3 : 4;
        int nulls = Math.round(rows * withoutKey / 100f);
        int alone = Math.min(rows - nulls, Math.round(rows * Math.min(unmatched, 100 - withoutKey) / 100f));
        int met = repeated ? rows - nulls - alone : Math.min(distinct, rows - nulls - alone);
        assertThat(keys.withoutKey()).hasSize(nulls);
        assertThat(keys.matchedRows()).hasSize(met);
        assertThat(keys.aloneRows()).hasSize(rows - nulls - met);
        assertThat(keys.alone()).as("a key that is nobody's is had once").hasSize(rows - nulls - met);
    }

    @Property(tries = 200)
    void keysOfARangeAndAmountsAndDaysStayInTheirRanges(@ForAll @IntRange(max = 40) int rows,
            @ForAll @IntRange(min = -9, max = 9) int first,
            @ForAll @IntRange(max = 50) int more, @ForAll boolean repeated, @ForAll long seed) {
        Recipe recipe = new Recipe(rows, 0, new Recipe.Keys.Range(first, first + more), repeated, Labels.NUMBERED,
                new Recipe.Amounts(2, 4), DAYS, seed);
        Table made = recipe.make(DemoLesson.lesson(), "harvests");
        assertThat(made.rows()).hasSize(rows).allSatisfy(row -> {
            assertThat(row.value(1).shown()).isBetween("2026-06-01", "2026-06-03");
            assertThat(Double.parseDouble(row.value(2).shown())).isBetween(2.0, 4.0);
        });
        List<Long> keys = made.rows().stream().map(row -> Long.parseLong(row.value(0).shown())).toList();
        if (repeated) assertThat(keys).allMatch(key -> key >= first && key <= first + more);
        else assertThat(keys).doesNotHaveDuplicates().filteredOn(key -> key <= first + more)
                .hasSize(Math.min(rows, more + 1));
    }
}
