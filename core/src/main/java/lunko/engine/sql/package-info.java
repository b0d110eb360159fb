/**
 * SQL evaluated as the standard says it (ISO/IEC 9075-2): names are bound to columns, types are checked, and rows come
 * in a fixed order - by the order of FROM, then as each join gives them.
 */
package lunko.engine.sql;
