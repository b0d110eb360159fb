package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import lunko.query.change.ConditionSite;

/** What the places are called in which a condition can stand. */
final class SiteNames {
    private SiteNames() {}

    /** The name of a place in a query of so many joins; of the only join, ON is enough. */
    static String of(ConditionSite seat, int joins) {
        return switch (seat) {
            case ConditionSite.Where _ -> "WHERE";
            case ConditionSite.On(int join) -> joins == 1 ? "ON" : words().query().onOfJoin(join + 1);
        };
    }
}
