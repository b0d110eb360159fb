package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.desktop.words.GenerateWords;
import lunko.words.Names;

/** What is said where rows are generated, in English. */
record EnglishGenerating(Names names) implements GenerateWords {

    @Override
    public String keysOfOther() {
        return "the other table's keys";
    }

    @Override
    public String keysOfRange() {
        return "a range of numbers";
    }

    @Override
    public String useRows() {
        return "Use these rows";
    }

    @Override
    public String replaceRows(long rows) {
        return text("Replace the {} there", counted(rows, "row"));
    }

    @Override
    public String keysMayRepeat() {
        return "keys may repeat";
    }

    @Override
    public String generateTitle() {
        return "Generate rows";
    }

    @Override
    public String generateAgain() {
        return "Generate again";
    }

    @Override
    public String forTable() {
        return "for table";
    }

    @Override
    public String rows() {
        return "rows";
    }

    @Override
    public String keysFrom() {
        return "keys from";
    }

    @Override
    public String range() {
        return "the range";
    }

    @Override
    public String nullPercent() {
        return "% with a NULL key";
    }

    @Override
    public String unmatchedPercent() {
        return "% without a match";
    }

    @Override
    public String texts() {
        return "texts";
    }

    @Override
    public String amounts() {
        return "amounts";
    }

    @Override
    public String dates() {
        return "dates";
    }

    @Override
    public String seed() {
        return "seed (the same seed gives the same rows)";
    }

    @Override
    public String numberedTexts() {
        return "h1, h2, h3 …";
    }

    @Override
    public String wordTexts() {
        return "words";
    }

    @Override
    public String moreRowsAndColumns(long rows, long columns) {
        return rows > 0 && columns > 0 ? text("and {}, {}", counted(rows, "more row"), counted(columns, "more column"))
                : rows > 0 ? text("and {}", counted(rows, "more row"))
                        : columns > 0 ? counted(columns, "more column") : "";
    }
}
