package lunko.insight;

import java.util.List;
import java.util.stream.Stream;
import lunko.engine.Chosen;
import lunko.engine.Combined;
import lunko.engine.Cut;
import lunko.engine.Filtered;
import lunko.engine.Grouped;
import lunko.engine.Joined;
import lunko.engine.Named;
import lunko.engine.Sorted;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.engine.Unrepeated;
import lunko.query.JoinKind;

/** A kind of join that a query says without its words: by EXISTS, by IN, or by an outer join and IS NULL. */
public record SaidJoin(JoinKind kind, String left, String right) {

    /** Those in the stages of a query, in the order in which they are gone through. */
    public static List<SaidJoin> in(Stage result) {
        return result.all().stream().flatMap(stage -> switch (stage) {
            case Joined joined when joined.join().kind().words().isEmpty() ->
                Stream.of(of(joined.join().kind(), joined));
            case Filtered filtered when filtered.input() instanceof Joined joined ->
                filtered.says().stream().map(kind -> of(kind, joined));
            case Source _,Named _,Joined _,Filtered _,Grouped _,Chosen _,Unrepeated _,Sorted _,Cut _,Combined _ ->
                Stream.empty();
        }).toList();
    }

    private static SaidJoin of(JoinKind kind, Joined joined) {
        return new SaidJoin(kind, joined.join().left().title(), joined.join().right().title());
    }

    /** The recognition in a sentence: {@code This says a left anti join of hives and keepers.} */
    public String sentence() {
        return "This says " + kind.withArticle() + " of " + left + " and " + right + ".";
    }
}
