package lunko.engine.sql;

import java.util.Optional;
import java.util.function.Function;
import lunko.engine.Stage;

/** A stage that is made once for a row of the query around it, however often it is asked for. */
final class Remembered implements Function<Env, Stage> {

    private record Made(Env around, Stage stage) {}

    private final Function<Env, Stage> stage;
    private Optional<Made> last = Optional.empty();

    Remembered(Function<Env, Stage> stage) {
        this.stage = stage;
    }

    @Override
    public Stage apply(Env around) {
        Made made = last.filter(known -> known.around() == around)
                .orElseGet(() -> new Made(around, stage.apply(around)));
        last = Optional.of(made);
        return made.stage();
    }
}
