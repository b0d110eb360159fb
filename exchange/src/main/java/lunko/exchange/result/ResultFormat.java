package lunko.exchange.result;

import lunko.engine.sql.ResultTable;
import lunko.problem.Problem;

/** The ways in which a result is written as text. */
public enum ResultFormat {
    /** Columns under each other, for a terminal. */
    TABLE {
        @Override
        public String write(ResultTable result, int line) {
            return TextTable.aligned(result);
        }
    },
    /** A table of a Markdown page. */
    MARKDOWN {
        @Override
        public String write(ResultTable result, int line) {
            return TextTable.markdown(result);
        }
    },
    /** Comma-separated values (RFC 4180): an empty field is NULL, and {@code ""} the empty text. */
    CSV {
        @Override
        public String write(ResultTable result, int line) {
            return CsvTable.text(result);
        }
    },
    /** One JSON object in a line (RFC 8259): numbers as numbers, NULL as null. */
    JSON {
        @Override
        public String write(ResultTable result, int line) {
            return JsonLine.result(result, line);
        }

        @Override
        public String write(Problem problem) {
            return JsonLine.problem(problem);
        }
    };

    /** A result, with the number of the line where its statement starts, counted from 1. */
    public abstract String write(ResultTable result, int line);

    /** A problem among the results; nothing, where the format has no place for it. */
    public String write(Problem problem) {
        return "";
    }
}
