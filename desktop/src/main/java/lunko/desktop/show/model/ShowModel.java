package lunko.desktop.show.model;

import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.ToLongBiFunction;
import java.util.function.UnaryOperator;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import lunko.desktop.lesson.LessonModel;
import lunko.desktop.lesson.Mode;
import lunko.desktop.work.Latest;
import lunko.insight.listing.Arrangement;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.picture.Picture;
import lunko.insight.picture.ThreeCircles.Region;
import lunko.insight.question.Asked;
import lunko.insight.question.Guess;
import lunko.insight.question.Question;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.SceneStart;
import lunko.lesson.WrittenQuery;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.query.JoinKind;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.JoinAtHand;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.steps.Timeline;

/** What the show shows of the lesson. It follows the lesson while it is to be seen, and catches up when it is again. */
public final class ShowModel {
    private final LessonModel lesson;
    private final ReadOnlyObjectWrapper<Showing> showing;
    private final ReadOnlyObjectWrapper<Showing> staged;
    private final Pointing pointing;
    private final PictureAtHand beside = new PictureAtHand();
    private final Arrangements arrangements = new Arrangements();
    private final ObjectProperty<JoinAlgorithm> algorithm = new SimpleObjectProperty<>(JoinAlgorithm.NESTED_LOOP);
    private final ObjectProperty<Set<Integer>> leftOpened = new SimpleObjectProperty<>(Set.of());
    private final ObjectProperty<Set<Integer>> rightOpened = new SimpleObjectProperty<>(Set.of());
    private final ReadOnlyObjectWrapper<Optional<Asking>> asking = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final BooleanBinding stale;
    private final ReadOnlyBooleanWrapper waiting = new ReadOnlyBooleanWrapper(false);
    private final Latest<ShowingAsked, Showing> latest = new Latest<>("show", ShowingAsked::find, this::found);
    /** What was shown of the lesson before a preview took its place. */
    private Optional<Showing> aside = Optional.empty();
    /** The lesson that was followed last. */
    private Lesson followed;
    /** What the lesson that comes next shows, where that has been found out already. */
    private Optional<Showing> ready = Optional.empty();
    private final Latest<QueryGuessed, Runnable> guesses = new Latest<>("guess", guessed -> {
        Guess.Written written = new Asking(guessed.asked(), Optional.empty(), false).written(guessed.sql(),
                guessed.lesson());
        return () -> guessed(guessed, written);
    }, Runnable::run);

    /** A query that somebody thinks is the one that is asked for. */
    private record QueryGuessed(Asked asked, Lesson lesson, String sql) {}

    /** A lesson that is to be shown, and at which step, in what light. */
    private record ShowingAsked(Lesson lesson, JoinAlgorithm algorithm, UnaryOperator<Showing> as) {

        Showing find() {
            return as.apply(Showing.of(lesson, algorithm));
        }
    }

    /** Shows the lesson of a model at the step it opens at. */
    public ShowModel(LessonModel lesson) {
        this.lesson = lesson;
        followed = lesson.lesson().get();
        enter(followed);
        stale = Bindings.createBooleanBinding(() -> lesson.begun().get().isPresent(), lesson.begun());
        showing = new ReadOnlyObjectWrapper<>(Showing.of(followed, algorithm.get()).opened());
        staged = new ReadOnlyObjectWrapper<>(showing.get());
        pointing = new Pointing(showing.getReadOnlyProperty(), () -> covers(Question.Cover.COUNTS));
        lesson.lesson().subscribe(this::follow);
        lesson.mode().subscribe(this::follow);
        algorithm.subscribe(this::useAlgorithm);
    }

    /** The question of the scene, if it asks one, what has been guessed, and whether it is uncovered. */
    public ReadOnlyObjectProperty<Optional<Asking>> asking() {
        return asking.getReadOnlyProperty();
    }

    /** Whether something is covered just now, because it would give an answer away. */
    public boolean covers(Question.Cover cover) {
        return asking.get().filter(open -> open.covers(cover)).isPresent();
    }

    /** Takes a guess at the question. */
    public void guess(Guess guess) {
        asking.set(asking.get().map(open -> open.guessing(guess)));
    }

    /** Takes a result for that of a query; both count from 0. */
    public void matchResult(int query, int result) {
        asking.get().filter(open -> !open.uncovered())
                .ifPresent(open -> guess(open.matched().choosing(query, result)));
    }

    /** Takes a query as the guess; what it comes to is found out beside the window's thread. */
    public void guess(String sql) {
        asking.get().ifPresent(open -> guesses.ask(new QueryGuessed(open.asked(), showing.get().lesson(), sql)));
    }

    private void guessed(QueryGuessed guessed, Guess.Written written) {
        if (asking.get().filter(open -> open.asked().equals(guessed.asked())).isPresent()) guess(written);
    }

    /** Marks a row or a pair as one that is asked for, or takes the mark away. */
    public void mark(Pointed pointed) {
        asking.get().filter(open -> !open.uncovered())
                .ifPresent(open -> guess(open.marked().toggling(pointed)));
    }

