/** The part of SQL (ISO/IEC 9075-2) that a lesson on joins uses. */
grammar Sql;

options { caseInsensitive = true; }

script
    : SEMICOLON* (statement (SEMICOLON+ statement)*)? SEMICOLON* EOF
    ;

statement
    : query                                                                        # queryStatement
    | CREATE TABLE (IF NOT EXISTS)? tableName
      LEFT_PAREN tableElement (COMMA tableElement)* RIGHT_PAREN                    # createTable
    | CREATE TABLE (IF NOT EXISTS)? tableName columnNames? AS query               # createTableAs
    | CREATE (OR REPLACE)? VIEW tableName columnNames? AS query                   # createView
    | ALTER TABLE tableName ADD (COLUMN? columnDefinition | tableConstraint)            # addTo
    | INSERT INTO tableName columnNames? query                                     # insert
    | UPDATE tableName (AS? alias=name)?
      SET assignment (COMMA assignment)* (WHERE expression)?                       # update
    | DELETE FROM tableName (AS? alias=name)? (WHERE expression)?                  # delete
    | DROP (TABLE | VIEW) (IF EXISTS)? tableName                                            # dropTable
    | CREATE UNIQUE? INDEX (IF NOT EXISTS)? name ON name
      LEFT_PAREN sortKey (COMMA sortKey)* RIGHT_PAREN                              # index
    | (BEGIN | COMMIT | ROLLBACK) (TRANSACTION | WORK)?                            # transaction
    | START TRANSACTION                                                            # transaction
    ;

// Queries

query
    : with? queryBody orderBy? (offset limit? | limit offset?)?
    ;

with
    : WITH RECURSIVE? commonTable (COMMA commonTable)*
    ;

commonTable
    : name columnNames? AS LEFT_PAREN query RIGHT_PAREN
    ;

queryBody
    : queryBody INTERSECT quantifier? queryBody             # intersect
    | queryBody op=(UNION | EXCEPT) quantifier? queryBody   # unionOrExcept
    | select                                                # selectBody
    | VALUES rowValues (COMMA rowValues)*                   # valuesBody
    | LEFT_PAREN query RIGHT_PAREN                          # nestedBody
    ;

select
    : SELECT quantifier? selectItem (COMMA selectItem)*
      (FROM tableReference (COMMA tableReference)*)?
      (WHERE where=expression)?
      (GROUP BY groupBy+=expression (COMMA groupBy+=expression)*)?
      (HAVING having=expression)?
    ;

quantifier
    : DISTINCT | ALL
    ;

selectItem
    : STAR                        # everything
    | name DOT STAR               # everythingOf
    | expression (AS? name)?      # column
    ;

tableReference
    : tableReference CROSS JOIN tablePrimary                             # crossJoin
    | tableReference NATURAL joinType? JOIN tablePrimary                 # naturalJoin
    | tableReference joinType? JOIN tableReference joinSpecification?    # qualifiedJoin
    | tablePrimary                                                       # primaryReference
    ;

joinType
    : INNER | (LEFT | RIGHT | FULL) OUTER?
    ;

joinSpecification
    : ON expression
    | USING columnNames
    ;

tablePrimary
    : tableName (AS? alias=name)?                             # namedTable
    | LATERAL? LEFT_PAREN query RIGHT_PAREN (AS? name columnNames?)?   # derivedTable
    | LEFT_PAREN tableReference RIGHT_PAREN (AS? name columnNames?)?   # nestedTable
    ;

orderBy
    : ORDER BY sortKey (COMMA sortKey)*
    ;

sortKey
    : expression direction=(ASC | DESC)? (NULLS nulls=(FIRST | LAST))?
    ;

offset
    : OFFSET INTEGER (ROW | ROWS)?
    ;

limit
    : FETCH (FIRST | NEXT) INTEGER? (ROW | ROWS) ONLY
    | LIMIT INTEGER
    ;

// The name of a schema, for which Lunko has no use, may stand before that of a table.
tableName
    : (schema=name DOT)? table=name
    ;

// Expressions

expression
    : NOT expression                          # not
    | expression AND expression               # and
    | expression OR expression                # or
    | predicate (IS NOT? truth)?              # test
    ;

truth
    : TRUE | FALSE | UNKNOWN
    ;

predicate
    : left=row comparator right=row                             # rowComparison
    | row NOT? IN LEFT_PAREN query RIGHT_PAREN                # rowInQuery
    | of=row NOT? IN LEFT_PAREN row (COMMA row)* RIGHT_PAREN  # rowInList
    | value comparator value                                  # comparison
    | value IS NOT? NULL                                      # isNull
    | value IS NOT? DISTINCT FROM value                       # isDistinct
    | value NOT? BETWEEN value AND value                      # between
    | value NOT? form=(LIKE | ILIKE) value (ESCAPE value)?    # like
    | value NOT? IN LEFT_PAREN query RIGHT_PAREN              # inQuery
    | value comparator quantity=(ALL | ANY | SOME) LEFT_PAREN query RIGHT_PAREN    # quantified
    | value NOT? IN LEFT_PAREN expressions RIGHT_PAREN        # inList
    | value                                                   # plainValue
    ;

