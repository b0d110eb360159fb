package lunko.desktop.words;

import java.util.OptionalLong;
import lunko.query.JoinKind;

/** What is said of the kinds of join where one is chosen. */
public interface KindWords {

    /** {@code Left outer join}. */
    String aKind(JoinKind kind);

    /** {@code natural}. */
    String natural();

    /** {@code self}. */
    String self();

    /** {@code A natural join…}. */
    String aNaturalJoin();

    /** {@code A self join…}. */
    String aSelfJoin();

    /** As in {@code …  (…)}. */
    String withKey(String what, String key);

    /** {@code A natural join matches all columns of the same name}. */
    String naturalTitle();

    /** {@code These are the right columns.}. */
    String naturalRight();

    /** {@code These are not the columns that link the tables.}. */
    String naturalWrong();

    /** A natural kind of join, and how many rows it gives if it runs. */
    String naturalKind(JoinKind kind, OptionalLong rows);

    /** {@code By the link again}. */
    String byLink();

    /** {@code Cancel}. */
    String cancel();

    /** {@code A self join joins a table with itself}. */
    String selfTitle();

    /** {@code Table}. */
    String selfTable();

    /** {@code Join it with itself}. */
    String selfJoin();

    /** {@code Rows by kind of join}. */
    String rowsByKind();

    /** What a kind gives, if it can run: how many rows, and how that comes about. */
    String kindGives(JoinKind kind, long rows, String sum);

    /** {@code left outer join: cannot run}. */
    String kindCannotRun(JoinKind kind);
}
