package lunko.query.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;
import lunko.problem.ChangeFault;
import lunko.problem.Checked;
import lunko.problem.Origin;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.query.change.SqlDialect.Feature;
import lunko.query.sql.Clause;
import lunko.query.sql.Expression;
import lunko.query.sql.FromItem;
import lunko.query.sql.Lexeme;
import lunko.query.sql.QueryBody.Compound;
import lunko.query.sql.QueryBody.SetOperator;
import lunko.query.sql.QueryBody;
import lunko.query.sql.QueryExpression.Nulls;
import lunko.query.sql.QueryExpression.SortKey;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.Rewording;
import lunko.query.sql.Script;
import lunko.query.sql.Spelled;
import lunko.query.sql.SqlParser;
import lunko.query.sql.SqlWriter;
import lunko.query.sql.Statement;
import lunko.table.Column;
import lunko.table.Table;

/** A query in the words of a database: first what it has to say in other ways, then what it writes otherwise. */
public final class DialectAdapter {

    /** How the standard says what is cut out (ISO/IEC 9075-2, query expression). */
    private static final String STANDARD = "(?is)(OFFSET\\s+\\d+\\s+ROWS?)?\\s*(FETCH\\b.*)?";

    /** Some characters of the text, and what is written in their place. */
    private record Change(Stretch at, String with) {}

    private final SqlDialect target;
    private final List<Table> tables;

    private DialectAdapter(SqlDialect target, List<Table> tables) {
        this.target = target;
        this.tables = tables;
    }

    /**
     * The text of a query of a script, over these tables, for a database; a problem where it has no words for it that
     * Lunko knows.
     */
    public static Checked<String> of(SqlDialect target, Script script, Statement.Query query, List<Table> tables) {
        DialectAdapter adapted = new DialectAdapter(target, tables);
        String own = script.stretch(query).orElseThrow().of(script.text());
        return new SqlParser(new Origin.Query()).parse(own)
                .then(alone -> adapted.said(query(alone).query()).then(said -> {
                    String text = Rewording.of(alone, query(alone), said);
                    return new SqlParser(new Origin.Query()).parse(text).then(adapted::spelledOut)
                            .then(adapted::written);
                }));
    }

    private static Statement.Query query(Script script) {
        return script.statements().getFirst() instanceof Statement.Query query ? query
                : Optional.<Statement.Query>empty().orElseThrow();
    }

    /** The query without what the database has not. */
    private Checked<QueryExpression> said(QueryExpression query) {
        Checked<QueryExpression> now = Checked.valid(query);
        if (!target.has(Feature.NATURAL_JOIN))
            now = now.then(
                    natural -> orTooMuch(MergedColumns.without(natural, tables), new ChangeFault.NoNaturalThere()));
        if (!target.has(Feature.FULL_JOIN))
            now = now.then(full -> orTooMuch(FullJoins.without(full, tables), new ChangeFault.NoFullJoinThere()));
        return now;
    }

    private static Checked<QueryExpression> orTooMuch(Optional<QueryExpression> said, ChangeFault fault) {
        return said.<Checked<QueryExpression>>map(Checked::valid).orElseGet(() -> Checked.invalid(fault));
    }

    /** What is written in the words of other databases in those of the standard; what stands within is of that. */
    private Checked<Script> spelledOut(Script script) {
        List<Change> changes = new ArrayList<>();
        for (Spelled spelled : script.parts(Spelled.class))
            script.stretch(spelled).ifPresent(at -> changes.add(new Change(at, spelled.standard())));
        for (Expression.TextsOfGroup texts : script.parts(Expression.TextsOfGroup.class))
            script.stretch(texts).ifPresent(at -> changes.add(new Change(at, texts(texts))));
        List<Change> outermost = changes.stream().filter(change -> changes.stream()
                .noneMatch(other -> other != change && other.at().covers(change.at()))).toList();
        return new SqlParser(new Origin.Query()).parse(changed(script.text(), outermost));
    }

    private static String changed(String text, List<Change> changes) {
        StringBuilder out = new StringBuilder(text);
        changes.stream().sorted(Comparator.comparingInt((Change change) -> change.at().start()).reversed())
                .forEach(change -> out.replace(change.at().start(), change.at().end(), change.with()));
        return out.toString();
    }

    /** The words that the database writes otherwise. */
    private Checked<String> written(Script script) {
        String text = script.text();
        List<Change> changes = new ArrayList<>();
        // In the queries within, and those that are put together, they are still there.
        List<FromItem.JoinedTable> joins = script.parts(FromItem.JoinedTable.class);
        if (!target.has(Feature.NATURAL_JOIN) && joins.stream().anyMatch(MergedColumns::merges))
            return Checked.invalid(new ChangeFault.NoNaturalThere());
        if (!target.has(Feature.FULL_JOIN) && joins.stream().anyMatch(joined -> joined.kind() == JoinKind.FULL_OUTER))
            return Checked.invalid(new ChangeFault.NoFullJoinThere());
        if (target.has(Feature.NULLS_ELSEWHERE)) {
            for (SortKey key : script.parts(SortKey.class)) {
                if (key.nulls().isEmpty())
                    script.stretch(key).ifPresent(at -> changes.add(new Change(new Stretch(at.end(), at.end()),
                            " NULLS " + nulls(key).name())));
            }
        }
        script.parts(QueryExpression.class).forEach(query -> limit(script, query, changes));
        if (!target.has(Feature.TYPES) && script.parts(Compound.class).stream()
                .anyMatch(set -> set.all() && set.operator() != SetOperator.UNION)) {
            return Checked.invalid(new ChangeFault.NoAllThere());
        }
        if (!target.has(Feature.TYPES) && !script.parts(QueryBody.Nested.class).isEmpty()) {
            return Checked.invalid(new ChangeFault.NoNestedUnionThere());
        }
        if (!target.has(Feature.TYPES) && !script.parts(Expression.Quantified.class).isEmpty())
            return Checked.invalid(new ChangeFault.NoAnyThere());
        if (!target.has(Feature.TYPES)
                && script.parts(FromItem.DerivedTable.class).stream().anyMatch(query -> !query.columns().isEmpty()))
            return Checked.invalid(new ChangeFault.NoColumnNamesThere());
        Optional<String> missing = missing(script);
        if (missing.isPresent()) return Checked.invalid(new ChangeFault.NoWordsThere(missing.get()));
        words(text, changes);
        return Checked.valid(changed(text, changes));
    }