    /** Uncovers what is covered, at the end of the steps; or covers it again, as it was before they began. */
    public void toggleCovers() {
        if (asking.get().isEmpty()) return;
        boolean uncovered = !asking.get().get().uncovered();
        asking.set(asking.get().map(open -> open.uncovered(uncovered)));
        if (asking.get().get().question().isBeforeTheSteps()) goTo(uncovered ? showing.get().last() : 0);
    }

    /** What the steps have come to the end of is uncovered. */
    private void uncoverAtEnd(Showing now) {
        asking.get().filter(open -> !open.uncovered() && open.question().isBeforeTheSteps() && now.isAtEnd()
                && now.last() > 0).ifPresent(open -> asking.set(Optional.of(open.uncovered(true))));
    }

    /** What a scene has to open like, to be seen as it is now. */
    public SceneStart asItIs() {
        Showing now = showing.get();
        return new SceneStart(now.isAtEnd() ? OptionalLong.empty() : OptionalLong.of(now.number()), algorithm.get(),
                picture().get());
    }

    /** A scene that is come to is seen as it opens. */
    private void enter(Lesson now) {
        asking.set(Asking.of(now));
        beside.enter(now.scene());
        algorithm.set(now.scene().start().way());
    }

    private static boolean isOtherScene(Lesson before, Lesson now) {
        return before.scenes().at() != now.scenes().at() || before.scenes().size() != now.scenes().size();
    }

    /** The lesson, and what can be done to it. */
    public LessonModel lesson() {
        return lesson;
    }

    /** What is shown. */
    public ReadOnlyObjectProperty<Showing> showing() {
        return showing.getReadOnlyProperty();
    }

    /** What the stage of the joins shows: while another stage is at hand, nobody sees it, and it stays as it was. */
    public ReadOnlyObjectProperty<Showing> staged() {
        return staged.getReadOnlyProperty();
    }

    /** The picture that is shown beside the stage. */
    public ObjectProperty<Picture> picture() {
        return beside.picture();
    }

    /** Whether the pair grid tells key by key how its number of pairs comes about. */
    public BooleanProperty keyByKey() {
        return beside.keyByKey();
    }

    /** How the result at hand is looked at: that of the join or, at the end, that of the query. */
    public ObjectProperty<Arrangement> arrangement() {
        return arrangements.now();
    }

    /** The columns of a side, counted from 0, that somebody wants to see where there is not room for all of them. */
    public ObjectProperty<Set<Integer>> opened(Side side) {
        return side.of(leftOpened, rightOpened);
    }

    /** How matches are found, where the join can be done so. */
    public ObjectProperty<JoinAlgorithm> algorithm() {
        return algorithm;
    }

    /** Whether the query at hand cannot be shown, so that what is to be seen is the last one that could. */
    public BooleanBinding stale() {
        return stale;
    }

    /** Whether what the lesson comes to is being found out, so that what is to be seen is from before. */
    public ReadOnlyBooleanProperty waiting() {
        return waiting.getReadOnlyProperty();
    }

    /** What is pointed at. */
    public Pointing pointing() {
        return pointing;
    }

    /** Goes on with a history whose lesson is known to show that, after what is shown now. */
    public void take(History changed, Showing shows) {
        ready = Optional.of(shows);
        lesson.take(changed);
        ready = Optional.empty();
    }

    /** Shows something that the lesson does not, until it changes. */
    public void preview(Showing shows) {
        show(shows);
    }

    /** Whether something is shown that the lesson does not. */
    public boolean previews() {
        return aside.isPresent();
    }

    /** What is shown of the lesson, also while a preview is to be seen in its place. */
    public Showing ofLesson() {
        return aside.orElseGet(showing::get);
    }

    /** Shows the lesson again as it was, if something else was shown. */
    public void endPreview() {
        Lesson now = lesson.lesson().get();
        if (showing.get().lesson() == now) return;
        Showing own = ofLesson();
        if (own.lesson() == now && own.algorithm() == algorithm.get()) show(own);
        else find(new ShowingAsked(now, algorithm.get(), shown -> shown.following(own)));
    }

    /** Shows something else, its result as it was looked at before. */
    private void show(Showing now) {
        pointing.whileChanging(() -> {
            arrangements.follow(showing.get(), now);
            if (isOfLesson(now)) {
                aside = Optional.empty();
                uncoverAtEnd(now);
            } else if (isOfLesson(showing.get())) {
                aside = Optional.of(showing.get());
            }
            if (now.isOnJoinStage()) staged.set(now);
            showing.set(now);
            waiting.set(false);
        });
    }

    private boolean isOfLesson(Showing shown) {
        return shown.lesson() == lesson.lesson().get();
    }

    /** Goes to a step; beyond the first or the last means that step. */
    public void goTo(long number) {
        pointing.forget();
        if (Math.clamp(number, 0, showing.get().last()) != showing.get().number()) {
            show(showing.get().at(number));
        }
    }

