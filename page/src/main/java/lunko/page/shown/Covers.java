package lunko.page.shown;

import lunko.insight.question.Question.Cover;
import lunko.page.session.Session;

/** What is covered, because it would give an answer away. */
record Covers(boolean counts, boolean picture, boolean query, boolean why) {

    static Covers of(Session session) {
        return new Covers(session.covers(Cover.COUNTS), session.covers(Cover.PICTURE), session.covers(Cover.QUERY),
                session.covers(Cover.WHY));
    }
}
