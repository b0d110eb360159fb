package lunko.exchange.result;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import lunko.engine.sql.ResultTable;
import lunko.insight.explanation.ImpliedJoin;
import lunko.problem.Place;
import lunko.problem.Problem;
import lunko.steps.Frame;
import lunko.table.Type;
import lunko.table.Value;
import lunko.words.Language;

/** A result or a problem as one JSON object in a line. */
final class JsonLine {
    private static final JsonMapper MAPPER =
            JsonMapper.builder().enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN).build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private JsonLine() {}

    static String result(ResultTable result, Optional<Steps> steps, int line, Language in) {
        ObjectNode object = NODES.objectNode().put("line", line);
        ArrayNode columns = object.putArray("columns");
        for (ResultTable.Column column : result.columns()) {
            ObjectNode head = columns.addObject().put("name", column.name());
            column.type().map(Type::id).ifPresentOrElse(type -> head.put("type", type), () -> head.putNull("type"));
        }
        ArrayNode rows = object.putArray("rows");
        for (List<Value> row : result.rows()) {
            ArrayNode values = rows.addArray();
            row.forEach(value -> add(values, value));
        }
        steps.ifPresent(all -> add(object, all, in));
        return object(object);
    }

    private static void add(ObjectNode object, Steps steps, Language in) {
        ArrayNode joins = object.putArray("joins");
        for (ImpliedJoin join : steps.joins()) {
            joins.addObject().put("kind", join.kind().id()).put("left", in.names().rows(join.left())).put("right",
                    in.names().rows(join.right()));
        }
        ArrayNode list = object.putArray("steps");
        if (steps.areTooMany()) {
            object.put("note", steps.excuse(in));
            return;
        }
        for (int part = 0; part < steps.timeline().parts().size(); part++) {
            String title = steps.timeline().title(part, in).text();
            for (Frame frame : steps.of(part)) {
                list.addObject().put("number", frame.number()).put("stage", frame.shown().kind().id())
                        .put("part", title)
                        .put("comparisons", frame.comparisons()).put("why", frame.shown().why().in(in).text());
            }
        }
    }

    static String problem(Problem problem, Language in) {
        ObjectNode inner = NODES.objectNode();
        problem.place().map(Place::line).ifPresent(line -> line.ifPresent(number -> inner.put("line", number)));
        problem.place().map(Place::column).ifPresent(column -> column.ifPresent(number -> inner.put("column", number)));
        inner.put("message", in.problems().of(problem.fault()).text());
        ObjectNode object = NODES.objectNode();
        object.set("problem", inner);
        return object(object);
    }

    private static void add(ArrayNode values, Value value) {
        switch (value) {
            case Value.IntegerValue(long number) -> values.add(number);
            case Value.DecimalValue(BigDecimal number) -> values.add(number);
            case Value.TextValue(String text) -> values.add(text);
            case Value.BooleanValue(boolean truth) -> values.add(truth);
            case Value.DateValue(var day) -> values.add(day.toString());
            case Value.Null _ -> values.addNull();
        }
    }

    private static String object(ObjectNode object) {
        try {
            return MAPPER.writeValueAsString(object) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
