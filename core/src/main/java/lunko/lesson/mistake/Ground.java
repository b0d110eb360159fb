package lunko.lesson.mistake;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.engine.Equality;
import lunko.lesson.Lesson;
import lunko.lesson.Link;
import lunko.problem.Checked;
import lunko.table.Column;
import lunko.table.Once;
import lunko.table.Table;
import lunko.table.Type;

/** The tables of a lesson, as far as a mistake can be shown on them. */
record Ground(Lesson lesson) {

    /** Every two tables that are linked, in both directions; those that the lesson shows come first. */
    List<Tie> ties() {
        List<Link> links = new ArrayList<>();
        lesson.link(lesson.scene().left(), lesson.scene().right()).ifPresent(links::add);
        links.addAll(lesson.links());
        return Once.each(links.stream().filter(link -> !link.left().equals(link.right()))
                .map(link -> new Tie(lesson.table(link.left()), lesson.table(link.right()), link.pairs()))
                .filter(tie -> tie.on().stream()
                        .allMatch(pair -> Equality.of(pair, tie.left(), tie.right()) instanceof Checked.Valid))
                .flatMap(tie -> Stream.of(tie, tie.turned())));
    }

    /** The tables, those that the lesson shows first. */
    List<Table> tables() {
        return Stream.concat(Stream.of(lesson.staged().left(), lesson.staged().right()), lesson.tables().stream())
                .distinct().toList();
    }

    /** Whether a column belongs to one of another table. */
    boolean isLinked(Table table, Column column) {
        return lesson.links().stream().anyMatch(link -> link.pairs().stream()
                .anyMatch(pair -> link.left().equals(table.name()) && pair.left().equals(column.name())
                        || link.right().equals(table.name()) && pair.right().equals(column.name())));
    }

    /** What the rows of a table are called by: its first text, or its first column. */
    String label(Table table) {
        return table.columns().stream().filter(column -> column.type() == Type.TEXT && !isLinked(table, column))
                .findFirst().orElse(table.columns().getFirst()).name();
    }

    /** A column whose values can be added up: a number that is neither a key nor belongs to another table. */
    Optional<String> measure(Table table) {
        return table.columns().stream()
                .filter(column -> column.type().isNumeric())
                .filter(column -> !column.key() && !isLinked(table, column))
                .filter(column -> !table.isBlank(table.columns().indexOf(column))).map(Column::name).findFirst();
    }
}
