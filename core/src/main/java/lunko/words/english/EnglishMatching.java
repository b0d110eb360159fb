package lunko.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.words.MatchSentences;
import lunko.words.Names;

/** How rows are matched, in English. */
record EnglishMatching(Names names) implements MatchSentences {

    @Override
    public Phrase title(Phrase left, Phrase right, JoinKind kind, String way) {
        return say("Match {} with {}: {} join, {}", left, right, names.kind(kind), way);
    }

    @Override
    public String nestedLoop() {
        return "nested loop";
    }

    @Override
    public String hashJoin() {
        return "hash join";
    }

    @Override
    public String sortMergeJoin() {
        return "sort-merge join";
    }

    @Override
    public Phrase noEquality(String way) {
        return say("The condition has no equality that a {} could use, so this is a nested loop.", way);
    }

    @Override
    public Phrase crosses(RowsOf outer, RowsOf inner) {
        return say("A cross join compares nothing: each of the {} is paired with each of the {}.", of(outer),
                of(inner));
    }

    private static Phrase of(RowsOf rows) {
        return say("{} of {}", counted(rows.count(), "row"), rows.table());
    }

    @Override
    public Phrase comparesUntilDecided(RowsOf outer, Phrase inner) {
        return say("Each of the {} is compared with the rows of {} until one decides.", of(outer), inner);
    }

    @Override
    public Phrase comparesAll(RowsOf outer, RowsOf inner, long comparisons) {
        return say("Each of the {} is compared with each of the {}: {}.", of(outer), of(inner),
                counted(comparisons, "comparison"));
    }

    @Override
    public Phrase comparesInBuckets(RowsOf inner, List<String> keys, RowsOf outer) {
        return say(
                "The {} go into buckets by {}. Then each of the {} is compared only with the rows in its own bucket.",
                of(inner), String.join(", ", keys), of(outer));
    }

    @Override
    public Phrase comparesInOrder(Phrase outer, Phrase inner) {
        return say("Both sides are sorted by key. Then {} and {} are read side by side: the side with the smaller key "
                + "moves on.", outer, inner);
    }

    @Override
    public Phrase oneMatchTakes(JoinKind kind) {
        return say("One match is enough for {}.", names.join(kind));
    }

    @Override
    public Phrase oneMatchLeavesOut(JoinKind kind) {
        return say("With {}, one match is enough to leave a row out.", names.join(kind));
    }

    @Override
    public Phrase notInTakes() {
        return say("`NOT IN` takes a row only if it is certainly equal to none: one equal key, or one comparison that "
                + "is **unknown**, leaves it out.");
    }

    @Override
    public Phrase goesIntoBucket(Phrase row, String key) {
        return say("{} goes into bucket `{}`.", row, key);
    }

    @Override
    public Phrase goesIntoNoBucket(Phrase row, String column) {
        return say("{}'s {} is NULL, so it goes into no bucket: `NULL` is equal to nothing.", row, column);
    }

    @Override
    public String bucket(String key) {
        return text("bucket {}", key);
    }

    @Override
    public String noBucket() {
        return "no bucket";
    }

    @Override
    public Phrase sorted(Phrase table, List<String> keys, List<String> rows) {
        return say("{} by {}: {}.", table, String.join(", ", keys),
                rows.isEmpty() ? "every key is NULL" : Say.named(rows));
    }

    @Override
    public String aside() {
        return "aside";
    }

    @Override
    public Phrase setAside(long rows) {
        return say(either(rows, "{} with a NULL key is set aside: `NULL` is equal to nothing.",
                "{} with a NULL key are set aside: `NULL` is equal to nothing."), counted(rows, "row"));
    }

    @Override
    public Phrase findsInBucket(Phrase row, String key, RowsOf found) {
        return say(either(found.count(), "{} looks into bucket `{}`: {} is there.",
                "{} looks into bucket `{}`: {} are there."), row, key, of(found));
    }

    @Override
    public Phrase findsNoBucket(Phrase row, String key, Optional<JoinKind> leavingOut) {
        return say("{} looks for bucket `{}`, but there is none, so it has no match{}.", row, key,
                leftOut(leavingOut, names));
    }

    @Override
    public Phrase looksNowhere(Phrase row, String column, Optional<JoinKind> leavingOut) {
        return say("{}'s {} is NULL, so it looks into no bucket and has no match{}.", row, column,
                leftOut(leavingOut, names));
    }

    /** The end of a sentence that says that a row has no match. */
    static String leftOut(Optional<JoinKind> leavingOut, Names names) {
        return leavingOut.map(kind -> text(", and {} leaves it out", names.join(kind))).orElse("");
    }

    @Override
    public Phrase paired(Phrase left, Phrase right, long place) {
        return say("{} and {} go into the result as row {}.", left, right, place);
    }

    @Override
    public Phrase pairedWithoutComparison(Phrase left, Phrase right, long place) {
        return say("Nothing is compared: {} and {} go into the result as row {}.", left, right, place);
    }

    @Override
    public Phrase repeated(Phrase row, Phrase earlier) {
        return say("{} is already there, with {}: a row appears once for each of its matches.", row, earlier);
    }

    @Override
    public Phrase kept(Phrase row, RowsOf others, JoinKind kind, long place) {
        return say(kind.takesMatched()
                ? "{} has no match among the {}. {} **keeps** it anyway, as row {}, with `NULL` in every column of {}."
                : "{} has no match among the {}. {} **keeps** it, as row {}, with `NULL` in every column of {}.",
                row, of(others), capital(names.join(kind)), place, others.table());
    }

    @Override
    public Phrase takenMatched(Phrase row, JoinKind kind, long place) {
        return say("{} has a match, so {} takes it as row {}, with its own columns only.", row, names.join(kind),
                place);
    }

    @Override
    public Phrase takenUnmatched(Phrase row, RowsOf others, JoinKind kind, long place) {
        return say("{} has no match among the {}, so {} takes it as row {}, with its own columns only.", row,
                of(others), names.join(kind), place);
    }

    @Override
    public Phrase gives(JoinKind kind, Phrase left, Phrase right, long rows, String sum) {
        return say("{} of {} and {} gives **{}**: {}.", capital(names.join(kind)), left, right, counted(rows, "row"),
                sum);
    }

    @Override
    public Phrase comparisons(long made, long ofNestedLoop, boolean atMost) {
        return say(atMost ? "It made {}; a nested loop would make up to {}."
                : "It made {}; a nested loop makes {}.", counted(made, "comparison"), ofNestedLoop);
    }

    @Override
    public Phrase inOrderOf(Phrase table) {
        return say("The rows are listed in the order of {} again.", table);
    }

    @Override
    public Phrase leftOut(List<RowsOf> rows) {
        boolean one = rows.size() == 1 && rows.getFirst().count() == 1;
        return say(one ? "{} is left out: no match." : "{} are left out: no match.",
                Phrase.joined(" and ", rows.stream().map(EnglishMatching::of).toList()));
    }
}
