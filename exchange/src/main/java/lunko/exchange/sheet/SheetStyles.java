package lunko.exchange.sheet;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.xssf.model.StylesTable;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;

/** What the styles of an .xlsx say of a cell (ISO/IEC 29500-1, 18.8.30): that it is a text, or a day. */
final class SheetStyles {
    private static final Pattern DIGITS = Pattern.compile("0\\.(0{1,30})");

    private final StylesTable styles;
    private final boolean from1904;

    /** The styles of a book, whose calendar may begin in 1904. */
    SheetStyles(StylesTable styles, boolean from1904) {
        this.styles = styles;
        this.from1904 = from1904;
    }

    /** Whether what stands in a cell of a style is a text, whatever it looks like. */
    boolean isText(int style) {
        return style(style).filter(of -> "@".equals(of.getDataFormatString())).isPresent();
    }

    /** The day that a number is in a cell of a style, as ISO 8601 has it; nothing where it is none. */
    Optional<String> day(double number, int style) {
        return style(style).filter(of -> DateUtil.isValidExcelDate(number)
                && DateUtil.isADateFormat(of.getDataFormat(), of.getDataFormatString()))
                .map(_ -> DateUtil.getLocalDateTime(number, from1904).toLocalDate().toString());
    }

    /** How many digits behind the point a cell of a style shows at least. */
    int digits(int style) {
        return style(style).map(of -> DIGITS.matcher(of.getDataFormatString())).filter(Matcher::matches)
                .map(format -> format.group(1).length()).orElse(0);
    }

    private Optional<XSSFCellStyle> style(int number) {
        return Optional.ofNullable(styles.getStyleAt(number));
    }
}
