package lunko.desktop.words.english;

import static lunko.words.english.Say.text;

import lunko.desktop.words.ImportWords;
import lunko.words.Names;

/** What is said where tables are imported, in English. */
record EnglishImport(Names names) implements ImportWords {

    @Override
    public String takeTables() {
        return "Import";
    }

    @Override
    public String importFile(String file) {
        return text("Import {}", file);
    }

    @Override
    public String importInPlace(String file, String table) {
        return text("Import {} in place of {}", file, table);
    }

    @Override
    public String betweenFields() {
        return "between fields";
    }

    @Override
    public String aroundFields() {
        return "around fields";
    }

    @Override
    public String encoding() {
        return "encoding";
    }

    @Override
    public String firstLineNames() {
        return "the first line has the column names";
    }

    @Override
    public String firstRowNames() {
        return "the first row has the column names";
    }

    @Override
    public String sign(char sign) {
        return switch (sign) {
            case ',' -> "comma  ,";
            case ';' -> "semicolon  ;";
            case '\t' -> "tab";
            case '|' -> "bar  |";
            case '"' -> "double quotes  \"";
            case '\'' -> "single quotes  '";
            default -> String.valueOf(sign);
        };
    }

    @Override
    public String allCells() {
        return "all cells, or B2:D9";
    }

    @Override
    public String rangeTo() {
        return "to";
    }

    @Override
    public String sheets() {
        return "sheets";
    }

    @Override
    public String cells() {
        return "cells";
    }
}
