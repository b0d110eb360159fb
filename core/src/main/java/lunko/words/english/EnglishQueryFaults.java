package lunko.words.english;

import java.util.List;
import java.util.Optional;
import lunko.phrase.Phrase;
import lunko.problem.QueryFault;
import lunko.table.Value;
import lunko.words.Names;

/** What is wrong with a statement that can be read, in English. */
record EnglishQueryFaults(Names names) {

    Phrase of(QueryFault fault) {
        return switch (fault) {
            case QueryFault.NotThere missing -> notThere(missing);
            case QueryFault.WrongType(var wanted, String expression, var type, Optional<String> instead) ->
                Say.say("{} is expected here, and {} is {}: {}.", switch (wanted) {
                    case NUMBER -> "A number";
                    case TEXT -> "A text";
                    case DATE -> "A date";
                }, expression, names.type(type), instead.map(other -> Say.text("write {}", other))
                        .orElse("take something else"));
            case QueryFault.TextsAdded(String left, String right) ->
                Say.say("{} and {} are texts, and + adds numbers: || puts texts together.", left, right);
            case QueryFault.AggregateOfAggregate(String outer, String inner) ->
                Say.say("{} is already one value for each group, and {} cannot be taken of it in the same query: make "
                        + "the groups in a query in FROM first.", inner, outer);
            case QueryFault.AliasTooEarly(String clause, String alias, String expression) ->
                Say.say("{} is a name given in SELECT, and {} comes before that: write {} instead.", alias, clause,
                        expression);
            case QueryFault.ColumnNotInFrom(String column, String table) ->
                Say.say("The column {} is in the table {}, which does not stand in FROM: join it there.", column,
                        table);
            case QueryFault.GroupedByNumber(long number) ->
                Say.say("{} is the number of no column of SELECT that groups could be made by: write the column that "
                        + "you mean.", number);
            case QueryFault.TableNotInFrom(String table, Optional<String> called) when called.isPresent() ->
                Say.say("The table {} is called {} in this query: write {}.", table, called.get(), called.get());
            case QueryFault.TableNotInFrom(String table, _) ->
                Say.say("The table {} does not stand in FROM: join it there.", table);
            case QueryFault.MaybeText(String name, List<String> columns) ->
                Say.say("There is no column {}, but there {} {}. If it is a text, write it in single quotes: {}.", name,
                        Say.either(columns.size(), "is", "are"), Say.list(columns), Value.of(name).sql());
            case QueryFault.OnNamesNoTable(String column, String meant) ->
                Say.say("Both tables have a column {}, and ON has to say which values are to be equal: write {}.",
                        column,
                        meant);
            case QueryFault.FunctionAlone(String function) ->
                Say.say("{} is a function: what it is of stands in parentheses behind it.", function);
            case QueryFault.OnStandsInWhere(String condition) ->
                Say.say("This join has no ON. What belongs there stands in WHERE: write ON {}.", condition);
            case QueryFault.NoTruth(String expression, var type) ->
                Say.say("A condition is expected here, and {} is {}: compare it with something.", expression,
                        names.type(type));
            case QueryFault.NotComparable(var left, var right, Optional<String> cast) ->
                Say.say("{} and {}, and SQL does not compare the two: {}.", typed(left), typed(right),
                        cast.map(written -> Say.text("write {}", written)).orElse("compare it with something else"));
            case QueryFault.NotMatchable(var left, var right) ->
                Say.say("{} and {}, and SQL does not compare the two: match columns of one type, or CAST one of them.",
                        typed(left), typed(right));
            case QueryFault.MixedTypes(String expression) ->
                Say.say("The values of {} have different types: CAST them to one.", expression);
            case QueryFault.CountWithoutGroups() ->
                Say.say("COUNT(*) counts the rows of a group, and there are no groups here: use it in SELECT, "
                        + "HAVING or "
                        + "ORDER BY.");
            case QueryFault.AggregateWithoutGroups(String function) ->
                Say.say("{} works on the rows of a group, and there are no groups here: use it in SELECT, HAVING or "
                        + "ORDER BY.", function);
            case QueryFault.NotGrouped(String column) ->
                Say.say("{} has a value for each row, and here there is one row for each group: add it to GROUP BY, or "
                        + "take MIN, MAX or another aggregate of it.", column);
            case QueryFault.WrongArguments(String function, Optional<Integer> wanted, int has) ->
                Say.say("{} takes {}, and here it has {}.", function,
                        wanted.map(count -> count == 1 ? "one argument" : Say.text("{} arguments", count))
                                .orElse("at least one argument"),
                        has);
            case QueryFault.TooManyColumns(int columns) ->
                Say.say("A query with one column is expected here, and this one has {}: select the column you mean.",
                        columns);
            case QueryFault.ColumnsForRow(int values, int columns) ->
                Say.say("{} values stand before IN, and this query gives {}: select as many columns as there are "
                        + "values.", values, Say.counted(columns, "column"));
            case QueryFault.RowsOfValues(int first, int other) ->
                Say.say("All rows of VALUES have as many values: the first one has {}, and this one has {}.", first,
                        other);
            case QueryFault.UnnamedQuery() ->
                Say.say("A query in FROM needs a name: write AS and a name after its parenthesis.");
            case QueryFault.SameName(String name) ->
                Say.say("Two tables in FROM are called {}: give one of them another name, as in {} AS other.", name,
                        name);
            case QueryFault.NoOn(Optional<QueryFault.Product> product) ->
                Say.say("This join has no ON, so every row would be paired with every row{}: write ON and the columns "
                        + "that belong together, or CROSS JOIN if you mean that.",
                        product.map(of -> Say.text(", {} × {} = {} rows", of.left(), of.right(),
                                of.left() * of.right())).orElse(""));
            case QueryFault.UsingMissing(String column, var side) ->
                Say.say("USING needs a column on both sides, and there is no {} in {}: match columns of different "
                        + "names "
                        + "with ON.", column, side(side));
            case QueryFault.UsingTwice(String column) ->
                Say.say("{} stands twice in USING: once is enough.", column);
            case QueryFault.UsingAmbiguous(String column, var side) ->
                Say.say("{} occurs more than once in {}: write ON instead.", column, side(side));
            case QueryFault.JoinedLater(String table) ->
                Say.say("{} is joined after this ON, so its columns are not there yet: write the condition into the ON "
                        + "of {}.", table, table);
            case QueryFault.BeyondComma(String table) ->
                Say.say("A comma stands between {} and this join, and ON sees only the tables of its own join: write "
                        + "CROSS JOIN for the comma, or the condition into WHERE.", table);
            case QueryFault.Ambiguous(String column, var owners, String written) -> {
                List<String> all = owners.stream().map(owner -> owner.orElse("a joined table")).toList();
                yield Say.say("The column {} is in {}: write which one, as in {}.{}.", column,
                        String.join(" and in ", all), all.getFirst(), written);
            }
            case QueryFault.OrderAmbiguous(String column, List<Integer> columns) ->
                Say.say("The result has several columns {}: write the number of the one you mean ({}), or its table "
                        + "before it.", column, Say.list(columns.stream().map(String::valueOf).toList()));
            case QueryFault.StarWithoutFrom() ->
                Say.say("* means all columns of the tables in FROM: name a table there.");
            case QueryFault.OrderOutsideDistinct(String expression) ->
                Say.say("With DISTINCT a result can be sorted only by its own columns: select {} too.", expression);
            case QueryFault.NoSuchResultColumn(long number, int columns) ->
                Say.say("There is no column {}: the result has {}.", number, columns);
            case QueryFault.OrderOfCombined() ->
                Say.say("Here a result can be sorted only by the names and numbers of its columns.");
            case QueryFault.AggregateOfAround(String aggregate) ->
                Say.say("{} names columns of the query around this one alone, and so reckons up the rows of that: "
                        + "write it there, or name a column of this one.", aggregate);
            case QueryFault.OtherNumberOfNames(String query, int names, int columns) ->
                Say.say("{} has {}, and its query gives {}: give each column one name.", query,
                        Say.counted(names, "name"), Say.counted(columns, "column"));
            case QueryFault.NamedTwice(String name) ->
                Say.say("WITH gives the name {} to two queries: give one of them another.", name);
            case QueryFault.NamesItself(String name) ->
                Say.say("{} is read in the query that gives it its name: write WITH RECURSIVE, let that query begin "
                        + "with one that does not read it, and put UNION ALL between the two.", name);
            case QueryFault.NoNow(String word) ->
                Say.say("{} would give other rows on every day, and a lesson gives the same on all of them: write the "
                        + "day that you mean, as in DATE '2026-05-01'.", word);
            case QueryFault.AnyTakesQuery(String word) ->
                Say.say("{} takes a query in parentheses: for values that are written down, use IN.", Say.upper(word));
            case QueryFault.NeedsLateral(String table) ->
                Say.say("A query in FROM does not see {}, which stands beside it: write LATERAL before it, and it is "
                        + "asked anew for each row; or join by a condition.", table);
            case QueryFault.TableAsColumn(String table) ->
                Say.say("{} is a table, and a column is needed here: write the one that you mean.", table);
            case QueryFault.HalfCondition(String written, String whole) ->
                Say.say("OR stands between two whole conditions, and {} is a value: write {}.", written, whole);
            case QueryFault.OutsideJoin(String table) ->
                Say.say("{} is no part of this join: the first ON belongs to the last JOIN before it, so write each ON "
                        + "directly behind the table of its JOIN.", table);
            case QueryFault.GroupConditionInWhere(String condition) ->
                Say.say("WHERE comes before the groups are made, and {} is about a group: write it into HAVING.",
                        condition);
            case QueryFault.CalledOtherwise(String function, String standard) ->
                Say.say("{} is what a database or two call it: write {}, as the standard has it.", function, standard);
            case QueryFault.LateralKept(String name) ->
                Say.say("{} is asked anew for each row on its left, and so has no rows without one that could be kept: "
                        + "write INNER JOIN, LEFT JOIN or CROSS JOIN.", name);
            case QueryFault.LateralWithoutOn(String name) ->
                Say.say("{} is asked anew for each row on its left, and what it gives belongs to that: write ON TRUE "
                        + "behind it, or CROSS JOIN before it.", name);
            case QueryFault.RecursionOfOtherType(String column, var first, var next) ->
                Say.say("{} begins as {} in the first query, and is {} in the second: CAST one of them to the type of "
                        + "the other.", column, names.type(first), names.type(next));
            case QueryFault.DifferentWidths(String operation, int left, int right) ->
                Say.say("{} needs the same number of columns on both sides, and there are {} and {}: select as many on "
                        + "both.", operation, left, right);
        };
    }