    /** The next step in which a row comes into the result of its stage; the last step if none does. */
    public long nextLanding() {
        return next(Timeline::nextLanding);
    }

    /** The next step in which it is the turn of another row; the last step if there is none. */
    public long nextTurn() {
        return next(Timeline::nextTurn);
    }

    /** The end of the stage at hand; at its end, that of the next. */
    public long nextEnd() {
        return next(Timeline::nextEnd);
    }

    private long next(ToLongBiFunction<Timeline, Long> after) {
        return showing.get().timeline().map(timeline -> after.applyAsLong(timeline, showing.get().number())).orElse(0L);
    }

    /** Whether a kind of join can be chosen in the place of the one at hand. */
    public boolean canChoose(JoinKind kind) {
        return showing.get().choices().contains(kind);
    }

    /** Makes the join at hand one of another kind; while it is asked which it is, that is what is guessed. */
    public void choose(JoinKind kind) {
        if (asking.get().filter(open -> !open.uncovered() && open.question() instanceof Question.WhichKind)
                .isPresent()) {
            guess(new Guess.Kind(kind));
            return;
        }
        atHand().choosing(kind).ifPresent(this::edit);
    }

    /** Matches two columns of what is joined by the join at hand, counted from 0 on their sides. */
    public void match(int left, int right) {
        atHand().matching(left, right).ifPresent(this::edit);
    }

    /**
     * Takes a region of the three circles of the chain at hand in or leaves it out, by other kinds of its two joins.
     */
    public void toggle(Region region) {
        atHand().toggling(region).ifPresentOrElse(this::edit,
                () -> lesson.say(Problem.of(new WorkFault.NoKindsForRegion())));
    }

    /** Changes what is shown; where that is a preview, the lesson takes the query that this makes of it. */
    public void edit(Edit edit) {
        if (!previews()) {
            lesson.edit(edit);
            return;
        }
        edit.applyTo(showing.get().lesson()).handle(changed -> {
            WrittenQuery query = changed.staged().query();
            if (query.equals(lesson.lesson().get().staged().query())) lesson.begun().get().ifPresent(Runnable::run);
            else lesson.edit(new SceneEdit.Write(Optional.of(query)));
        }, lesson::say);
    }

    private JoinAtHand atHand() {
        return new JoinAtHand(showing.get());
    }

    /** The number of the join at hand among those of the query, counted from 0 in the order in which they are done. */
    public int joinAtHand() {
        return showing.get().joinNumber();
    }

    /** Another way gives other steps: it begins at the start, but the end stays the end. */
    private void useAlgorithm(JoinAlgorithm other) {
        // A scene that is come to brings its way along.
        if (followed != lesson.lesson().get()) return;
        Showing before = showing.get();
        Lesson now = waiting.get() ? lesson.lesson().get() : before.lesson();
        if (shows(now, other)) return;
        find(new ShowingAsked(now, other, changed -> before.isAtEnd() ? changed : changed.at(0)));
    }

    /** Shows what a lesson comes to; where that takes long, what was shown stays meanwhile. */
    private void find(ShowingAsked asked) {
        if (!asked.lesson().staged().mayTakeLong()) {
            show(asked.find());
            return;
        }
        waiting.set(true);
        latest.ask(asked);
    }

    /** Whether that is what is shown already; then what was asked for meanwhile has been taken back. */
    private boolean shows(Lesson of, JoinAlgorithm in) {
        if (showing.get().lesson() != of || showing.get().algorithm() != in) return false;
        latest.forget();
        waiting.set(false);
        return true;
    }

    private void found(Showing now) {
        if (now.lesson() == lesson.lesson().get() && now.algorithm() == algorithm.get()
                && lesson.mode().get() == Mode.SHOW)
            show(now);
    }

    /** An edit keeps the step at hand; the end stays the end, so that the whole result is there to be seen. */
    private void follow() {
        Lesson now = lesson.lesson().get();
        Showing before = ofLesson();
        if (lesson.mode().get() != Mode.SHOW) return;
        History history = lesson.history().get();
        boolean opened = history.past().isEmpty() && history.future().isEmpty() && followed.shared() != now.shared();
        boolean entered = isOtherScene(followed, now);
        boolean asksOther = !followed.scene().asked().equals(now.scene().asked());
        if (opened || entered || asksOther) enter(now);
        followed = now;
        if (shows(now, algorithm.get())) return;
        if (opened) {
            find(new ShowingAsked(now, algorithm.get(), Showing::opened));
        } else if (entered || asksOther) {
            find(new ShowingAsked(now, algorithm.get(), changed -> changed.entering(before)));
        } else {
            ready.filter(known -> known.lesson() == now && known.algorithm() == algorithm.get())
                    .ifPresentOrElse(known -> show(known.at(before.isAtEnd() ? known.last() : before.number())),
                            () -> find(new ShowingAsked(now, algorithm.get(), changed -> changed.following(before))));
        }
    }
}
