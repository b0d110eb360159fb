package lunko.insight.keys;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;

/** How far two words are apart. */
class LookAlikesProperties {

    /** Against the table of distances that one fills in on paper, two letters swapped counting as one slip. */
    @Property
    void oneSlipApartIsWhatTheDistanceSays(@ForAll @StringLength(max = 6) @CharRange(from = 'a', to = 'c') String one,
            @ForAll @StringLength(max = 6) @CharRange(from = 'a', to = 'c') String other) {
        assertThat(LookAlikes.areOneSlipApart(one, other)).as(one + " " + other).isEqualTo(distance(one, other) <= 1);
    }

    private static int distance(String one, String other) {
        int[][] cost = new int[one.length() + 1][other.length() + 1];
        for (int i = 0; i <= one.length(); i++) {
            for (int j = 0; j <= other.length(); j++) {
                if (i == 0 || j == 0) {
                    cost[i][j] = i + j;
                    continue;
                }
                cost[i][j] = Math.min(Math.min(cost[i - 1][j], cost[i][j - 1]) + 1,
                        cost[i - 1][j - 1] + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1));
                boolean swapped = i > 1 && j > 1 && one.charAt(i - 1) == other.charAt(j - 2)
                        && one.charAt(i - 2) == other.charAt(j - 1);
                if (swapped) cost[i][j] = Math.min(cost[i][j], cost[i - 2][j - 2] + 1);
            }
        }
        return cost[one.length()][other.length()];
    }
}
