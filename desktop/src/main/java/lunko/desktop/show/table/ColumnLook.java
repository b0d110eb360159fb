package lunko.desktop.show.table;

import java.util.Optional;
import lunko.insight.picture.TableHue;
import lunko.table.Type;

/**
 * What a column of values looks like that are looked at and not edited: stored ones, and the hatched NULLs of an outer
 * join.
 *
 * @param hue the colour of its table, where its heading has that
 * @param shorter what stands over it where there is no room for its whole heading
 */
public record ColumnLook(String heading, String shorter, Type type, boolean key, Optional<TableHue> hue) {}
