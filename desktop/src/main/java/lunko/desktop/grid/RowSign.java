package lunko.desktop.grid;

/** A sign beside the number of a row, and what it means. */
public record RowSign(String sign, String meaning) {}
