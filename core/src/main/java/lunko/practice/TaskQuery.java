package lunko.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.lesson.AliasedTable;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.query.JoinKind;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Type;
import lunko.table.Value;

/** A query over linked tables of a lesson, as it comes by chance. */
record TaskQuery(String left, JoinKind kind, String right, String sql) {

    /** One of a difficulty; nothing, where the lesson has no links. */
    static Optional<TaskQuery> draw(Lesson lesson, Difficulty difficulty, Chance chance) {
        List<Link> links = lesson.links().stream()
                .filter(link -> difficulty == Difficulty.HARD || !link.left().equals(link.right())).toList();
        if (links.isEmpty()) return Optional.empty();
        Link link = chance.of(links);
        if (chance.onceIn(2)) link = link.turned();
        List<AliasedTable> tables = new ArrayList<>();
        for (String name : List.of(link.left(), link.right()))
            tables.add(AliasedTable.beside(tables, lesson.table(name)));
        JoinKind kind = chance.of(difficulty.kinds());
        String from = tables.get(0).item() + "\n" + kind.words().orElseThrow() + " " + tables.get(1).item() + " ON "
                + tables.get(0).equal(tables.get(1), link.pairs());
        if (difficulty == Difficulty.HARD && chance.onceIn(2)) from += further(lesson, tables, chance);
        Optional<String> condition = difficulty == Difficulty.EASY || chance.onceIn(2) ? Optional.empty()
                : condition(chance.of(tables), chance);
        boolean within = difficulty == Difficulty.HARD && chance.onceIn(2);
        String sql = "SELECT " + columns(tables, difficulty) + "\nFROM " + from
                + condition.map(said -> (within ? " AND " : "\nWHERE ") + said).orElse("");
        return Optional.of(new TaskQuery(link.left(), kind, link.right(), sql));
    }

    private static String columns(List<AliasedTable> tables, Difficulty difficulty) {
        return difficulty == Difficulty.EASY ? "*"
                : tables.stream().map(AliasedTable::telling).collect(Collectors.joining(", "));
    }

    /** One more table that is linked with the last. */
    private static String further(Lesson lesson, List<AliasedTable> tables, Chance chance) {
        AliasedTable last = tables.getLast();
        List<Link> links = lesson.links().stream().flatMap(link -> Stream.of(link, link.turned()))
                .filter(link -> link.left().equals(last.table().name())
                        && tables.stream().noneMatch(named -> named.table().name().equals(link.right())))
                .toList();
        if (links.isEmpty()) return "";
        Link link = chance.of(links);
        AliasedTable next = AliasedTable.beside(tables, lesson.table(link.right()));
        tables.add(next);
        return "\n" + chance.of(List.of(JoinKind.INNER, JoinKind.LEFT_OUTER)).words().orElseThrow() + " " + next.item()
                + " ON " + last.equal(next, link.pairs());
    }

    /** That a text of a table is one of those that are there. */
    private static Optional<String> condition(AliasedTable named, Chance chance) {
        List<Column> columns = named.table().columns();
        List<Integer> texts = Stream.iterate(0, at -> at < columns.size(), at -> at + 1)
                .filter(at -> columns.get(at).type() == Type.TEXT).toList();
        if (texts.isEmpty()) return Optional.empty();
        int at = chance.of(texts);
        List<Value> values = named.table().rows().stream().map(row -> row.value(at)).filter(value -> !value.isNull())
                .toList();
        return values.isEmpty() ? Optional.empty()
                : Optional.of(named.column(columns.get(at).name()) + (chance.onceIn(3) ? " <> " : " = ")
                        + chance.of(values).sql());
    }
}
