package lunko.page.shown;

import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import lunko.exchange.json.Json;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Lineage;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.page.session.PagePicture;
import lunko.page.session.Session;
import lunko.practice.Attempt;
import lunko.practice.Results;
import lunko.query.Side;
import lunko.show.Showing;
import lunko.words.Language;
import lunko.words.PageSentences;

/** All that is to be seen of a lesson in a learner's hands, in the parts that change together. */
public record SessionJson(Session session, Language in) {

    /** All parts. */
    public Json.Members all() {
        return since(Optional.empty());
    }

    /** The parts that are others than those of a session before. */
    public Json.Members since(Optional<Session> before) {
        Showing showing = session.showing();
        Covers covers = Covers.of(session);
        boolean sameRun = before.filter(was -> Covers.of(was).equals(covers) && was.showing().isOfSameJoin(showing)
                && was.showing().run() == showing.run()
                && was.showing().frame().map(frame -> frame.part()).equals(showing.frame().map(frame -> frame.part())))
                .isPresent();
        Json.Members parts = Json.EMPTY;
        boolean same = before.filter(was -> was.lesson() == session.lesson()
                && was.attempts().equals(session.attempts())).isPresent();
        if (!same) parts = parts.with("lesson", lesson());
        if (!sameRun) parts = parts.with("stage", new StageJson(showing, covers, in).of());
        if (!sameRun || !same || before.get().picture() != session.picture())
            parts = parts.with("picture", picture(covers));
        return parts.with("query", new QueryJson(session, covers, in).of())
                .with("frame", new FrameJson(showing, covers, in).of())
                .with("asking", AskJson.of(session, in).orElse(Json.NULL))
                .with("obstacle", QueryJson.obstacle(showing, in).orElse(Json.NULL));
    }

    private Json lesson() {
        Lesson lesson = session.lesson();
        Scene scene = lesson.scene();
        Lesson was = session.given();
        return Json.EMPTY.with("title", lesson.title()).with("at", session.scene())
                .with("scene", came().title(session.scene(), in))
                .with("of", in.pages().sceneOf(session.scene() + 1, lesson.scenes().size()))
                .with("scenes", IntStream.range(0, lesson.scenes().size()).mapToObj(this::scene))
                .with("note", new NoteJson(scene.telling().handed()).of())
                .withIf("changed", !was.scenes().all().get(session.scene()).equals(scene))
                .withIf("undo", session.history().past().isPresent())
                .withIf("redo", session.history().future().isPresent()).with("score", came().score(in));
    }

    private Json scene(int number) {
        Scene scene = session.lesson().scenes().all().get(number);
        return Json.EMPTY.with("title", came().title(number, in)).withIf("asks", scene.asked().isPresent())
                .withIf("right", came().of(number).right());
    }

    private Results came() {
        return new Results(session.lesson(), session.attempts());
    }

    /** What has come of all questions, as a text that can be given to somebody. */
    public Json results() {
        return Json.of(came().text(in));
    }

    private Json picture(Covers covers) {
        Json.Members picture = Json.EMPTY.with("chosen", session.picture().toString());
        if (covers.picture() && session.picture() != PagePicture.PAIRS) return picture.withIf("covered", true);
        return picture.withIf("blank", covers.picture())
                .with("shown", new PictureJson(session.showing(), in).of(session.picture()));
    }

    /** What belongs to a row that is pointed at, and what is said of it. */
    public Json pointing(Pointed pointed) {
        Showing showing = session.showing();
        Optional<Lineage> lineage = showing.outcome().flatMap(outcome -> Lineage.of(outcome, pointed));
        if (lineage.isEmpty() || Covers.of(session).counts()) return Json.EMPTY;
        Json.Members lit = Json.EMPTY;
        for (Side side : Side.values()) {
            int rows = Math.min(StageJson.MOST_ROWS, showing.outcome().get().join().on(side).rows().size());
            lit = lit.with(side.id(), IntStream.range(0, rows).filter(row -> lineage.get().lights(side, row))
                    .mapToObj(row -> Json.of(row)));
        }
        return lit.with("why", showing.why(pointed).map(why -> Said.phrase(why.in(in))));
    }

    /** The words that stand on the page itself. */
    public static Json words(Language in) {
        PageSentences page = in.pages();
        return Json.EMPTY.with("sceneBefore", page.sceneBefore()).with("nextScene", page.nextScene())
                .with("toStart", page.toStart()).with("stepBack", page.stepBack()).with("play", page.play())
                .with("pause", page.pause()).with("stepOn", page.stepOn()).with("toEnd", page.toEnd())
                .with("speed", page.speed())
                .with("speeds", Json.texts(Stream.of("½", "1", "2", "4", "8").map(page::aSecond)))
                .with("query", page.query()).with("kind", page.kind()).with("way", page.way())
                .with("tryIt", page.tryIt()).with("addRow", page.addRow()).with("undo", page.undo())
                .with("redo", page.redo())
                .with("asItWas", page.asItWas()).with("save", page.save()).with("print", page.print())
                .with("picture", page.picture())
                .with("pictures", Stream.of(PagePicture.values()).map(picture -> Json.EMPTY
                        .with("id", picture.toString()).with("name", picture.said(page))))
                .with("covered", page.covered()).with("check", page.check()).with("hint", page.hint())
                .with("uncover", page.uncover()).with("answer", page.answer()).with("tickRows", page.tickRows())
                .with("tickPairs", page.tickPairs()).with("scenes", page.scenes()).with("asks", page.asks())
                .with("answered", page.answered()).with("copyResults", page.copyResults()).with("copied", page.copied())
                .with("worksAlone", page.worksAlone())
                .with("tooOld", page.tooOld())
                .with("notKept", page.notKept()).with("broken", page.broken())
                .with("deleteRow", page.deleteRow("#"));
    }
}
