package lunko.query.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import lunko.query.KeyPair;
import lunko.query.Query;
import lunko.query.sql.Clause;
import lunko.query.sql.Expression;
import lunko.query.sql.Expression.ColumnName;
import lunko.query.sql.FromItem;
import lunko.query.sql.FromItem.JoinSpecification;
import lunko.query.sql.Lexeme;
import lunko.query.sql.Name;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryBody.Select;
import lunko.query.sql.QueryBody.SetOperation;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.Rewording;
import lunko.query.sql.Script;
import lunko.query.sql.SelectItem;
import lunko.query.sql.SqlParser;
import lunko.query.sql.Statement;
import lunko.query.sql.Stretch;
import lunko.table.Column;
import lunko.table.Table;

/** A query in the words of a database: first what it has to say in other ways, then what it writes otherwise. */
public final class Adapted {

    /** Some characters of the text, and what is written in their place. */
    private record Change(Stretch at, String with) {}

    private final Target target;
    private final List<Table> tables;

    private Adapted(Target target, List<Table> tables) {
        this.target = target;
        this.tables = tables;
    }

    /** The text of a query of a script, over these tables, for a database; a problem where it has no words for it that Lunko knows. */
    public static Checked<String> of(Target target, Script script, Statement.Query query, List<Table> tables) {
        Adapted adapted = new Adapted(target, tables);
        String own = script.stretch(query).orElseThrow().of(script.text());
        return new SqlParser("").parse(own).then(alone -> adapted.said(query(alone).query()).then(said -> {
            String text = Rewording.of(alone, query(alone), said);
            return new SqlParser("").parse(text).then(adapted::written);
        }));
    }

    private static Statement.Query query(Script script) {
        return script.statements().getFirst() instanceof Statement.Query query ? query : Optional.<Statement.Query>empty().orElseThrow();
    }

    /** The query without what the database has not. */
    private Checked<QueryExpression> said(QueryExpression query) {
        Checked<QueryExpression> now = Checked.valid(query);
        if (!target.hasNatural()) now = now.then(this::withoutNatural);
        if (!target.hasFullJoin()) now = now.then(this::withoutFullJoin);
        return now;
    }

    private Checked<QueryExpression> withoutFullJoin(QueryExpression query) {
        if (Joins.of(query).stream().noneMatch(joined -> joined.kind() == JoinKind.FULL_OUTER)) return Checked.valid(query);
        Optional<QueryExpression> union = query.body() instanceof Select select && select.from().size() == 1 && select.from().getFirst() instanceof FromItem.Joined joined
                && joined.left() instanceof FromItem.NamedTable && joined.right() instanceof FromItem.NamedTable && !select.distinct() && select.groupBy().isEmpty() && select.having().isEmpty()
                ? union(query, select, joined) : Optional.empty();
        return union.<Checked<QueryExpression>>map(Checked::valid).orElseGet(() -> Checked.invalid("There is no FULL JOIN in " + target.title() + ", and this query is too much for Lunko to say it by "
                + "UNION ALL: join two tables by ON with an equality, without groups, and sort by columns of the result."));
    }

    /** The left join, and then the right rows without a partner: those whose left key is NULL. */
    private static Optional<QueryExpression> union(QueryExpression query, Select select, FromItem.Joined joined) {
        if (!(joined.specification() instanceof JoinSpecification.On(Expression condition))) return Optional.empty();
        Optional<Name> left = Naming.called(joined.left());
        Optional<Expression> key = condition.conjuncts().stream().flatMap(one -> leftKey(one, left.orElseThrow()).stream()).findFirst();
        boolean sortsByColumns = query.orderBy().stream().allMatch(sort -> !(sort.by() instanceof ColumnName(Optional<Name> table, var _)) || table.isEmpty());
        if (key.isEmpty() || !sortsByColumns) return Optional.empty();
        Expression alone = new Expression.IsNull(key.get(), false);
        Select lefts = new Select(false, select.items(), List.of(new FromItem.Joined(joined.left(), JoinKind.LEFT_OUTER, joined.right(), joined.specification())), select.where(), List.of(), Optional.empty());
        Select rights = new Select(false, select.items(), List.of(new FromItem.Joined(joined.left(), JoinKind.RIGHT_OUTER, joined.right(), joined.specification())),
                Optional.of(Expression.all(Stream.concat(Stream.of(alone), select.where().stream().flatMap(where -> where.conjuncts().stream())).toList())), List.of(), Optional.empty());
        return Optional.of(new QueryExpression(new SetOperation(SetOperator.UNION, true, lefts, rights), query.orderBy(), query.offset(), query.limit()));
    }