// Several values that are compared at once.
row
    : LEFT_PAREN expression (COMMA expression)+ RIGHT_PAREN
    ;

comparator
    : EQUAL | NOT_EQUAL | LESS | LESS_OR_EQUAL | GREATER | GREATER_OR_EQUAL
    ;

value
    : value DOUBLE_COLON typeName              # shortCast
    | sign=(PLUS | MINUS) value                # signed
    | value op=(STAR | SLASH | PERCENT) value  # arithmetic
    | value op=(PLUS | MINUS) value            # arithmetic
    | value op=CONCATENATE value               # arithmetic
    | primary                                  # primaryValue
    ;

primary
    : literal                                                                            # literalValue
    | EXISTS LEFT_PAREN query RIGHT_PAREN                                                # exists
    | CASE subject=expression? whenThen+ (ELSE otherwise=expression)? END                # case
    | CAST LEFT_PAREN expression AS typeName RIGHT_PAREN                                 # cast
    | EXTRACT LEFT_PAREN part=name FROM expression RIGHT_PAREN                           # extract
    | POSITION LEFT_PAREN value IN value RIGHT_PAREN                                     # position
    | SUBSTRING LEFT_PAREN expression FROM expression (FOR expression)? RIGHT_PAREN      # substring
    | LISTAGG LEFT_PAREN quantifier? expression (COMMA expression)? RIGHT_PAREN
      WITHIN GROUP LEFT_PAREN orderBy RIGHT_PAREN                                        # listAgg
    | STRING_AGG LEFT_PAREN quantifier? expression COMMA expression orderBy? RIGHT_PAREN # stringAgg
    | function=name LEFT_PAREN (STAR | quantifier? expressions)? RIGHT_PAREN             # call
    | (table=name DOT)? columnName=name                                                  # columnValue
    | LEFT_PAREN query RIGHT_PAREN                                                       # scalarQuery
    | LEFT_PAREN expression RIGHT_PAREN                                                  # parenthesized
    ;

whenThen
    : WHEN expression THEN expression
    ;

literal
    : INTEGER | DECIMAL | APPROXIMATE | STRING | TRUE | FALSE | NULL
    | (DATE | TIME | TIMESTAMP) STRING
    ;

expressions
    : expression (COMMA expression)*
    ;

// Tables

tableElement
    : columnDefinition | tableConstraint
    ;

columnDefinition
    : name typeName columnConstraint*
    ;

tableConstraint
    : constraintName? PRIMARY KEY columnNames                   # primaryKey
    | constraintName? UNIQUE columnNames                        # uniqueKey
    | constraintName? FOREIGN KEY columnNames references        # foreignKey
    | constraintName? CHECK LEFT_PAREN expression RIGHT_PAREN   # check
    ;

columnConstraint
    : constraintName? NOT NULL                                  # notNull
    | constraintName? NULL                                      # nullable
    | constraintName? PRIMARY KEY                               # columnPrimaryKey
    | constraintName? UNIQUE                                    # columnUnique
    | constraintName? references                                # columnReferences
    | constraintName? CHECK LEFT_PAREN expression RIGHT_PAREN   # columnCheck
    | DEFAULT value                                             # columnDefault
    | GENERATED (ALWAYS | BY DEFAULT) AS IDENTITY               # identity
    | (AUTOINCREMENT | AUTO_INCREMENT)                          # identity
    ;

constraintName
    : CONSTRAINT name
    ;

references
    : REFERENCES tableName columnNames? whenGone*
    ;

whenGone
    : ON (DELETE | UPDATE) (CASCADE | RESTRICT | NO ACTION | SET NULL)
    ;

typeName
    : name name? (LEFT_PAREN INTEGER (COMMA INTEGER)? RIGHT_PAREN)?
    ;

columnNames
    : LEFT_PAREN name (COMMA name)* RIGHT_PAREN
    ;

rowValues
    : LEFT_PAREN expressions RIGHT_PAREN
    ;

assignment
    : name EQUAL expression
    ;

name
    : IDENTIFIER | QUOTED_IDENTIFIER
    // Words that mean something in one place only, and are names everywhere else.
    | DATE | FIRST | KEY | LAST | NEXT | NULLS | ROW | ROWS | UNKNOWN | VALUES | IF | ANY | RECURSIVE | SOME
    | ALWAYS | AUTOINCREMENT | AUTO_INCREMENT | GENERATED | IDENTITY | REPLACE | ROLLBACK | TIME | TIMESTAMP | VIEW
    | LISTAGG | STRING_AGG
    | EXTRACT | FOR | ILIKE | POSITION | SUBSTRING
    | ACTION | ADD | BEGIN | CASCADE | COLUMN | COMMIT | INDEX | NO | RESTRICT | START | TRANSACTION | WORK
    ;

// Words

