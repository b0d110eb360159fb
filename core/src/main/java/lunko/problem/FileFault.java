package lunko.problem;

import java.util.List;
import lunko.table.Type;

/** Why a file cannot be read or written, or what is wrong with what is in it. */
public sealed interface FileFault extends Fault {

    /** There is such a file already. */
    record AlreadyThere() implements FileFault {}

    /** What is wrong with the rows and columns in a file. */
    sealed interface TablePart extends FileFault {}

    /** What is wrong with a lesson or a package in a file. */
    sealed interface LessonPart extends FileFault {}

    /** A folder where a file is wanted. */
    record IsFolder() implements FileFault {}

    /** A file that is not there. */
    record NoFile() implements FileFault {}

    /** A file that may not be read. */
    record NotReadable() implements FileFault {}

    /** A file that the system does not let be read, for a reason of its own. */
    record ReadFailed(String reason) implements FileFault {}

    /** A folder that is not there. */
    record NoFolder() implements FileFault {}

    /** Something that is no ordinary file. */
    record NoOrdinaryFile() implements FileFault {}

    /** A folder that may not be written to. */
    record FolderNotWritable() implements FileFault {}

    /** A file that the system does not let be written, for a reason of its own if it gives one. */
    record WriteFailed(String reason) implements FileFault {}

    /** A file of more megabytes than a lesson can show. */
    record TooLarge(int most) implements FileFault {}

    /** A part of a file of more megabytes than a lesson can show. */
    record PartTooLarge(String part, int most) implements FileFault {}

    /** A character that is none of the encoding. */
    record NotEncoded(String encoding) implements FileFault {}

    /** An archive of more files than a lesson has. */
    record TooManyFiles(int most) implements FileFault {}

    /** An archive without files. */
    record EmptyArchive() implements FileFault {}

    /** A file of an archive whose name leads out of it. */
    record PointsOutside(String name) implements FileFault {}

    /** A file that is damaged, or of another kind than its name says. */
    record Damaged() implements FileFault {}

    /** A spreadsheet that is damaged, or of another kind than its name says. */
    record DamagedSpreadsheet(FileKind kind) implements FileFault {}

    /** A sheet that a spreadsheet names and has not. */
    record NoSheet(String sheet) implements FileFault {}

    /** JSON that is none. */
    record NoJson() implements FileFault {}

    /** A table without anything in it. */
    record Nothing() implements FileFault {}

    /** A file without anything in it. */
    record EmptyFile() implements FileFault {}

    /** A page without a table. */
    record NoTable() implements FileFault {}

    /** A clipboard without a table. */
    record NoTableCopied() implements FileFault {}

    /** A page of too many characters. */
    record PageTooLong(long most) implements FileFault {}

    /** A paragraph of too many signs of Markdown. */
    record TooManySigns(long most) implements FileFault {}

    /** A file of several tables, where one is wanted. */
    record SeveralTables(List<String> tables, String file) implements FileFault {

        /** Keeps the names as they are. */
        public SeveralTables {
            tables = List.copyOf(tables);
        }
    }

    /** A table that is not in a file. */
    record NoSuchTable(String table, List<String> there) implements FileFault {

        /** Keeps the names as they are. */
        public NoSuchTable {
            there = List.copyOf(there);
        }
    }

    /** Two columns of one name. */
    record ColumnTwice(String column) implements TablePart {}

    /** Two columns of one name in a line that names them, counted from 1. */
    record ColumnsTwice(int one, int other, String column) implements TablePart {}

    /** A column, counted from 1, without a name. */
    record UnnamedColumn(int column) implements TablePart {}

    /** A line of more or fewer fields than there are columns. */
    record FieldCount(int fields, int columns) implements TablePart {}

    /** A field that does not fit its column. */
    record FieldDoesNotFit(String field, String column, Type type) implements TablePart {}

    /** A closing quote with more text behind it. */
    record TextAfterQuote() implements TablePart {}

    /** A quote that has no end. */
    record OpenQuote() implements TablePart {}

    /** A cell, in a column counted from 1, that should hold a number and holds none. */
    record CellWithoutNumber(int column, String text) implements TablePart {}

    /** A text that is no range of cells. */
    record NoRange(String text) implements TablePart {}

    /** A range beyond what is read of a sheet. */
    record RangeTooFar(String sheet, int rows, int columns) implements TablePart {}

    /** A sheet larger than any table of a lesson. */
    record SheetTooLarge() implements TablePart {}

    /** A script that makes no table. */
    record NoTableMade() implements TablePart {}

    /** A package without its descriptor. */
    record NoDescriptor(String name) implements LessonPart {}

    /** A descriptor that names no resources. */
    record NoResources(String descriptor) implements LessonPart {}

    /** A resource that is no file of its package. */
    record ForeignPath(String descriptor, String path) implements LessonPart {}

    /** A resource that is not there. */
    record MissingResource(String descriptor, String path) implements LessonPart {}

    /** An archive that is no lesson. */
    record NoLesson(String descriptor) implements LessonPart {}

    /** A descriptor that is none of a lesson. */
    record NoLessonDescriptor(String descriptor) implements LessonPart {}

    /** A lesson of a newer version. */
    record NewerLesson(int version, int read) implements LessonPart {}

    /** A lesson with two tables of one name. */
    record LessonTableTwice(String table) implements LessonPart {}

    /** A lesson whose scene, counted from 1, names what is not there. */
    record LessonSceneWrong(int scene) implements LessonPart {}

    /** A lesson with a view whose query cannot run. */
    record LessonViewWrong(String view, Fault why) implements LessonPart {}

    /** A lesson without a scene. */
    record LessonWithoutScene() implements LessonPart {}

    /** A lesson whose link names what is not there. */
    record LessonLinkWrong() implements LessonPart {}

    /** A lesson in which too much has been typed that does not fit. */
    record TooManyMisfits() implements LessonPart {}

    /** A kind of file that is not written. */
    record KindNotWritten(FileKind kind, List<String> endings) implements FileFault {

        /** Keeps the endings as they are. */
        public KindNotWritten {
            endings = List.copyOf(endings);
        }
    }

    /** The descriptor of a package, to be written alone. */
    record DescriptorAlone(List<String> endings) implements FileFault {

        /** Keeps the endings as they are. */
        public DescriptorAlone {
            endings = List.copyOf(endings);
        }
    }

    /** A kind of file that holds one table, for several. */
    record HoldsOneTable(FileKind kind, int tables, List<String> endings) implements FileFault {

        /** Keeps the endings as they are. */
        public HoldsOneTable {
            endings = List.copyOf(endings);
        }
    }

    /** What was written and could not be opened again. */
    record NotOpenedAgain(Fault why) implements FileFault {}

    /** A text longer than a cell of a spreadsheet holds. */
    record CellTextTooLong(int row, String table, int most) implements FileFault {}

    /** Where a text stands that a kind of file cannot hold. */
    sealed interface Where {
        /** In the name of a table. */
        record TableName() implements Where {}

        /** In the name of a column of a table. */
        record ColumnName(String table) implements Where {}

        /** In a cell of a table. */
        record Cell(String table) implements Where {}
    }

    /** A control character that a kind of file cannot hold. */
    record ControlCharacter(Where where) implements FileFault {}
}
