package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.either;
import static lunko.words.english.Say.text;

import java.util.List;
import lunko.table.Value;
import lunko.words.FileSentences;
import lunko.words.Names;

/** What files hold and do not hold, in English. */
record EnglishFiles(Names names) implements FileSentences {
    private static final int MOST_SHOWN = 40;

    @Override
    public String tablesLost(List<String> tables) {
        return text("Not kept in the file: the tables {}.", Say.named(tables));
    }

    @Override
    public String namesChanged(List<NameChange> names) {
        return text("Names that change in the file: {}.", Say.named(names.stream()
                .map(name -> text("{} becomes {}", quoted(name.was()), quoted(name.becomes()))).toList()));
    }

    @Override
    public String typesChanged(List<TypeChange> types) {
        return text("Types that change when the file is opened: {}.", Say.named(types.stream()
                .map(type -> text("{} of {} becomes {} (was {})", type.was().name(), type.table(),
                        names.type(type.becomes().type(), type.becomes().size()),
                        names.type(type.was().type(), type.was().size())))
                .toList()));
    }

    @Override
    public String keysLost(List<String> tables) {
        return text("Not kept in the file: keys and NOT NULL of {}.", Say.named(tables));
    }

    @Override
    public String linksLost(List<NameChange> links) {
        return text("Not kept in the file: the links {}.", Say.named(links.stream()
                .map(link -> text("{} – {}", link.was(), link.becomes())).toList()));
    }

    @Override
    public String rowsLost(List<RowsOf> rows) {
        return text("Not kept in the file: rows with nothing but NULL, {}.", Say.named(rows.stream()
                .map(of -> text("{} of {}", counted(of.count(), "row"), of.table())).toList()));
    }

    @Override
    public String valuesChanged(ValueChange first, long all) {
        return text(either(all, "{} changes in the file: {} in row {} of {} becomes {} (was {}).",
                "{} change, the first in the file: {} in row {} of {} becomes {} (was {})."), counted(all, "value"),
                first.column(), first.row(), first.table(), shown(first.becomes()), shown(first.was()));
    }

    private static String shown(Value value) {
        if (value.isNull()) return "NULL";
        return value.shown().isEmpty() ? "the empty text" : quoted(value.shown());
    }

    private static String quoted(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "\uFFFD");
        return text("“{}”", plain.length() <= MOST_SHOWN ? plain : plain.substring(0, MOST_SHOWN) + "…");
    }

    @Override
    public String leftOut(String why) {
        return text("Left out: {}", why);
    }

    @Override
    public String moreLeftOut(long count) {
        return text("{} more are left out, because they are not tables.", count);
    }

    @Override
    public String cut(String file, long rows, long most) {
        return text(
                "{} is longer: these are its first {}, and Lunko shows {} at most, because a lesson shows every row.",
                file, counted(rows, "row"), most);
    }

    @Override
    public String brokenLink(String from, List<String> columns, String to, List<String> others) {
        return text("{} ({}) refers to {} ({}), but its rows violate the foreign key", from,
                String.join(", ", columns), to, String.join(", ", others));
    }

    @Override
    public String brokenKey(String table) {
        return text("some rows of {} have no key of their own, so no key is declared", table);
    }

    @Override
    public String misfit(long row, String table, String column, String typed) {
        return text("row {} of {} has NULL for {}, where {} was typed", row, table, column, typed);
    }

    @Override
    public String tooManySteps(long steps, long most, long comparisons) {
        return text(
                "There are {} steps, more than the {} that are written down: {} are among them. Take smaller tables, "
                        + "or match by a hash join.",
                steps, most, counted(comparisons, "comparison"));
    }
}
