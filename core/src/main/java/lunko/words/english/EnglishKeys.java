package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.number;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.phrase.Tone;
import lunko.query.KeyPair;
import lunko.words.KeySentences;
import lunko.words.Names;

/** What can be said of key columns, in English. */
record EnglishKeys(Names names) implements KeySentences {

    @Override
    public String typesDiffer() {
        return "Types differ";
    }

    @Override
    public String typesDiffer(List<Types> types) {
        return text("{}, which SQL does not compare", types(types, "{} and {}"));
    }

    @Override
    public String typesAgree() {
        return "Types agree";
    }

    @Override
    public String typesAgree(List<Types> types) {
        return types(types, "{} = {}");
    }

    private String types(List<Types> types, String between) {
        return String.join("; ", types.stream()
                .map(pair -> text(between, names.type(pair.left()), names.type(pair.right()))).toList());
    }

    @Override
    public String matched(long rows, String table) {
        return text(either(rows, "{} of {} has a match", "{} of {} have a match"), counted(rows, "row"), table);
    }

    @Override
    public String unmatched(long rows, String table) {
        return text(either(rows, "{} of {} has no match", "{} of {} have no match"), counted(rows, "row"), table);
    }

    @Override
    public String nullKeys(long rows, String table) {
        return text(either(rows, "{} of {} has a NULL key", "{} of {} have a NULL key"), counted(rows, "row"), table);
    }

    @Override
    public String rows(List<Integer> numbers) {
        return text(either(numbers.size(), "row {}", "rows {}"),
                Say.named(numbers.stream().map(String::valueOf).toList()));
    }

    @Override
    public String keysInRows(List<String> keys, List<Integer> numbers) {
        return text("{} – {}", Say.named(keys), rows(numbers));
    }

    @Override
    public String nullRows(List<Integer> numbers) {
        return text("{} – NULL never matches", rows(numbers));
    }

    @Override
    public String repeated(Repeated key, String table) {
        return text("{} of {} have the key {}", counted(key.rows(), "row"), table, key.key());
    }

    @Override
    public String repeatedMeans(long rows) {
        return text("a row that matches it appears {} in a join", times(rows));
    }

    static String times(long number) {
        return number == 1 ? "once" : number == 2 ? "twice" : text("{} times", number);
    }

    @Override
    public String repeated(long keys, String table) {
        return text("{} repeat in {}", counted(keys, "key"), table);
    }

    @Override
    public String repeated(List<Repeated> keys) {
        return Say.named(keys.stream().map(key -> text("{} in {}", key.key(), counted(key.rows(), "row")))
                .toList());
    }

    @Override
    public String almost(String key, String other) {
        return text("{} is almost {}", key, other);
    }

    @Override
    public String almost(String difference, List<Integer> rows, String table) {
        return text("{} – {} of {}", difference, rows(rows), table);
    }

    @Override
    public String moreAlmost(long keys) {
        return text(either(keys, "{} more key is a near-duplicate", "{} more keys are near-duplicates"), number(keys));
    }

    @Override
    public String noneAlmost() {
        return "No near-duplicates";
    }

    @Override
    public String noneAlmostDetail() {
        return "no two keys differ only in case, blanks or one letter";
    }

    @Override
    public String differInType() {
        return "they look the same, but one is a text";
    }

    @Override
    public String differInCase() {
        return "they differ only in case, and case counts";
    }

    @Override
    public String differInBlanks() {
        return "they differ only in blanks, and blanks count";
    }

    @Override
    public String differInLookAlikes() {
        return "they differ in letters that look alike";
    }

    @Override
    public String differInSpelling() {
        return "they differ in one letter";
    }

    @Override
    public String oneToOne() {
        return "one-to-one";
    }

    @Override
    public String oneToMany() {
        return "one-to-many";
    }

    @Override
    public String manyToOne() {
        return "many-to-one";
    }

    @Override
    public String manyToMany() {
        return "many-to-many";
    }

    @Override
    public String sameName() {
        return "the same name";
    }

    @Override
    public String sharedValues() {
        return "values in common";
    }

    @Override
    public Phrase naturalMatchesNothing(String left, String right) {
        return say("{} and {} have no column name in common, so a natural join has no condition: every row is paired "
                + "with every row.", Phrase.of(left, Tone.LEFT), Phrase.of(right, Tone.RIGHT));
    }

    @Override
    public Phrase naturalMatchesLink(String column) {
        return say("`{}` is in both tables, and they are linked by it: that is right.", column);
    }

    @Override
    public Phrase naturalMatchesOther(String column) {
        return say("`{}` is in both tables, but they are not linked by it: a natural join matches it anyway.", column);
    }

    @Override
    public Phrase naturalCannotCompare(String column) {
        return say("`{}` is in both tables, but its types cannot be compared: a natural join cannot run.", column);
    }

    @Override
    public Phrase naturalMisses(KeyPair pair) {
        return say("`{} = {}` links the tables, but a natural join ignores it: the names differ.", pair.left(),
                pair.right());
    }

    @Override
    public Phrase naturalMerges(List<String> columns) {
        return say(either(columns.size(), "In the result `{}` appears once, before the other columns.",
                "In the result `{}` appear once each, before the other columns."), String.join(", ", columns));
    }

    @Override
    public Phrase naturalGives(long rows) {
        return say("As an inner join it gives **{}**.", counted(rows, "row"));
    }

    @Override
    public Phrase selfTakesTwice(String table, String left, String right, long rows) {
        return say("**{}** is used twice: as {} on the left and as {} on the right. It is one table of {} under two "
                + "names; nothing is copied, and a change on one side is a change on the other.", table,
                Phrase.of(left, Tone.LEFT), Phrase.of(right, Tone.RIGHT), counted(rows, "row"));
    }

    @Override
    public Phrase selfUnlinked() {
        return say("It is not linked with itself: match two of its columns on the stage, or choose a cross join.");
    }

    @Override
    public Phrase selfMatches(Phrase condition) {
        return say("A row finds its matches by {}. A row may even match itself.", condition);
    }

    @Override
    public Phrase all(List<Phrase> conditions) {
        return Phrase.joined(" and ", conditions);
    }
}
