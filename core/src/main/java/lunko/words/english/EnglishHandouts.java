package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.words.HandoutSentences;

/** What stands on pictures and papers, in English. */
final class EnglishHandouts implements HandoutSentences {

    @Override
    public String result() {
        return "Result";
    }

    @Override
    public String soFar(long rows, long all) {
        return rows == all ? counted(all, "row") : text("{} of {}", rows, counted(all, "row"));
    }

    @Override
    public String moreRows(long rows) {
        return text("… and {} more", counted(rows, "row"));
    }

    @Override
    public String rows() {
        return "rows";
    }

    @Override
    public String noMatch() {
        return "no match";
    }

    @Override
    public String matched() {
        return "matched";
    }

    @Override
    public String pairs() {
        return "pairs";
    }

    @Override
    public String more(long count) {
        return text("+ {} more", count);
    }
}
