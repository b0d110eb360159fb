package lunko.engine.sql;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import lunko.table.Truth;
import lunko.table.Type;
import lunko.table.Value;

/** An expression whose names are bound: its value for each row, and its type, which a bare NULL has not. */
final class BoundExpression {
    /** What stands where nothing could be bound: it has no type, and so goes with everything. */
    static final BoundExpression MISSING = new BoundExpression(Optional.empty(), _ -> Value.NULL);

    private final Optional<Type> type;
    private final OptionalInt column;
    private final Function<Env, Value> of;

    BoundExpression(Optional<Type> type, OptionalInt column, Function<Env, Value> of) {
        this.type = type;
        this.column = column;
        this.of = of;
    }

    Optional<Type> type() {
        return type;
    }

    /** The column of the row at hand that it is and nothing else, counted from 0, if it is one. */
    OptionalInt column() {
        return column;
    }

    /** An expression that is no plain column of the row at hand. */
    BoundExpression(Optional<Type> type, Function<Env, Value> of) {
        this(type, OptionalInt.empty(), of);
    }

    /** A column of the row at hand, counted from 0. */
    static BoundExpression column(Optional<Type> type, int index) {
        return new BoundExpression(type, OptionalInt.of(index), env -> env.value(0, index));
    }

    static BoundExpression of(Type type, Function<Env, Value> value) {
        return new BoundExpression(Optional.of(type), value);
    }

    /** A condition. */
    static BoundExpression truth(Function<Env, Truth> condition) {
        return of(Type.BOOLEAN, env -> value(condition.apply(env)));
    }

    Value in(Env env) {
        return of.apply(env);
    }

    Truth truthIn(Env env) {
        return in(env) instanceof Value.BooleanValue(boolean truth) ? Truth.of(truth) : Truth.UNKNOWN;
    }

    static Value value(Truth truth) {
        return switch (truth) {
            case TRUE -> new Value.BooleanValue(true);
            case FALSE -> new Value.BooleanValue(false);
            case UNKNOWN -> Value.NULL;
        };
    }
}
