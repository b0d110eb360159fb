package lunko.exchange.pack;

import lunko.exchange.json.Json;
import lunko.table.Column;
import lunko.table.TypeSize;

/** How large the values of a column may be, as a package and a lesson's file have it. */
public final class SizeNodes {
    private SizeNodes() {}

    /** Adds a size to what is described of a column. */
    public static Json.Members describe(TypeSize size, Json.Members node) {
        return switch (size) {
            case TypeSize.Any() -> node;
            case TypeSize.Characters(int most) -> node.with("maxLength", most);
            case TypeSize.Bits(int bits) -> node.with("bits", bits);
            case TypeSize.Digits(int precision, int scale) -> node.with("digits", precision).with("behindPoint", scale);
        };
    }

    /** The column as large as is described; of any size, where nothing is, or what its type cannot have. */
    public static Column sized(Column column, Json node) {
        TypeSize size = read(node);
        return new Column(column.name(), column.type(), size.isPossible() ? size : new TypeSize.Any(), column.key(),
                column.nullable(), column.open());
    }

    private static TypeSize read(Json node) {
        if (node.has("maxLength")) return new TypeSize.Characters(node.at("maxLength").whole(0));
        if (node.has("bits")) return new TypeSize.Bits(node.at("bits").whole(0));
        return node.has("digits")
                ? new TypeSize.Digits(node.at("digits").whole(0), node.at("behindPoint").whole(0))
                : new TypeSize.Any();
    }
}
