/**
 * A query bound to its tables, and the evaluation of it: truth, matching, and results that know where they came from.
 */
package lunko.engine;
