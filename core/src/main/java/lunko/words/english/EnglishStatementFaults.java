package lunko.words.english;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.problem.StatementFault;
import lunko.words.Names;

/** What is wrong with a statement that makes, fills or drops a table, in English. */
final class EnglishStatementFaults {

    private EnglishStatementFaults() {}

    static Phrase say(StatementFault fault, Names names) {
        return switch (fault) {
            case StatementFault.TableExists(String table) ->
                Say.say("There is already a table {}: choose another name, or DROP TABLE it first.", table);
            case StatementFault.ColumnTwice(String column) ->
                Say.say("There is already a column {} in this table: choose another name.", column);
            case StatementFault.NoParent(String table) ->
                Say.say("There is no table {} to refer to: create it first.", table);
            case StatementFault.ParentWithoutKey(String table) ->
                Say.say("{} has no primary key to refer to: name the columns after REFERENCES {}.", table, table);
            case StatementFault.KeyWidths(int columns, int referred) ->
                Say.say("The foreign key has {} and refers to {}: name the same number on both.",
                        Say.counted(columns, "column"), referred);
            case StatementFault.RowWidth(int values, int columns) ->
                Say.say("This row has {} for {}: give each column one value.", Say.counted(values, "value"),
                        Say.counted(columns, "column"));
            case StatementFault.ValueDoesNotFit(String column, var wanted, String value, var type) ->
                Say.say("{} is {}, and {} is {}: write {}.", column, names.type(wanted), value, names.type(type),
                        names.example(wanted));
            case StatementFault.ReferredTo(String table, String by) ->
                Say.say("{} refers to {}: drop it first.", by, table);
            case StatementFault.CheckFails(String table, String condition, String row) ->
                Say.say("{} would have the row {}, for which its CHECK {} is not true: change the values.", table, row,
                        condition);
            case StatementFault.NullInNotNull(String table, String column) ->
                Say.say("{}.{} cannot be NULL, because it is NOT NULL: give it a value.", table, column);
            case StatementFault.NullInKey(String table, String column) ->
                Say.say("{}.{} cannot be NULL, because it is part of the primary key: give it a value.", table,
                        column);
            case StatementFault.KeyTwice(String table, String values, boolean primary, List<String> columns) ->
                Say.say(primary ? "{} would occur twice in {}, and the primary key {} must be unique: choose another "
                        + "value."
                        : "{} would occur twice in {}, and the unique key {} must be unique: choose another "
                                + "value.",
                        values, table, String.join(", ", columns));
            case StatementFault.NoReferred(String table, String values, var columns, String parent, var wanted) ->
                Say.say("{} would have {} in {}, and no row of {} has that in {}: this violates the foreign key.",
                        table, values, String.join(", ", columns), parent, String.join(", ", wanted));
        };
    }
}