ACTION: 'ACTION';
ADD: 'ADD';
ALL: 'ALL';
ALTER: 'ALTER';
ALWAYS: 'ALWAYS';
AND: 'AND';
ANY: 'ANY';
AS: 'AS';
ASC: 'ASC';
AUTOINCREMENT: 'AUTOINCREMENT';
AUTO_INCREMENT: 'AUTO_INCREMENT';
BEGIN: 'BEGIN';
BETWEEN: 'BETWEEN';
BY: 'BY';
CASCADE: 'CASCADE';
CASE: 'CASE';
CAST: 'CAST';
CHECK: 'CHECK';
COLUMN: 'COLUMN';
COMMIT: 'COMMIT';
CONSTRAINT: 'CONSTRAINT';
CREATE: 'CREATE';
CROSS: 'CROSS';
DATE: 'DATE';
DEFAULT: 'DEFAULT';
DELETE: 'DELETE';
DESC: 'DESC';
DISTINCT: 'DISTINCT';
DROP: 'DROP';
ELSE: 'ELSE';
END: 'END';
ESCAPE: 'ESCAPE';
EXCEPT: 'EXCEPT';
EXISTS: 'EXISTS';
EXTRACT: 'EXTRACT';
FALSE: 'FALSE';
FETCH: 'FETCH';
FIRST: 'FIRST';
FOR: 'FOR';
FOREIGN: 'FOREIGN';
FROM: 'FROM';
FULL: 'FULL';
GENERATED: 'GENERATED';
GROUP: 'GROUP';
HAVING: 'HAVING';
IDENTITY: 'IDENTITY';
IF: 'IF';
ILIKE: 'ILIKE';
IN: 'IN';
INDEX: 'INDEX';
INNER: 'INNER';
INSERT: 'INSERT';
INTERSECT: 'INTERSECT';
INTO: 'INTO';
IS: 'IS';
JOIN: 'JOIN';
KEY: 'KEY';
LAST: 'LAST';
LATERAL: 'LATERAL';
LEFT: 'LEFT';
LIKE: 'LIKE';
LIMIT: 'LIMIT';
LISTAGG: 'LISTAGG';
NATURAL: 'NATURAL';
NEXT: 'NEXT';
NO: 'NO';
NOT: 'NOT';
NULL: 'NULL';
NULLS: 'NULLS';
OFFSET: 'OFFSET';
ON: 'ON';
ONLY: 'ONLY';
OR: 'OR';
ORDER: 'ORDER';
OUTER: 'OUTER';
POSITION: 'POSITION';
PRIMARY: 'PRIMARY';
RECURSIVE: 'RECURSIVE';
REFERENCES: 'REFERENCES';
REPLACE: 'REPLACE';
RESTRICT: 'RESTRICT';
RIGHT: 'RIGHT';
ROLLBACK: 'ROLLBACK';
ROW: 'ROW';
ROWS: 'ROWS';
SELECT: 'SELECT';
SET: 'SET';
SOME: 'SOME';
START: 'START';
STRING_AGG: 'STRING_AGG';
SUBSTRING: 'SUBSTRING';
TABLE: 'TABLE';
THEN: 'THEN';
TIME: 'TIME';
TIMESTAMP: 'TIMESTAMP';
TRANSACTION: 'TRANSACTION';
TRUE: 'TRUE';
UNION: 'UNION';
UNIQUE: 'UNIQUE';
UNKNOWN: 'UNKNOWN';
UPDATE: 'UPDATE';
USING: 'USING';
VALUES: 'VALUES';
VIEW: 'VIEW';
WHEN: 'WHEN';
WHERE: 'WHERE';
WITH: 'WITH';
WITHIN: 'WITHIN';
WORK: 'WORK';

// Signs

SEMICOLON: ';';
DOUBLE_COLON: '::';
COMMA: ',';
DOT: '.';
LEFT_PAREN: '(';
RIGHT_PAREN: ')';
STAR: '*';
SLASH: '/';
PERCENT: '%';
PLUS: '+';
MINUS: '-';
CONCATENATE: '||';
EQUAL: '=';
NOT_EQUAL: '<>' | '!=';
LESS_OR_EQUAL: '<=';
GREATER_OR_EQUAL: '>=';
LESS: '<';
GREATER: '>';

INTEGER: [0-9]+;
DECIMAL: [0-9]+ '.' [0-9]* | '.' [0-9]+;
APPROXIMATE: (INTEGER | DECIMAL) 'E' [+-]? [0-9]+;
// A number and a name are never one word: no learner means two.
NUMBER_AND_NAME: (INTEGER | DECIMAL) [\p{L}_] [\p{L}\p{Nd}_]*;
STRING: '\'' (~'\'' | '\'\'')* '\'';
OPEN_STRING: '\'' (~'\'' | '\'\'')*;
IDENTIFIER: [\p{L}_] [\p{L}\p{Nd}_]*;
QUOTED_IDENTIFIER: '"' (~'"' | '""')+ '"';
OPEN_IDENTIFIER: '"' (~'"' | '""')*;

LINE_COMMENT: '--' ~[\r\n]* -> skip;
BLOCK_COMMENT: '/*' .*? '*/' -> skip;
OPEN_COMMENT: '/*' .*?;
WHITE_SPACE: [\p{White_Space}\uFEFF]+ -> skip;
OTHER: .;
