package lunko.page.session;

import java.util.Optional;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.exchange.lesson.PointedNodes;
import lunko.insight.picture.Lineage.Pointed;
import lunko.query.JoinKind;
import lunko.steps.JoinAlgorithm;

/** Something that a learner wants. Rows, columns and scenes count from 0. */
public sealed interface Wish {

    /** To see another scene. */
    record Scene(int number) implements Wish {}

    /** To be at a step. */
    record Step(long number) implements Wish {}

    /** To see another picture. */
    record Look(PagePicture picture) implements Wish {}

    /** The join at hand by another kind. */
    record Kind(JoinKind kind) implements Wish {}

    /** The rows matched in another way. */
    record Way(JoinAlgorithm way) implements Wish {}

    /** Another query. */
    record Write(String sql) implements Wish {}

    /** Something else in a cell of a table. */
    record Type(String table, int row, int column, String typed) implements Wish {}

    /** One more row in a table. */
    record AddRow(String table) implements Wish {}

    /** A row of a table gone. */
    record DeleteRow(String table, int row) implements Wish {}

    /** The last change taken back. */
    record Undo() implements Wish {}

    /** What was taken back done again. */
    record Redo() implements Wish {}

    /** The scene as it was. */
    record PutBack() implements Wish {}

    /** A row or a pair ticked as an answer, or no longer. */
    record Tick(Pointed pointed) implements Wish {}

    /** A result taken for that of a query. */
    record Match(int query, int result) implements Wish {}

    /** Something written as an answer. */
    record Answer(String text) implements Wish {}

    /** A kind chosen as an answer. */
    record AnswerKind(JoinKind kind) implements Wish {}

    /** The answer checked. */
    record Check() implements Wish {}

    /** A hint. */
    record Hint() implements Wish {}

    /** The answer shown, or covered again. */
    record Uncover() implements Wish {}

    /** The wish that is described; nothing, where none is. */
    static Optional<Wish> of(Json json) {
        return switch (json.at("do").text()) {
            case "scene" -> Optional.of(new Scene(json.at("number").whole(0)));
            case "step" -> json.at("number").whole().map(Step::new);
            case "look" -> named(PagePicture.values(), json.at("picture").text()).map(Look::new);
            case "kind" -> JoinKind.named(json.at("kind").text()).map(Kind::new);
            case "way" -> Stream.of(JoinAlgorithm.values())
                    .filter(way -> way.toString().equals(json.at("way").text())).findFirst().map(Way::new);
            case "write" -> Optional.of(new Write(json.at("sql").text()));
            case "type" -> Optional.of(new Type(json.at("table").text(), json.at("row").whole(0),
                    json.at("column").whole(0), json.at("typed").text()));
            case "addRow" -> Optional.of(new AddRow(json.at("table").text()));
            case "deleteRow" -> Optional.of(new DeleteRow(json.at("table").text(), json.at("row").whole(0)));
            case "undo" -> Optional.of(new Undo());
            case "redo" -> Optional.of(new Redo());
            case "putBack" -> Optional.of(new PutBack());
            case "tick" -> PointedNodes.read(json).map(Tick::new);
            case "match" -> Optional.of(new Match(json.at("query").whole(0), json.at("result").whole(0)));
            case "answer" -> Optional.of(new Answer(json.at("text").text()));
            case "answerKind" -> JoinKind.named(json.at("kind").text()).map(AnswerKind::new);
            case "check" -> Optional.of(new Check());
            case "hint" -> Optional.of(new Hint());
            case "uncover" -> Optional.of(new Uncover());
            default -> Optional.empty();
        };
    }

    private static <E extends Enum<E>> Optional<E> named(E[] all, String name) {
        return Stream.of(all).filter(one -> one.toString().equals(name)).findFirst();
    }
}