    private static Optional<Expression> leftKey(Expression condition, Name left) {
        return condition.equalColumns().stream().flatMap(columns -> Stream.of(columns.left(), columns.right())).filter(name -> name.table().filter(table -> left.means(table.text())).isPresent()).<Expression>map(name -> name).findFirst();
    }

    /** NATURAL and USING by ON, with the columns that come once named. */
    private Checked<QueryExpression> withoutNatural(QueryExpression query) {
        List<FromItem.Joined> merging = Joins.of(query).stream().filter(joined -> joined.specification() instanceof JoinSpecification.Natural || joined.specification() instanceof JoinSpecification.Using).toList();
        if (merging.isEmpty()) return Checked.valid(query);
        FromItem.Joined joined = merging.getFirst();
        Optional<Table> left = table(joined.left());
        Optional<Table> right = table(joined.right());
        boolean two = merging.size() == 1 && query.body() instanceof Select select && select.from().equals(List.of(joined)) && select.items().equals(List.of(new SelectItem.Everything()))
                && select.where().isEmpty() && query.orderBy().isEmpty() && left.isPresent() && right.isPresent();
        if (!two) {
            return Checked.invalid("NATURAL and USING are not there, or mean something else, in " + target.title() + ", and this query is too much for Lunko to say it by ON: write ON yourself.");
        }
        List<KeyPair> pairs = Query.common(left.get(), right.get()).stream().filter(pair -> !(joined.specification() instanceof JoinSpecification.Using(List<Name> names))
                || names.stream().anyMatch(name -> name.means(pair.left()))).toList();
        Name l = Naming.called(joined.left()).orElseThrow();
        Name r = Naming.called(joined.right()).orElseThrow();
        List<SelectItem> items = new ArrayList<>();
        pairs.forEach(pair -> items.add(once(joined.kind(), ColumnName.of(l, pair.left()), ColumnName.of(r, pair.right()), pair.left())));
        left.get().columns().stream().filter(column -> pairs.stream().noneMatch(pair -> pair.left().equals(column.name()))).forEach(column -> items.add(Outline.item(ColumnName.of(l, column.name()))));
        right.get().columns().stream().filter(column -> pairs.stream().noneMatch(pair -> pair.right().equals(column.name()))).forEach(column -> items.add(Outline.item(ColumnName.of(r, column.name()))));
        List<Expression> equalities = pairs.stream().<Expression>map(pair -> Expression.Comparison.equal(ColumnName.of(l, pair.left()), ColumnName.of(r, pair.right()))).toList();
        FromItem.Joined said = equalities.isEmpty() ? new FromItem.Joined(joined.left(), JoinKind.CROSS, joined.right(), new JoinSpecification.Nothing())
                : new FromItem.Joined(joined.left(), joined.kind(), joined.right(), new JoinSpecification.On(Expression.all(equalities)));
        return Checked.valid(new QueryExpression(new Select(false, items, List.of(said), Optional.empty(), List.of(), Optional.empty()), List.of(), query.offset(), query.limit()));
    }

    private static SelectItem once(JoinKind kind, ColumnName left, ColumnName right, String name) {
        return switch (kind) {
            case RIGHT_OUTER -> Outline.item(right);
            case FULL_OUTER -> new SelectItem.Item(new Expression.Call(Name.of("COALESCE"), false, List.of(left, right)), Optional.of(Name.of(name)));
            case INNER, LEFT_OUTER, CROSS, LEFT_SEMI, RIGHT_SEMI, LEFT_ANTI, RIGHT_ANTI, FULL_ANTI -> Outline.item(left);
        };
    }

