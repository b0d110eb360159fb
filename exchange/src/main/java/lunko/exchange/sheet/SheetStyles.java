package lunko.exchange.sheet;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.xssf.model.StylesTable;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;

/** What the styles of an .xlsx say of its cells (ISO/IEC 29500-1, 18.8.30). */
final class SheetStyles {
    private static final Pattern DIGITS = Pattern.compile("0\\.(0{1,30})");

    /**
     * What a style says of a cell.
     *
     * @param isText whether what stands in it is a text, whatever it looks like
     * @param isDay whether a number in it is a day
     * @param digits how many digits behind the point are shown of a number at least
     */
    private record Style(boolean isText, boolean isDay, int digits) {
        private static final Style PLAIN = new Style(false, false, 0);

        static Style of(XSSFCellStyle style) {
            String format = style.getDataFormatString();
            Matcher digits = DIGITS.matcher(format == null ? "" : format);
            return new Style("@".equals(format), DateUtil.isADateFormat(style.getDataFormat(), format),
                    digits.matches() ? digits.group(1).length() : 0);
        }
    }

    private final Optional<StylesTable> styles;
    private final boolean from1904;
    private final Map<Integer, Style> known = new HashMap<>();

    /** The styles of a book, if it has any; its calendar may begin in 1904. */
    SheetStyles(Optional<StylesTable> styles, boolean from1904) {
        this.styles = styles;
        this.from1904 = from1904;
    }

    /** Whether what stands in a cell of a style is a text, whatever it looks like. */
    boolean isText(int style) {
        return style(style).isText();
    }

    /** What is shown of a number in a cell of a style: a day as ISO 8601 has it, or the number with its digits. */
    String shown(double number, int style) {
        Style of = style(style);
        return of.isDay() && DateUtil.isValidExcelDate(number)
                ? DateUtil.getLocalDateTime(number, from1904).toLocalDate().toString()
                : SheetNumber.shown(number, of.digits());
    }

    private Style style(int number) {
        return known.computeIfAbsent(number, _ -> styles.map(of -> of.getStyleAt(number)).map(Style::of)
                .orElse(Style.PLAIN));
    }
}
