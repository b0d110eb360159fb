package lunko.exchange.result;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lunko.engine.sql.ResultTable;
import lunko.exchange.TableText;
import lunko.problem.Problem;
import lunko.words.Language;

/** The ways in which a result is written as text. */
public enum ResultFormat {
    /** Columns under each other, for a terminal. */
    TABLE {
        @Override
        public String write(ResultTable result, Optional<Steps> steps, int line, Language in) {
            return steps.map(all -> all.text("", "  ", in)).orElse("") + TextTable.aligned(result, in);
        }

        @Override
        public String heading(String title) {
            return title + "\n";
        }
    },
    /** A table of a Markdown page. */
    MARKDOWN {
        @Override
        public String write(ResultTable result, Optional<Steps> steps, int line, Language in) {
            return steps.map(all -> all.text("### ", ". ", in)).orElse("") + TextTable.markdown(result);
        }

        @Override
        public String heading(String title) {
            return "## " + title + "\n\n";
        }
    },
    /** Comma-separated values (RFC 4180): an empty field is NULL, and {@code ""} the empty text. */
    CSV {
        @Override
        public String write(ResultTable result, Optional<Steps> steps, int line, Language in) {
            return steps.map(all -> all.text("", "  ", in)).orElse("") + CsvTable.text(result);
        }
    },
    /** Fields divided by tabs, as spreadsheets take them from the clipboard. */
    TSV {
        @Override
        public String write(ResultTable result, Optional<Steps> steps, int line, Language in) {
            List<List<String>> lines = new ArrayList<>();
            lines.add(result.columns().stream().map(ResultTable.Column::name).toList());
            result.rows()
                    .forEach(row -> lines.add(row.stream().map(value -> value.isNull() ? "" : value.shown()).toList()));
            return steps.map(all -> all.text("", "  ", in)).orElse("") + TableText.tabbed(lines);
        }
    },
    /** One JSON object in a line (RFC 8259): numbers as numbers, NULL as null. */
    JSON {
        @Override
        public String write(ResultTable result, Optional<Steps> steps, int line, Language in) {
            return JsonLine.result(result, steps, line, in);
        }

        @Override
        public String write(Problem problem, Language in) {
            return JsonLine.problem(problem, in);
        }
    };

    /**
     * A result and, if they are wanted, the steps to it; with the number of the line where its statement starts, from
     * 1.
     */
    public abstract String write(ResultTable result, Optional<Steps> steps, int line, Language in);

    /** What stands before the results that belong together; nothing, where the format has no place for it. */
    public String heading(String title) {
        return "";
    }

    /** A problem among the results; nothing, where the format has no place for it. */
    public String write(Problem problem, Language in) {
        return "";
    }
}
