package lunko.page.shown;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.insight.picture.KindCount;
import lunko.lesson.Diagnostic;
import lunko.page.session.Session;
import lunko.problem.Stretch;
import lunko.query.JoinKind;
import lunko.query.sql.Lexeme;
import lunko.show.Showing;
import lunko.show.WordsAtWork;
import lunko.steps.JoinAlgorithm;
import lunko.words.Language;

/** The query: its text word by word, what is wrong with it, and the kinds and ways that may be chosen. */
record QueryJson(Session session, Covers covers, Language in) {

    Json of() {
        Showing written = session.written().orElse(session.showing());
        String sql = written.lesson().staged().sql();
        Json.Members query = Json.EMPTY.withIf("covered", covers.query());
        if (!covers.query()) query = query.with("sql", sql).with("words", words(sql).stream())
                .with("problems", written.diagnostics().stream().map(problem -> problem(problem, sql)));
        // While a kind is guessed at, every one may be chosen.
        return query.with("kinds", Stream.of(JoinKind.values()).map(this::kind))
                .with("ways", Stream.of(JoinAlgorithm.values())
                        .map(way -> Json.EMPTY.with("id", way.toString()).with("name", way.title(in))
                                .withIf("chosen", way == session.showing().algorithm())))
                .withIf("wrong", written.obstacle().isPresent());
    }

    private Json kind(JoinKind kind) {
        Showing showing = session.showing();
        Json.Members described = Json.EMPTY.with("id", kind.id()).with("name", in.names().kind(kind))
                .withIf("possible", covers.query() || showing.choices().contains(kind));
        if (!covers.query() && showing.kind().filter(kind::equals).isPresent())
            described = described.with("chosen", true);
        if (covers.counts()) return described;
        return described.with("rows", showing.counts().stream().filter(count -> count.kind() == kind)
                .map(count -> Json.of(count.rows())).findFirst());
    }

    /** The text, cut where a word begins or ends, each with what it is. */
    private List<Json> words(String sql) {
        WordsAtWork work = new WordsAtWork(session.showing());
        List<Stretch> lit = session.written().isPresent() ? List.of() : work.lit(session.showing(), sql);
        List<Json> words = new ArrayList<>();
        int end = 0;
        for (Lexeme word : Lexeme.of(sql)) {
            if (word.at().start() > end) words.add(word(sql, new Stretch(end, word.at().start()), "", work, lit));
            words.add(word(sql, word.at(), word.kind().name().toLowerCase(Locale.ROOT), work, lit));
            end = word.at().end();
        }
        if (end < sql.length()) words.add(word(sql, new Stretch(end, sql.length()), "", work, lit));
        return words;
    }

    private static Json word(String sql, Stretch at, String kind, WordsAtWork work, List<Stretch> lit) {
        String text = at.of(sql);
        Json.Members word = Json.EMPTY.with("text", text).with("kind", kind)
                .withIf("lit", lit.stream().anyMatch(one -> one.start() <= at.start() && at.end() <= one.end()));
        return kind.equals("name") ? word.with("hue", work.hue(text).map(hue -> Json.of(Said.hue(hue)))) : word;
    }

    private Json problem(Diagnostic problem, String sql) {
        return Json.EMPTY.with("said", Said.phrase(in.problems().of(problem.problem().fault())))
                .with("start", problem.at().start()).with("end", problem.at().end()).withIf("note", problem.note())
                .with("fixes", problem.mended().stream().map(mended -> Json.EMPTY
                        .with("said", Diagnostic.said(sql, mended, in.problems())).with("sql", mended)));
    }

    /** Why nothing can be shown; nothing, where something is. */
    static Optional<Json> obstacle(Showing showing, Language in) {
        return showing.obstacle().map(problem -> Said.phrase(in.problems().of(problem.fault())));
    }
}
