package lunko.insight.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import lunko.SomeJoins.SomeJoin;
import lunko.SomeJoins;
import lunko.engine.Stage;
import lunko.insight.picture.ResultSketch.Bar;
import lunko.lesson.DemoLesson;
import lunko.lesson.WrittenQuery;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.domains.Domain;

/** A result at a glance says of each row which tables have given to it. */
@Domain(SomeJoins.class)
class ResultSketchProperties {
    private static final int ALL = 10_000;

    /** The lines that are not empty are the rows of the result, as often as they are there. */
    @Property(tries = 300)
    void aLineThatIsNotEmptyIsARow(@ForAll SomeJoin some) {
        ResultSketch sketch = ResultSketch.of(some.joined(), ALL);
        assertThat(sketch.lines().stream().filter(line -> line.contains(Bar.ROW))).as(some.toString())
                .hasSize(some.joined().rows().size());
        assertThat(sketch.lines()).allMatch(line -> line.size() == sketch.tables().size());
        assertThat(ResultSketch.of(some.joined(), 2).lines()).hasSizeLessThanOrEqualTo(2);
    }

    @Example
    void aChainSaysWhichTablesHaveNothingToGive() {
        assertThat(sketch("SELECT k.keeper, r.kg FROM keepers k LEFT JOIN hives h ON h.keeper_id = k.keeper_id "
                + "LEFT JOIN harvests r ON r.hive_no = h.hive_no WHERE k.keeper = 'Yara'").lines())
                .containsExactly(List.of(Bar.ROW, Bar.NULLS, Bar.NULLS));
        assertThat(sketch("SELECT h.hive, COUNT(*) FROM hives h JOIN harvests r ON r.hive_no = h.hive_no "
                + "GROUP BY h.hive").lines()).hasSize(4).allMatch(line -> line.equals(List.of(Bar.ROW, Bar.ROW)));
        assertThat(sketch("SELECT hive FROM hives UNION SELECT keeper FROM keepers").lines())
                .contains(List.of(Bar.ROW, Bar.NOTHING), List.of(Bar.NOTHING, Bar.ROW));
    }

    private static ResultSketch sketch(String sql) {
        Stage result = WrittenQuery.of(sql).on(DemoLesson.lesson().tables()).expect();
        return ResultSketch.of(result, ALL);
    }
}