    private Optional<Table> table(FromItem item) {
        return item instanceof FromItem.NamedTable(Name name, var _) ? tables.stream().filter(table -> name.means(table.name())).findFirst() : Optional.empty();
    }

    /** The words that the database writes otherwise. */
    private Checked<String> written(Script script) {
        String text = script.text();
        List<Change> changes = new ArrayList<>();
        if (target.saysWhereNullsAre()) {
            for (SortKey key : script.parts(SortKey.class)) {
                if (key.nulls().isEmpty()) script.stretch(key).ifPresent(at -> changes.add(new Change(new Stretch(at.end(), at.end()), key.descending() ? " NULLS FIRST" : " NULLS LAST")));
            }
        }
        if (target.limit() == Target.Limit.LIMIT_BEFORE_OFFSET) script.parts(QueryExpression.class).forEach(query -> limit(script, query, changes));
        if (target.lacksTypes() && script.parts(SetOperation.class).stream().anyMatch(set -> set.all() && set.operator() != SetOperator.UNION)) {
            return Checked.invalid(target.title() + " has no INTERSECT ALL and no EXCEPT ALL: leave ALL out, or say it by EXISTS.");
        }
        if (target.lacksTypes() && !script.parts(QueryBody.Nested.class).isEmpty()) {
            return Checked.invalid(target.title() + " takes no query of a UNION in parentheses: write it without them, or as a query in FROM.");
        }
        words(text, changes);
        StringBuilder out = new StringBuilder(text);
        changes.stream().sorted(Comparator.comparingInt((Change change) -> change.at().start()).reversed()).forEach(change -> out.replace(change.at().start(), change.at().end(), change.with()));
        return Checked.valid(out.toString());
    }

    private static void limit(Script script, QueryExpression query, List<Change> changes) {
        Optional<Stretch> offset = script.stretch(query, Clause.OFFSET);
        Optional<Stretch> limit = script.stretch(query, Clause.LIMIT);
        if (offset.isEmpty() && limit.isEmpty()) return;
        String said = "LIMIT " + (query.limit().isPresent() ? String.valueOf(query.limit().getAsLong()) : "9223372036854775807") + rows(query.offset());
        changes.add(new Change(new Stretch(offset.or(() -> limit).get().start(), limit.or(() -> offset).get().end()), said));
    }

    private static String rows(OptionalLong offset) {
        return offset.isPresent() ? " OFFSET " + offset.getAsLong() : "";
    }

    /** Names as the tables are called, and words that are called otherwise. */
    private void words(String text, List<Change> changes) {
        List<Lexeme> all = Lexeme.of(text).stream().filter(lexeme -> lexeme.kind() != Lexeme.Kind.COMMENT).toList();
        for (int i = 0; i < all.size(); i++) {
            Lexeme lexeme = all.get(i);
            String word = lexeme.at().of(text);
            String next = i + 1 < all.size() ? all.get(i + 1).at().of(text) : "";
            if (lexeme.kind() == Lexeme.Kind.NAME && !word.startsWith("\"") && !next.equals("(")) name(word).ifPresent(quoted -> changes.add(new Change(lexeme.at(), quoted)));
            if (!target.lacksTypes()) continue;
            if (word.equalsIgnoreCase("CHAR_LENGTH")) changes.add(new Change(lexeme.at(), "LENGTH"));
            if (word.equalsIgnoreCase("DATE") && next.startsWith("'")) changes.add(new Change(new Stretch(lexeme.at().start(), all.get(i + 1).at().start()), ""));
            if (word.equalsIgnoreCase("UNKNOWN")) changes.add(new Change(lexeme.at(), "NULL"));
        }
    }

    private Optional<String> name(String word) {
        return Stream.concat(tables.stream().map(Table::name), tables.stream().flatMap(table -> table.columns().stream()).map(Column::name)).filter(word::equalsIgnoreCase).findFirst()
                .filter(name -> switch (target.names()) {
                    case AS_WRITTEN -> false;
                    case QUOTED_IF_LARGE -> !name.equals(name.toLowerCase(Locale.ROOT));
                    case QUOTED -> true;
                }).map(name -> "\"" + name + "\"");
    }
}
