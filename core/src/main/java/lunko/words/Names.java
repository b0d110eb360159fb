package lunko.words;

import lunko.problem.FileKind;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.table.RowName;
import lunko.table.RowsName;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.TypeSize;

/** What things are called: rows, kinds of join, sides, types and truth values. */
public interface Names {

    /** A row: {@code Clover}, {@code hives row 5}. */
    String row(RowName name);

    /** A row where it is plain which rows are meant: {@code Clover}, {@code row 5}. */
    String shortRow(RowName name);

    /** The rows of a stage together: {@code hives}. */
    String rows(RowsName name);

    /** A kind of join: {@code left outer}. */
    String kind(JoinKind kind);

    /** A kind of join as something that is spoken of: {@code a left outer join}. */
    String join(JoinKind kind);

    /** A side: {@code left}. */
    String side(Side side);

    /** A kind of file: {@code SQL script}. */
    String file(FileKind kind);

    /** A truth value: {@code unknown}. */
    String truth(Truth truth);

    /** A type: {@code integer}. */
    String type(Type type);

    /** A type whose values are no larger than this: {@code decimal(6, 2)}. */
    String type(Type type, TypeSize size);

    /** What fits a type and is no larger than this: {@code a text of no more than 3 characters}. */
    String example(Type type, TypeSize size);

    /** What fits a type: {@code a whole number such as 12}. */
    String example(Type type);
}