    private static Phrase notThere(QueryFault.NotThere missing) {
        String thing = switch (missing.thing()) {
            case TABLE -> Say.text("There is no table {}", missing.name());
            case TABLE_IN_FROM -> Say.text("There is no table {} in FROM", missing.name());
            case COLUMN -> missing.of().map(table -> Say.text("There is no column {} in {}", missing.name(), table))
                    .orElseGet(() -> Say.text("There is no column {}", missing.name()));
            case FUNCTION -> Say.text("There is no function {}", missing.name());
        };
        if (missing.near().isPresent()) return Say.say("{}. Did you mean {}?", thing, missing.near().get());
        if (!missing.there().isEmpty()) return Say.say("{}. There {} {}.", thing,
                Say.either(missing.there().size(), "is", "are"), Say.list(missing.there()));
        return switch (missing.thing()) {
            case TABLE -> Say.say("{}: there are no tables yet.", thing);
            case TABLE_IN_FROM -> Say.say("{}: this query has no FROM that names a table.", thing);
            case COLUMN -> Say.say("{}: this query has no FROM that names a table.", thing);
            case FUNCTION -> Say.say("{}.", thing);
        };
    }

    private String typed(QueryFault.Typed typed) {
        return Say.text("{} is {}", switch (typed.name()) {
            case QueryFault.Named.Written(String text) -> text;
            case QueryFault.Named.LeftColumn(String name) -> Say.text("{} on the left", name);
            case QueryFault.Named.SubqueryColumn(Optional<String> name) ->
                name.map(column -> Say.text("the column {} of the subquery", column))
                        .orElse("the column of the subquery");
        }, names.type(typed.type()));
    }

    private static String side(QueryFault.JoinSide side) {
        return switch (side) {
            case QueryFault.JoinSide.Called(String name) -> name;
            case QueryFault.JoinSide.Query() -> "the query";
            case QueryFault.JoinSide.Joined() -> "the tables joined before";
        };
    }
}
