package lunko.bench;

import static net.bytebuddy.matcher.ElementMatchers.isPublic;
import static net.bytebuddy.matcher.ElementMatchers.named;

import java.util.concurrent.atomic.AtomicInteger;
import lunko.engine.sql.Database;
import lunko.query.sql.SqlParser;
import net.bytebuddy.ByteBuddy;
import net.bytebuddy.agent.ByteBuddyAgent;
import net.bytebuddy.asm.Advice;
import net.bytebuddy.dynamic.loading.ClassReloadingStrategy;

/** Counts how often a statement is read, and how often one is bound and evaluated. */
public final class Readings {
    /** How often a text has been read. */
    public static final AtomicInteger READ = new AtomicInteger();
    /** How often a statement has been bound and evaluated. */
    public static final AtomicInteger EVALUATED = new AtomicInteger();

    private Readings() {}

    /** Begins to count. */
    static void count() {
        ByteBuddyAgent.install();
        new ByteBuddy().redefine(SqlParser.class).visit(Advice.to(Reading.class).on(named("statements"))).make()
                .load(SqlParser.class.getClassLoader(), ClassReloadingStrategy.fromInstalledAgent());
        new ByteBuddy().redefine(Database.class)
                .visit(Advice.to(Evaluating.class).on(named("run").or(named("show"))
                        .and(isPublic())))
                .make().load(Database.class.getClassLoader(), ClassReloadingStrategy.fromInstalledAgent());
    }

    /** What is done before a text is read. */
    public static final class Reading {
        private Reading() {}

        /** Counts. */
        @Advice.OnMethodEnter
        public static void enter() {
            READ.incrementAndGet();
        }
    }

    /** What is done before a statement is evaluated. */
    public static final class Evaluating {
        private Evaluating() {}

        /** Counts. */
        @Advice.OnMethodEnter
        public static void enter() {
            EVALUATED.incrementAndGet();
        }
    }
}
