package lunko.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.query.JoinKind;
import lunko.query.SqlName;
import lunko.query.change.PlainJoin.TableAlias;
import lunko.table.Chance;
import lunko.table.Column;
import lunko.table.Table;
import lunko.table.Type;
import lunko.table.Value;

/** A query over linked tables of a lesson, as it comes by chance. */
record TaskQuery(String left, JoinKind kind, String right, String sql) {
    private static final int LETTERS = 26;

    /** A table under a letter. */
    private record Named(Table table, String alias) {
        /** Under the first letter of its name, or, where another has that, under the next that is free. */
        static Named beside(Table table, List<Named> others) {
            String initial = TableAlias.initial(table.name());
            return Stream.concat(Stream.of(initial), Stream.iterate('a', letter -> (char) (letter + 1))
                    .limit(LETTERS).map(String::valueOf))
                    .filter(alias -> !alias.isEmpty() && others.stream().noneMatch(one -> one.alias.equals(alias)))
                    .findFirst().map(alias -> new Named(table, alias)).orElseThrow();
        }

        String item() {
            return new SqlName(table.name()).text() + " " + new SqlName(alias).text();
        }

        String column(String name) {
            return new SqlName(alias).text() + "." + new SqlName(name).text();
        }

        /** The column that says most of a row: the first text, or else the first. */
        String telling() {
            return column(table.columns().stream().filter(column -> column.type() == Type.TEXT).findFirst()
                    .orElse(table.columns().getFirst()).name());
        }
    }

    /** One of a difficulty; nothing, where the lesson has no links. */
    static Optional<TaskQuery> draw(Lesson lesson, Difficulty difficulty, Chance chance) {
        List<Link> links = lesson.links().stream()
                .filter(link -> difficulty == Difficulty.HARD || !link.left().equals(link.right())).toList();
        if (links.isEmpty()) return Optional.empty();
        Link link = chance.of(links);
        if (chance.onceIn(2)) link = link.turned();
        List<Named> tables = new ArrayList<>();
        for (String name : List.of(link.left(), link.right())) tables.add(Named.beside(lesson.table(name), tables));
        JoinKind kind = chance.of(difficulty.kinds());
        String from = tables.get(0).item() + "\n" + kind.words().orElseThrow() + " " + tables.get(1).item() + " ON "
                + equal(link, tables.get(0), tables.get(1));
        if (difficulty == Difficulty.HARD && chance.onceIn(2)) from += further(lesson, tables, chance);
        Optional<String> condition = difficulty == Difficulty.EASY || chance.onceIn(2) ? Optional.empty()
                : condition(chance.of(tables), chance);
        boolean within = difficulty == Difficulty.HARD && chance.onceIn(2);
        String sql = "SELECT " + columns(tables, difficulty) + "\nFROM " + from
                + condition.map(said -> (within ? " AND " : "\nWHERE ") + said).orElse("");
        return Optional.of(new TaskQuery(link.left(), kind, link.right(), sql));
    }

    private static String columns(List<Named> tables, Difficulty difficulty) {
        return difficulty == Difficulty.EASY ? "*"
                : tables.stream().map(Named::telling).collect(Collectors.joining(", "));
    }

    private static String equal(Link link, Named left, Named right) {
        return link.pairs().stream().map(pair -> left.column(pair.left()) + " = " + right.column(pair.right()))
                .collect(Collectors.joining(" AND "));
    }

    /** One more table that is linked with the last. */
    private static String further(Lesson lesson, List<Named> tables, Chance chance) {
        Named last = tables.getLast();
        List<Link> links = lesson.links().stream().flatMap(link -> Stream.of(link, link.turned()))
                .filter(link -> link.left().equals(last.table().name())
                        && tables.stream().noneMatch(named -> named.table().name().equals(link.right())))
                .toList();
        if (links.isEmpty()) return "";
        Link link = chance.of(links);
        Named next = Named.beside(lesson.table(link.right()), tables);
        tables.add(next);
        return "\n" + chance.of(List.of(JoinKind.INNER, JoinKind.LEFT_OUTER)).words().orElseThrow() + " " + next.item()
                + " ON " + equal(link, last, next);
    }

    /** That a text of a table is one of those that are there. */
    private static Optional<String> condition(Named named, Chance chance) {
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
