package lunko.desktop.words.english;

import static lunko.words.english.Say.capital;
import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.OptionalLong;
import lunko.desktop.words.KindWords;
import lunko.query.JoinKind;
import lunko.words.Names;

/** What is said of the kinds of join where one is chosen, in English. */
record EnglishKinds(Names names) implements KindWords {

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
    public String cancel() {
        return "Cancel";
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
}
