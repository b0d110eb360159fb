package lunko.words.english;

import java.util.List;
import lunko.phrase.Phrase;
import lunko.problem.Fault;
import lunko.problem.FileFault;
import lunko.problem.FileKind;
import lunko.words.Names;
import lunko.words.Problems;

/** Why a file cannot be read or written, in English. */
record EnglishFileFaults(Names names, Problems problems) {

    Phrase of(FileFault fault) {
        return switch (fault) {
            case FileFault.AlreadyThere() ->
                Say.say("There is such a file already: choose another name, or say that it may be replaced.");
            case FileFault.IsFolder() -> Say.say("This is a folder: name a file in it.");
            case FileFault.NoFile() -> Say.say("There is no such file: check its name and folder.");
            case FileFault.NotReadable() ->
                Say.say("You have no permission to read the file: ask for it, or copy the file to a folder of yours.");
            case FileFault.ReadFailed(String reason) ->
                Say.say("The file could not be read ({}): try a copy of it.", reason);
            case FileFault.NoFolder() -> Say.say("There is no such folder: make it, or choose another one.");
            case FileFault.NoOrdinaryFile() -> Say.say("This is not an ordinary file: name another one.");
            case FileFault.FolderNotWritable() ->
                Say.say("You have no permission to write to the folder: choose another one.");
            case FileFault.WriteFailed(String reason) -> Say.say("The file could not be written ({}): choose another "
                    + "place.", reason.isEmpty() ? "the system gives no reason" : reason);
            case FileFault.TooLarge(int most) ->
                Say.say("There is more than {} MB in it, far more than a lesson can show: keep only what makes your "
                        + "point.", most);
            case FileFault.PartTooLarge(String part, int most) ->
                Say.say("Its part {} has more than {} MB, far more than a lesson can show: keep only what makes your "
                        + "point.", part, most);
            case FileFault.NotEncoded(String encoding) ->
                Say.say("This character is not {}: save the file as UTF-8 and open it again.", encoding);
            case FileFault.TooManyFiles(int most) ->
                Say.say("There are more than {} files in it, and a lesson has a few: it is something else.", most);
            case FileFault.EmptyArchive() -> Say.say("There is nothing in it: take another copy of it.");
            case FileFault.PointsOutside(String name) ->
                Say.say("It contains a file called {}, which points outside: it is not safe to open.", name);
            case FileFault.Damaged() ->
                Say.say("The file is damaged or incomplete, or not of the kind that its name says: take another copy "
                        + "of it.");
            case FileFault.DamagedSpreadsheet(FileKind kind) ->
                Say.say("The file is damaged, or not the kind of spreadsheet that its name says ({}): open it in "
                        + "a spreadsheet program and save it again.",
                        names.file(kind));
            case FileFault.NoSheet(String sheet) ->
                Say.say("Its sheet {} is missing, so the file is damaged: take another copy of it.", sheet);
            case FileFault.NoJson() -> Say.say("This is not JSON: correct it here, or take another copy of the file.");
            case FileFault.Nothing() ->
                Say.say("There is nothing in it: it needs a row with the column names, and one for each row.");
            case FileFault.EmptyFile() ->
                Say.say("The file is empty: it needs a line with the column names, and a line for each row.");
            case FileFault.NoTable() -> Say.say("There is no table in it: copy one that has rows and columns.");
            case FileFault.NoTableCopied() ->
                Say.say("There is no table on the clipboard: copy one first, in a spreadsheet, on a page or as "
                        + "lines of "
                        + "text.");
            case FileFault.PageTooLong(long most) ->
                Say.say("The page has more than {} characters: keep only the tables that make your point.", most);
            case FileFault.TooManySigns(long most) ->
                Say.say("There are more than {} Markdown characters in one paragraph or row: divide it.", most);
            case FileFault.SeveralTables(List<String> tables, String file) ->
                Say.say("There are {} tables in it, {}: write # and the name of one after the file, as in {}#{}.",
                        tables.size(), Say.named(tables), file, tables.getFirst());
            case FileFault.NoSuchTable(String table, List<String> there) ->
                Say.say("There is no table {} in it; it has {}.", table, Say.named(there));
            case FileFault.CellTextTooLong(int row, String table, int most) ->
                Say.say("A text in row {} of {} has more than {} characters, the most that a cell of such a "
                        + "spreadsheet holds: shorten it, or choose another kind of file.", row, table, most);
            case FileFault.ControlCharacter(FileFault.Where where) ->
                Say.say("{} contains a control character, which such a spreadsheet cannot hold: remove it, or choose "
                        + "another kind of file.", switch (where) {
                            case FileFault.Where.TableName() -> "The name of a table";
                            case FileFault.Where.ColumnName(String table) ->
                                Say.text("The name of a column of {}", table);
                            case FileFault.Where.Cell(String table) -> Say.text("A text in {}", table);
                        });
            case FileFault.KindNotWritten(FileKind kind, var endings) ->
                Say.say("Lunko does not write a {}: choose a name that ends with {}.", names.file(kind),
                        String.join(", ", endings));
            case FileFault.DescriptorAlone(var endings) ->
                Say.say("The description of a package is not written alone: choose a name that ends with {}.",
                        String.join(", ", endings));
            case FileFault.HoldsOneTable(FileKind kind, int tables, var endings) ->
                Say.say("A {} holds one table, and there are {}: choose a name that ends with {}.", names.file(kind),
                        tables, String.join(", ", endings));
            case FileFault.NotOpenedAgain(var why) ->
                Say.say("It could not be opened again, so it was not written: {}",
                        new EnglishProblems(names).of(why));
            case FileFault.LessonPart part -> lesson(part);
            case FileFault.TablePart part -> table(part);
        };
    }

