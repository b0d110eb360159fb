package lunko.query.sql;

/** A part of a query that begins with words of its own, in the order in which they are written. */
public enum Clause {
    /** The words that join two tables: {@code LEFT JOIN}. */
    JOIN,
    /** {@code ON} or {@code USING}, and what stands behind it. */
    SPECIFICATION,
    /** {@code SELECT} and the columns. */
    SELECT,
    /** {@code FROM} and the tables. */
    FROM,
    /** {@code WHERE} and the condition. */
    WHERE,
    /** {@code GROUP BY} and the values. */
    GROUP_BY,
    /** {@code HAVING} and the condition. */
    HAVING,
    /** {@code ORDER BY} and the keys. */
    ORDER_BY,
    /** {@code OFFSET} and the number of rows. */
    OFFSET,
    /** {@code FETCH FIRST} or {@code LIMIT} and the number of rows. */
    LIMIT
}
