package lunko.query.sql;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import lunko.query.sql.Statement.Constraint;
import lunko.query.sql.grammar.SqlParser.*;

/** Makes of the parse tree what tables have: their columns, and what must hold for their rows. */
final class TableReader {
    private final SqlReader parts;

    /** Reads with one that reads the names and expressions in them. */
    TableReader(SqlReader parts) {
        this.parts = parts;
    }

    Statement createTable(CreateTableContext tree) {
        List<Statement.Definition> columns = new ArrayList<>();
        List<Constraint> constraints = new ArrayList<>();
        for (TableElementContext element : tree.tableElement()) {
            if (element.columnDefinition() != null) columns.add(definition(element.columnDefinition(), constraints));
            else constraints.add(constraint(element.tableConstraint()));
        }
        return new Statement.CreateTable(parts.table(tree.tableName()), tree.IF() != null, columns, constraints);
    }

    Statement addTo(AddToContext tree) {
        List<Constraint> constraints = new ArrayList<>();
        Optional<Statement.Definition> column =
                Optional.ofNullable(tree.columnDefinition()).map(one -> definition(one, constraints));
        if (tree.tableConstraint() != null) constraints.add(constraint(tree.tableConstraint()));
        return new Statement.AddTo(parts.table(tree.tableName()), column, constraints);
    }

    private Constraint constraint(TableConstraintContext tree) {
        return parts.at(tree, switch (tree) {
            case PrimaryKeyContext t -> new Constraint.PrimaryKey(parts.names(t.columnNames()));
            case UniqueKeyContext t -> new Constraint.Unique(parts.names(t.columnNames()));
            case ForeignKeyContext t -> foreign(parts.names(t.columnNames()), t.references());
            case CheckContext t -> new Constraint.Check(parts.expressions().expression(t.expression()));
            default -> throw SqlReader.unknown(tree);
        });
    }

    private Constraint.ForeignKey foreign(List<Name> columns, ReferencesContext tree) {
        // A key cannot be changed as long as anybody refers to it: what would be done then is not asked.
        Statement.OnDelete onDelete = tree.whenGone().stream().filter(action -> action.DELETE() != null).findFirst()
                .map(TableReader::onDelete).orElse(Statement.OnDelete.REFUSE);
        return new Constraint.ForeignKey(columns, parts.table(tree.tableName()), parts.names(tree.columnNames()),
                onDelete);
    }

    private static Statement.OnDelete onDelete(WhenGoneContext tree) {
        if (tree.CASCADE() != null) return Statement.OnDelete.CASCADE;
        return tree.SET() != null ? Statement.OnDelete.SET_NULL : Statement.OnDelete.REFUSE;
    }

    /** A column; what is said of it alone is a constraint of the table. */
    private Statement.Definition definition(ColumnDefinitionContext tree, List<Constraint> constraints) {
        Name column = parts.name(tree.name());
        boolean notNull = false;
        boolean numbered = tree.typeName().getText().toUpperCase(Locale.ROOT).endsWith("SERIAL");
        Optional<Expression> otherwise = Optional.empty();
        for (ColumnConstraintContext constraint : tree.columnConstraint()) {
            switch (constraint) {
                case NotNullContext _ -> notNull = true;
                case ColumnPrimaryKeyContext t ->
                    constraints.add(parts.at(t, new Constraint.PrimaryKey(List.of(column))));
                case ColumnUniqueContext t -> constraints.add(parts.at(t, new Constraint.Unique(List.of(column))));
                case ColumnReferencesContext t ->
                    constraints.add(parts.at(t, foreign(List.of(column), t.references())));
                case ColumnCheckContext t ->
                    constraints.add(parts.at(t, new Constraint.Check(parts.expressions().expression(t.expression()))));
                case ColumnDefaultContext t -> otherwise = Optional.of(parts.expressions().value(t.value()));
                case NullableContext _ -> {}
                case IdentityContext _ -> numbered = true;
                default -> throw SqlReader.unknown(constraint);
            }
        }
        DeclaredType declared = parts.type(tree.typeName());
        return parts.at(tree, new Statement.Definition(column, declared.type(), declared.size(), notNull, otherwise,
                numbered));
    }
}
