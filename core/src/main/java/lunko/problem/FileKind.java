package lunko.problem;

/** The kinds of file that tables are read from and written to. */
public enum FileKind {
    /** Comma-separated values. */
    CSV,
    /** Values with tabs between them. */
    TSV,
    /** A spreadsheet of ISO/IEC 29500. */
    XLSX,
    /** A spreadsheet of ISO/IEC 26300. */
    ODS,
    /** A script of SQL. */
    SQL,
    /** A Tabular Data Package. */
    DATA_PACKAGE,
    /** A page of Markdown. */
    MARKDOWN,
    /** A web page. */
    HTML
}
