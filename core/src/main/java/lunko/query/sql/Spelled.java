package lunko.query.sql;

import lunko.problem.Spelling;

/**
 * A part of a script that is spelled as some databases have it. What it means is kept as the standard says it.
 *
 * @param standard its text, as the standard has it
 */
public record Spelled(Spelling spelling, String standard) {}