    private Phrase table(FileFault.TablePart fault) {
        return switch (fault) {
            case FileFault.ColumnTwice(String column) ->
                Say.say("Two columns are called {}: rename one of them.", column);
            case FileFault.ColumnsTwice(int one, int other, String column) ->
                Say.say("Columns {} and {} are both called {}: rename one of them in this line.", one, other, column);
            case FileFault.UnnamedColumn(int column) ->
                Say.say("Column {} has no name: give it one in this line.", column);
            case FileFault.FieldCount(int fields, int columns) ->
                Say.say(fields > columns
                        ? "This line has {}, but the first line names {}: put a field that contains a comma in double "
                                + "quotes."
                        : "This line has {}, but the first line names {}: write nothing between two commas for NULL.",
                        Say.counted(fields, "field"), Say.counted(columns, "column"));
            case FileFault.FieldDoesNotFit(String field, String column, var type) ->
                Say.say("“{}” does not fit {}, which is {}: write {}.", field, column, names.type(type),
                        names.example(type));
            case FileFault.TextAfterQuote() ->
                Say.say("A closing quote is followed by more text: put a comma after it, or double the quotes inside.");
            case FileFault.OpenQuote() -> Say.say("The quote that opens here has no end: add the closing quote.");
            case FileFault.CellWithoutNumber(int column, String text) ->
                Say.say("The cell in column {} should hold a number, and “{}” is not one: open the file in a "
                        + "spreadsheet program and save it again.", column, text);
            case FileFault.NoRange(String text) ->
                Say.say("“{}” is not a range of cells: write the first and the last cell, as in B2:D9.", text);
            case FileFault.RangeTooFar(String sheet, int rows, int columns) ->
                Say.say("Lunko reads {} and {} of {}: choose a range within them.", Say.counted(rows, "row"),
                        Say.counted(columns, "column"), sheet);
            case FileFault.SheetTooLarge() ->
                Say.say("It is larger than any table of a lesson: choose a range of cells, or keep only what makes "
                        + "your point.");
            case FileFault.NoTableMade() ->
                Say.say("The script makes no table: it needs a CREATE TABLE, and an INSERT for the rows.");
        };
    }

    private Phrase lesson(FileFault.LessonPart fault) {
        return switch (fault) {
            case FileFault.NoDescriptor(String name) ->
                Say.say("There is no {} in it: choose a Tabular Data Package.", name);
            case FileFault.NoResources(String descriptor) ->
                Say.say("{} names no resources: it needs one for each table.", descriptor);
            case FileFault.ForeignPath(String descriptor, String path) ->
                Say.say("{} names the file “{}”, and only files of the package itself are read: correct its path.",
                        descriptor, path);
            case FileFault.MissingResource(String descriptor, String path) ->
                Say.say("{} names {}, and there is no such file: add it.", descriptor, path);
            case FileFault.NoLesson(String descriptor) ->
                Say.say("There is no {} in it, so it is not a lesson: choose a file that Lunko saved.", descriptor);
            case FileFault.NoLessonDescriptor(String descriptor) ->
                Say.say("{} does not say that this is a lesson of Lunko: choose a file that Lunko saved.", descriptor);
            case FileFault.NewerLesson(int version, int read) ->
                Say.say("This lesson was saved by a newer Lunko (version {} of the file, and this Lunko reads "
                        + "{}): open "
                        + "it with that one.", version, read);
            case FileFault.LessonTableTwice(String table) ->
                Say.say("In this lesson two tables are called {}: take another copy of the file.", table);
            case FileFault.LessonSceneWrong(int scene) ->
                Say.say("In this lesson scene {} names a table or a kind of join that does not exist: take "
                        + "another copy "
                        + "of the file.", scene);
            case FileFault.LessonViewWrong(String view, Fault why) ->
                Say.say("In this lesson the query of the view {} cannot run: take another copy of the file. {}", view,
                        problems.of(why));
            case FileFault.LessonWithoutScene() ->
                Say.say("This lesson has no scene: take another copy of the file.");
            case FileFault.LessonLinkWrong() ->
                Say.say("In this lesson a link names a table or a column that does not exist: take another copy of the "
                        + "file.");
            case FileFault.TooManyMisfits() ->
                Say.say("Too many cells hold something that does not fit: change the types of their columns.");
        };
    }
}
