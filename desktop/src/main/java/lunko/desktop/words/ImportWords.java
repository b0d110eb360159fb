package lunko.desktop.words;

/** What is said where tables are imported. */
public interface ImportWords {

    /** {@code Import}. */
    String takeTables();

    /** As in {@code Import …}. */
    String importFile(String file);

    /** As in {@code Import … in place of …}. */
    String importInPlace(String file, String table);

    /** {@code between fields}. */
    String betweenFields();

    /** {@code around fields}. */
    String aroundFields();

    /** {@code encoding}. */
    String encoding();

    /** {@code the first line has the column names}. */
    String firstLineNames();

    /** {@code the first row has the column names}. */
    String firstRowNames();

    /** A character between or around fields, as it is chosen. */
    String sign(char sign);

    /** {@code all cells, or B2:D9}. */
    String allCells();

    /** Between the first and the last of a range. */
    String rangeTo();

    /** {@code sheets}. */
    String sheets();

    /** {@code cells}. */
    String cells();
}
