package lunko.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.insight.KeyCheck;
import lunko.lesson.Recipe.Labels;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Side;
import lunko.table.Table;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;


/** Rows made by chance have the shares that were asked for, and come out the same again. */
class RecipeProperties {

    @Property(tries = 300)
    void theSharesAreWhatWasAskedFor(@ForAll @IntRange(max = 60) int rows, @ForAll @IntRange(max = 100) int withoutKey,
                                     @ForAll @IntRange(max = 100) int partnerless, @ForAll boolean repeated, @ForAll Labels labels,
                                     @ForAll boolean byText, @ForAll long seed) {
        Recipe recipe = new Recipe(rows, withoutKey, partnerless, repeated, labels, seed);
        Lesson demo = DemoLesson.lesson();
        Lesson lesson = byText ? new Lesson("", demo.left(), demo.right(), JoinKind.INNER, List.of(new KeyPair("hive", "village"))) : demo;
        Table made = recipe.make(lesson, Side.LEFT);
        assertThat(recipe.make(lesson, Side.LEFT)).isEqualTo(made);
        assertThat(made.columns()).isEqualTo(lesson.left().columns());
        assertThat(made.rows()).hasSize(rows);

        KeyCheck.Keys keys = KeyCheck.of(made, lesson.right(), lesson.on()).left();
        int distinct = byText ? 3 : 4;
        int nulls = Math.round(rows * withoutKey / 100f);
        int alone = Math.min(rows - nulls, Math.round(rows * Math.min(partnerless, 100 - withoutKey) / 100f));
        int met = repeated ? rows - nulls - alone : Math.min(distinct, rows - nulls - alone);
        assertThat(keys.withoutKey()).hasSize(nulls);
        assertThat(keys.partneredRows()).hasSize(met);
        assertThat(keys.aloneRows()).hasSize(rows - nulls - met);
        assertThat(keys.alone()).as("a key that is nobody's is had once").hasSize(rows - nulls - met);
    }
}
