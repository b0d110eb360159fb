package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.ArrayList;
import java.util.List;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.query.Sum;
import lunko.query.Tally;
import lunko.words.Counts;

/** Numbers and lists in English. */
final class EnglishCounts implements Counts {
    @Override
    public String number(long number) {
        return Say.number(number);
    }

    @Override
    public String rows(long count) {
        return counted(count, "row");
    }

    @Override
    public String columns(long count) {
        return counted(count, "column");
    }

    @Override
    public String some(List<String> all) {
        return Say.named(all);
    }

    @Override
    public String all(List<String> things) {
        return Say.list(things);
    }

    @Override
    public String ordinal(int number) {
        int tens = number % 100;
        String end = tens >= 11 && tens <= 13 ? "th" : switch (number % 10) {
            case 1 -> "st";
            case 2 -> "nd";
            case 3 -> "rd";
            default -> "th";
        };
        return number + end;
    }

    @Override
    public String sum(Sum sum) {
        return switch (sum) {
            case Sum.OfKind(JoinKind kind, Tally tally) -> arithmetic(kind, tally);
            case Sum.Certain(long rows) -> text("{} certainly without a match", rows);
            case Sum.OfRows(long rows) -> text("of {}", rows);
            case Sum.OfPairs(long left, long right) -> text("of {} × {}", left, right);
            case Sum.Nothing() -> "";
        };
    }

    @Override
    public String inRound(int round, String sum) {
        return sum.isEmpty() ? text("round {}", round) : text("round {} · {}", round, sum);
    }

    private static String arithmetic(JoinKind kind, Tally tally) {
        if (!kind.compares()) return text("{} × {}", tally.leftRows(), tally.rightRows());
        if (kind.only().isPresent())
            return text(kind.takesMatched() ? "{} with a match" : "{} without a match", kind.rows(tally));
        List<String> terms = new ArrayList<>();
        if (kind.bringsPairs()) terms.add(counted(tally.pairs(), "pair"));
        if (kind.keeps(Side.LEFT)) terms.add(Say.number(tally.leftAlone()));
        if (kind.keeps(Side.RIGHT)) terms.add(Say.number(tally.rightAlone()));
        String sum = String.join(" + ", terms);
        if (!kind.bringsPairs()) return text("{} without a match", sum);
        return terms.size() > 1 ? text("{} kept", sum) : sum;
    }

    @Override
    public String figures(JoinKind kind, Tally tally) {
        if (!kind.compares()) return text("{} × {}", tally.leftRows(), tally.rightRows());
        if (kind.only().isPresent()) return text("of {}", kind.only().get().of(tally.leftRows(), tally.rightRows()));
        List<String> terms = new ArrayList<>();
        if (kind.bringsPairs()) terms.add(Say.number(tally.pairs()));
        if (kind.keeps(Side.LEFT)) terms.add(Say.number(tally.leftAlone()));
        if (kind.keeps(Side.RIGHT)) terms.add(Say.number(tally.rightAlone()));
        return terms.size() == 1 ? "" : String.join(" + ", terms);
    }
}
