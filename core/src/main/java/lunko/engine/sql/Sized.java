package lunko.engine.sql;

import lunko.problem.Checked;
import lunko.problem.Fault;
import lunko.problem.RunFault;
import lunko.table.TypeSize;
import lunko.table.Value;

/** A value as large as a type allows, or why it cannot be made so. */
final class Sized {
    private Sized() {}

    /** A value that is stored. */
    static Checked<Value> stored(Value value, TypeSize size) {
        return size.stored(value).map(Checked::valid).orElseGet(() -> Checked.invalid(fault(value, size)));
    }

    /** A value that is made another. */
    static Checked<Value> cast(Value value, TypeSize size) {
        return size.cast(value).map(Checked::valid).orElseGet(() -> Checked.invalid(fault(value, size)));
    }

    private static Fault fault(Value value, TypeSize size) {
        return switch (size) {
            case TypeSize.Characters(int most) -> new RunFault.TooLongFor(value.sql(), most);
            case TypeSize.Bits(int bits) -> new RunFault.TooLargeFor(value.sql(), bits);
            case TypeSize.Digits(int precision, int scale) ->
                new RunFault.TooManyDigitsFor(value.sql(), precision, scale);
            case TypeSize.Any() -> throw new IllegalArgumentException("any value has any size");
        };
    }
}
