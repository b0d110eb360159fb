package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.list;
import static lunko.words.english.Say.say;
import static lunko.words.english.Say.text;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import lunko.desktop.words.KindWords.Figure;
import lunko.desktop.words.KindWords;
import lunko.insight.picture.KindChart;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.words.Names;

/** What is said of the kinds of join where one is chosen, in English. */
record EnglishKinds(Names names) implements KindWords {
    private static final String NOTHING = "·";

    @Override
    public String aKind(JoinKind kind) {
        return capital(names.join(kind));
    }

    @Override
    public String natural() {
        return "natural";
    }

    @Override
    public String self() {
        return "self";
    }

    @Override
    public String aNaturalJoin() {
        return "A natural join…";
    }

    @Override
    public String aSelfJoin() {
        return "A self join…";
    }

    @Override
    public String withKey(String what, String key) {
        return text("{}  ({})", what, key);
    }

    @Override
    public String naturalTitle() {
        return "A natural join matches all columns of the same name";
    }

    @Override
    public String naturalRight() {
        return "These are the right columns.";
    }

    @Override
    public String naturalWrong() {
        return "These are not the columns that link the tables.";
    }

    @Override
    public String naturalKind(JoinKind kind, OptionalLong rows) {
        return rows.isEmpty() ? text("natural {}", names.kind(kind))
                : text("natural {}  ·  {}", names.kind(kind), counted(rows.getAsLong(), "row"));
    }

    @Override
    public String byLink() {
        return "By the link again";
    }

    @Override
    public String selfTitle() {
        return "A self join joins a table with itself";
    }

    @Override
    public String selfTable() {
        return "Table";
    }

    @Override
    public String selfJoin() {
        return "Join it with itself";
    }

    @Override
    public String rowsByKind() {
        return "Rows by kind of join";
    }

    @Override
    public String kindGives(JoinKind kind, long rows, String sum) {
        return text("{}: {}, {}", names.join(kind), counted(rows, "row"), sum);
    }

    @Override
    public String kindCannotRun(JoinKind kind) {
        return text("{}: cannot run", names.join(kind));
    }

    @Override
    public String everyKind() {
        return "Every kind at once";
    }

    @Override
    public String everyKindAbout() {
        return "every row that any kind gives, once: point at a cell for its why, click a heading to show that kind";
    }

    @Override
    public Phrase line(Optional<Phrase> left, Optional<Phrase> right) {
        return say("{} – {}", left.orElse(Phrase.plain(NOTHING)), right.orElse(Phrase.plain(NOTHING)));
    }

    @Override
    public Phrase allPairs(long pairs) {
        return say("{}", counted(pairs, "pair"));
    }

    @Override
    public Phrase allUnmatched(long rows, Phrase table) {
        return say("{} of {}, no match", rows, table);
    }

    @Override
    public String rows() {
        return "rows";
    }

    @Override
    public String crossGives(long left, long right) {
        return text("A cross join gives {}, {} × {}: every pair, whether it matches or not.",
                counted(left * right, "row"), left, right);
    }

    @Override
    public String cell(KindChart.Cell cell) {
        return switch (cell) {
            case ABSENT -> "not in the result";
            case BOTH -> "both rows";
            case KEPT -> "kept, NULL on the other side";
            case ALONE -> "columns of one side only";
            case NOT_REPEATED -> "not repeated";
        };
    }

    @Override
    public String cellOf(String line, JoinKind kind, KindChart.Cell cell) {
        return text("{}, {}: {}", line, names.kind(kind), cell(cell));
    }

    @Override
    public String change(JoinKind from, JoinKind to) {
        return text("From {} to {}", names.kind(from), names.kind(to));
    }

    @Override
    public String pointAtAnother() {
        return "Point at another kind to see what it adds and removes.";
    }

    @Override
    public String removed(long rows) {
        return text("{} removed", counted(rows, "row"));
    }

    @Override
    public String added(long rows) {
        return text("{} added", counted(rows, "row"));
    }

    @Override
    public String sameTitle() {
        return "The same rows on these tables";
    }

    @Override
    public String same(KindChart.Same same, String left, String right) {
        return text("{}: {}", list(same.kinds().stream().map(names::kind).toList()),
                list(same.missing().stream().map(sort -> switch (sort) {
                    case PAIRS -> "no two rows match";
                    case LEFT_UNMATCHED -> text("{} has no unmatched rows", left);
                    case RIGHT_UNMATCHED -> text("{} has no unmatched rows", right);
                }).toList()));
    }

    @Override
    public String noneSame() {
        return "No two kinds give the same rows here.";
    }

    @Override
    public String lawsTitle() {
        return "On any tables";
    }

    @Override
    public String law(Figure whole, List<Figure> parts) {
        return text("{} = {}", figure(whole), parts.stream().map(this::figure).collect(Collectors.joining(" + ")));
    }

    private String figure(Figure figure) {
        return text("{} {}", names.kind(figure.kind()), figure.rows());
    }

    @Override
    public String noChart() {
        return "There is no condition here by which the kinds could be compared.";
    }
}
