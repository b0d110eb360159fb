package lunko.exchange.pack;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import lunko.table.Column;
import lunko.table.TypeSize;

/** How large the values of a column may be, as a package and a lesson's file have it. */
public final class SizeNodes {
    private SizeNodes() {}

    /** Adds a size to what is described of a column. */
    public static ObjectNode describe(TypeSize size, ObjectNode node) {
        return switch (size) {
            case TypeSize.Any() -> node;
            case TypeSize.Characters(int most) -> node.put("maxLength", most);
            case TypeSize.Bits(int bits) -> node.put("bits", bits);
            case TypeSize.Digits(int precision, int scale) -> node.put("digits", precision).put("behindPoint", scale);
        };
    }

    /** The column as large as is described; of any size, where nothing is, or what its type cannot have. */
    public static Column sized(Column column, JsonNode node) {
        TypeSize size = read(node);
        return new Column(column.name(), column.type(), size.isPossible() ? size : new TypeSize.Any(), column.key(),
                column.nullable(), column.open());
    }

    private static TypeSize read(JsonNode node) {
        if (node.has("maxLength")) return new TypeSize.Characters(node.path("maxLength").asInt());
        if (node.has("bits")) return new TypeSize.Bits(node.path("bits").asInt());
        return node.has("digits")
                ? new TypeSize.Digits(node.path("digits").asInt(), node.path("behindPoint").asInt())
                : new TypeSize.Any();
    }
}
