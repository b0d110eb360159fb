package lunko.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import java.util.stream.Collectors;
import lunko.problem.FileKind;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;
import lunko.table.Value;
import lunko.words.Names;

/** What things are called in English. */
final class EnglishNames implements Names {

    @Override
    public String row(RowName name) {
        return switch (name) {
            case RowName.Called(String called) -> called;
            case RowName.Numbered(String table, int row) -> text("{} row {}", table, row + 1);
            case RowName.Joined(var rows) -> rows.stream().map(this::row).collect(Collectors.joining(" + "));
            case RowName.Group(var key) when key.isEmpty() -> "the only group";
            case RowName.Group(var key) ->
                text("group {}", key.stream().map(Value::shown).collect(Collectors.joining(", ")));
        };
    }

    @Override
    public String shortRow(RowName name) {
        return switch (name) {
            case RowName.Numbered(String _, int row) -> text("row {}", row + 1);
            case RowName.Joined(var rows) -> rows.stream().map(this::shortRow).collect(Collectors.joining(" · "));
            case RowName.Called _,RowName.Group _ -> row(name);
        };
    }

    @Override
    public String rows(RowsName name) {
        return switch (name) {
            case RowsName.Of(String table) -> table;
            case RowsName.Aliased(String table, String alias) -> text("{} {}", table, alias);
            case RowsName.Joined(RowsName left, RowsName right) -> text("{} + {}", rows(left), rows(right));
            case RowsName.Groups(RowsName of) -> text("the groups of {}", rows(of));
            case RowsName.BothQueries() -> "the rows of both queries";
        };
    }

    @Override
    public String kind(JoinKind kind) {
        return switch (kind) {
            case INNER -> "inner";
            case LEFT_OUTER -> "left outer";
            case RIGHT_OUTER -> "right outer";
            case FULL_OUTER -> "full outer";
            case CROSS -> "cross";
            case LEFT_SEMI -> "left semi";
            case RIGHT_SEMI -> "right semi";
            case LEFT_ANTI -> "left anti";
            case RIGHT_ANTI -> "right anti";
            case FULL_ANTI -> "full anti";
        };
    }

    @Override
    public String join(JoinKind kind) {
        return text(kind == JoinKind.INNER ? "an {} join" : "a {} join", kind(kind));
    }

    @Override
    public String side(Side side) {
        return side.of("left", "right");
    }

    @Override
    public String file(FileKind kind) {
        return switch (kind) {
            case CSV -> "CSV file";
            case TSV -> "tab-separated file";
            case XLSX -> "Excel spreadsheet";
            case ODS -> "OpenDocument spreadsheet";
            case SQL -> "SQL script";
            case DATA_PACKAGE -> "Tabular Data Package";
            case MARKDOWN -> "Markdown page";
            case HTML -> "web page";
        };
    }

    @Override
    public String truth(Truth truth) {
        return switch (truth) {
            case TRUE -> "true";
            case FALSE -> "false";
            case UNKNOWN -> "unknown";
        };
    }

    @Override
    public String type(Type type) {
        return switch (type) {
            case INTEGER -> "integer";
            case DECIMAL -> "decimal";
            case TEXT -> "text";
            case BOOLEAN -> "boolean";
            case DATE -> "date";
        };
    }

    @Override
    public String type(Type type, TypeSize size) {
        return switch (size) {
            case TypeSize.Any() -> type(type);
            case TypeSize.Bits _ -> "smallint";
            case TypeSize.Digits(int precision, int scale) -> text("{}({}, {})", type(type), precision, scale);
            case TypeSize.Characters(int most) -> text("{}({})", type(type), most);
        };
    }

    @Override
    public String example(Type type, TypeSize size) {
        return switch (size) {
            case TypeSize.Any() -> example(type);
            case TypeSize.Bits(int bits) ->
                text("a whole number from {} to {}", -(1L << bits - 1), (1L << bits - 1) - 1);
            case TypeSize.Digits(int precision, int scale) -> text("a number with no more than {} before the point",
                    counted(precision - scale, "digit"));
            case TypeSize.Characters(int most) ->
                text("a text of no more than {}", counted(most, "character"));
        };
    }

    @Override
    public String example(Type type) {
        return switch (type) {
            case INTEGER -> "a whole number such as 12";
            case DECIMAL -> "a number such as 2.5";
            case TEXT -> "any text";
            case BOOLEAN -> "true or false";
            case DATE -> "a date such as 2026-05-01";
        };
    }
}
