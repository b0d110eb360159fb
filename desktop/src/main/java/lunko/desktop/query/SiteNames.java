package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import javafx.util.StringConverter;
import lunko.query.change.ConditionSite;

/** What the places are called in which a condition can stand, in a query of so many joins. */
final class SiteNames extends StringConverter<ConditionSite> {
    private final int joins;

    SiteNames(int joins) {
        this.joins = joins;
    }

    /** The name of a place; of the only join, ON is enough. */
    static String of(ConditionSite seat, int joins) {
        return switch (seat) {
            case ConditionSite.Where _ -> "WHERE";
            case ConditionSite.On(int join) -> joins == 1 ? "ON" : words().query().onOfJoin(join + 1);
        };
    }

    @Override
    public String toString(ConditionSite seat) {
        return seat == null ? "" : of(seat, joins);
    }

    @Override
    public ConditionSite fromString(String name) {
        throw new UnsupportedOperationException("a place is chosen, not typed");
    }
}
