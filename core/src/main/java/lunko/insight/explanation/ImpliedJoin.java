package lunko.insight.explanation;

import java.util.List;
import java.util.stream.Stream;
import lunko.engine.Aggregation;
import lunko.engine.Derived;
import lunko.engine.Distinct;
import lunko.engine.Filter;
import lunko.engine.Joined;
import lunko.engine.Limit;
import lunko.engine.Ordering;
import lunko.engine.Projection;
import lunko.engine.Rearranged;
import lunko.engine.Recursion;
import lunko.engine.SetOperation;
import lunko.engine.Source;
import lunko.engine.Stage;
import lunko.query.JoinKind;
import lunko.table.RowsName;
import lunko.words.Language;

/** A kind of join that a query says without its words: by EXISTS, by IN, or by an outer join and IS NULL. */
public record ImpliedJoin(JoinKind kind, RowsName left, RowsName right) {

    /** Those in the stages of a query, in the order in which they are gone through. */
    public static List<ImpliedJoin> in(Stage result) {
        return result.all().stream().flatMap(stage -> switch (stage) {
            case Joined joined when joined.join().kind().words().isEmpty() ->
                Stream.of(of(joined.join().kind(), joined));
            case Filter filtered when filtered.input() instanceof Joined joined ->
                filtered.says().stream().map(kind -> of(kind, joined));
            case Source _,Derived _,Joined _,SetOperation _,Recursion _ -> Stream.empty();
            case Filter _,Aggregation _,Projection _,Distinct _,Ordering _,Limit _,Rearranged _ -> Stream.empty();
        }).toList();
    }

    private static ImpliedJoin of(JoinKind kind, Joined joined) {
        return new ImpliedJoin(kind, joined.join().left().title(), joined.join().right().title());
    }

    /** The recognition in a sentence: {@code This is a left anti join of hives and keepers.} */
    public String sentence(Language in) {
        return in.results().says(kind, in.names().rows(left), in.names().rows(right));
    }
}