    /** Where NULL stands in Lunko, if nothing is said. */
    private static Nulls nulls(SortKey key) {
        return key.nulls().orElse(key.descending() ? Nulls.FIRST : Nulls.LAST);
    }

    /** The texts of a group in the words of the database, which has them in the order that Lunko has. */
    private String texts(Expression.TextsOfGroup texts) {
        boolean standard = target == SqlDialect.STANDARD || target == SqlDialect.H2;
        return new SqlWriter().texts(!target.has(Feature.NULLS_ELSEWHERE) ? texts
                : new Expression.TextsOfGroup(texts.distinct(), texts.of(), texts.between(), texts.order().stream()
                        .map(key -> new SortKey(key.by(), key.descending(), Optional.of(nulls(key)))).toList()),
                standard);
    }

    /** The first word of the query that the database has not, and says in no other words that Lunko knows. */
    private Optional<String> missing(Script script) {
        if (!target.has(Feature.LATERAL)
                && script.parts(FromItem.DerivedTable.class).stream().anyMatch(FromItem.DerivedTable::lateral))
            return Optional.of("LATERAL");
        if (target.has(Feature.TYPES)) return Optional.empty();
        if (!script.parts(Expression.Extract.class).isEmpty()) return Optional.of("EXTRACT");
        return script.parts(Expression.Position.class).isEmpty() ? Optional.empty() : Optional.of("POSITION");
    }

    private void limit(Script script, QueryExpression query, List<Change> changes) {
        List<Stretch> there =
                Stream.of(Clause.OFFSET, Clause.LIMIT).flatMap(clause -> script.stretch(query, clause).stream())
                        .sorted(Comparator.comparingInt(Stretch::start)).toList();
        if (there.isEmpty()) return;
        Stretch all = new Stretch(there.getFirst().start(), there.getLast().end());
        switch (target.limit()) {
            case EITHER -> {}
            case LIMIT_BEFORE_OFFSET -> changes.add(
                    new Change(all, "LIMIT " + (query.limit().isPresent() ? query.limit().getAsLong() : Long.MAX_VALUE)
                            + said(" OFFSET ", query.offset(), "")));
            case FETCH -> {
                if (!all.of(script.text()).matches(STANDARD)) changes.add(new Change(all,
                        (said("OFFSET ", query.offset(), " ROWS") + said(" FETCH FIRST ", query.limit(), " ROWS ONLY"))
                                .strip()));
            }
        }
    }

    private static String said(String before, OptionalLong rows, String after) {
        return rows.isPresent() ? before + rows.getAsLong() + after : "";
    }

    /** Names as the tables are called, and words that are called otherwise. */
    private void words(String text, List<Change> changes) {
        List<Lexeme> all = Lexeme.of(text).stream().filter(lexeme -> lexeme.kind() != Lexeme.Kind.COMMENT).toList();
        for (int i = 0; i < all.size(); i++) {
            Lexeme lexeme = all.get(i);
            String word = lexeme.at().of(text);
            String next = i + 1 < all.size() ? all.get(i + 1).at().of(text) : "";
            if (lexeme.kind() == Lexeme.Kind.NAME && !word.startsWith("\"") && !next.equals("("))
                name(word).ifPresent(quoted -> changes.add(new Change(lexeme.at(), quoted)));
            // The standard has one name for it, and most databases another.
            if (target == SqlDialect.STANDARD && next.equals("(") && word.equalsIgnoreCase("LENGTH"))
                changes.add(new Change(lexeme.at(), "CHAR_LENGTH"));
            if (target.has(Feature.TYPES)) continue;
            if (word.equalsIgnoreCase("CHAR_LENGTH")) changes.add(new Change(lexeme.at(), "LENGTH"));
            if (word.equalsIgnoreCase("DATE") && next.startsWith("'"))
                changes.add(new Change(new Stretch(lexeme.at().start(), all.get(i + 1).at().start()), ""));
            if (word.equalsIgnoreCase("UNKNOWN")) changes.add(new Change(lexeme.at(), "NULL"));
        }
    }

    private Optional<String> name(String word) {
        return Stream
                .concat(tables.stream().map(Table::name),
                        tables.stream().flatMap(table -> table.columns().stream()).map(Column::name))
                .filter(word::equalsIgnoreCase).findFirst()
                .map(target::name).filter(name -> !name.equalsIgnoreCase(word));
    }
}
