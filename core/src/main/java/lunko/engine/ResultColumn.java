package lunko.engine;

import lunko.query.Side;

/** A column of a result: the side it comes from, and its place there, counted from 0. */
public record ResultColumn(Side side, int index) {}
