package lunko.desktop.words.english;

import static lunko.words.english.Say.text;

import java.util.List;
import lunko.desktop.words.LinkWords;
import lunko.table.Type;
import lunko.words.Names;

/** What is said of links, and of the check of their keys, in English. */
record EnglishLinks(Names names) implements LinkWords {

    @Override
    public String keyCheck() {
        return "Key check";
    }

    @Override
    public String joinedWithItself(String table) {
        return text("{} is joined with itself: one table under two names.", table);
    }

    @Override
    public String checkingKeys() {
        return "Checking the keys…";
    }

    @Override
    public String nothingMatched(String left, String right) {
        return text(
                "No columns of {} and {} are matched: drag a column name onto one of the other table to see what "
                        + "can be said about the two.",
                left, right);
    }

    @Override
    public String stopMatching() {
        return "Stop matching these columns";
    }

    @Override
    public String stopMatchingColumns(String left, String right) {
        return text("stop matching {} with {}", left, right);
    }

    @Override
    public String suggestedLinks() {
        return "Suggested links";
    }

    @Override
    public String link() {
        return "Link";
    }

    @Override
    public String fix() {
        return "Fix";
    }

    @Override
    public String makeAlike() {
        return "Make one of the two like the other";
    }

    @Override
    public String retypeAlike(String column, Type type) {
        return text("Make {} {}, like the other", column, names.type(type));
    }

    @Override
    public String noRowHasKey(String table) {
        return text("No row of {} has this key.", table);
    }

    @Override
    public String nullKey() {
        return "This row has a NULL key, and NULL never matches.";
    }

    @Override
    public String keyRepeats() {
        return "Another row has the same key, which should be unique.";
    }

    @Override
    public String linked(String left, String right, List<String> columns) {
        return text("{} and {} by {}", left, right, String.join(", ", columns));
    }

    @Override
    public String linkTip(String link) {
        return text("{}\nClick to show this link; right-click to delete it.", link);
    }

    @Override
    public String linkOf(String link) {
        return text("link of {}", link);
    }

    @Override
    public String deleteLink() {
        return "Delete this link";
    }

    @Override
    public String linkThese() {
        return "Link these?";
    }

    @Override
    public String proposalTip(String link) {
        return text("{}\nSuggested link: click to make it.", link);
    }

    @Override
    public String linkThem(String link) {
        return text("link {}", link);
    }
}
