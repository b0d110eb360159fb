package lunko.desktop.words.english;

import static lunko.words.english.Say.text;

import lunko.desktop.words.QueryWords;
import lunko.words.Names;

/** What is said of the query, in English. */
record EnglishQueries(Names names) implements QueryWords {

    @Override
    public String nextProblem(int number, int all) {
        return text("{} of {}: next", number, all);
    }

    @Override
    public String onOrWhereWhat() {
        return "ON or WHERE: a condition moved from one to the other";
    }

    @Override
    public String write() {
        return "Write the query";
    }

    @Override
    public String next() {
        return "Next problem in the query";
    }

    @Override
    public String twoTables() {
        return "Back to the two tables, as Lunko writes them";
    }

    @Override
    public String queryText() {
        return "the query as SQL";
    }

    @Override
    public String query() {
        return "Query";
    }

    @Override
    public String queryMenu() {
        return "More for the query";
    }

    @Override
    public String suggested() {
        return "suggested links:";
    }

    @Override
    public String notLinked(String left, String right) {
        return text("no columns of {} and {} are linked yet:", left, right);
    }

    @Override
    public String linkThem() {
        return "Link them at the tables";
    }

    @Override
    public String noRows(String table) {
        return text("{} has no rows yet:", table);
    }

    @Override
    public String typeThem() {
        return "Type some at the tables";
    }

    @Override
    public String matchThem(String reason) {
        return text("Match these columns: they have {}", reason);
    }

    @Override
    public String match(String left, String right) {
        return text("match {} with {}", left, right);
    }

    @Override
    public String runAll() {
        return "Run all queries of the text";
    }

    @Override
    public String onOfJoin(int join) {
        return text("ON of join {}", join);
    }

    @Override
    public String equivalent() {
        return "Equivalent queries";
    }

    @Override
    public String translate() {
        return "Translate for a database";
    }

    @Override
    public String keyword() {
        return "keyword";
    }

    @Override
    public String table() {
        return "table";
    }

    @Override
    public String column() {
        return "column";
    }
}
