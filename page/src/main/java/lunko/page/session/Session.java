package lunko.page.session;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import lunko.insight.picture.Picture;
import lunko.insight.question.Guess;
import lunko.insight.question.Question;
import lunko.lesson.CellEdit;
import lunko.lesson.Edit;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.RowEdit;
import lunko.lesson.SceneEdit;
import lunko.lesson.ScenesEdit;
import lunko.lesson.WrittenQuery;
import lunko.practice.Assessment;
import lunko.practice.Attempt;
import lunko.practice.Hints;
import lunko.query.JoinKind;
import lunko.show.Asking;
import lunko.show.JoinAtHand;
import lunko.show.Showing;
import lunko.table.Table;
import lunko.words.Sentence;

/**
 * A lesson in the hands of a learner, at a moment.
 *
 * @param handed the lesson as it was given to them
 * @param history what they have made of it
 * @param showing what is shown
 * @param written a query that they have written and that cannot run: what is shown is from before
 * @param picture what stands below the rows
 * @param attempts what they have done about questions, by the numbers of scenes
 */
public record Session(Handed handed, History history, Showing showing, Optional<Showing> written, PagePicture picture,
        Map<Integer, Attempt> attempts) {

    /** Keeps what it is given as it is. */
    public Session {
        attempts = Map.copyOf(attempts);
    }

    /** A lesson as it opens, and what was made of it before. */
    public static Session of(Handed handed, Lesson made, Map<Integer, Attempt> attempts) {
        Lesson owning = made.owning();
        return new Session(new Handed(handed.lesson().owning(), handed.answers()), History.of(owning), shown(owning),
                Optional.empty(), picture(owning),
                attempts).opened();
    }

    private static Showing shown(Lesson lesson) {
        return Showing.of(lesson, lesson.scene().start().way()).opened();
    }

    private static PagePicture picture(Lesson lesson) {
        boolean pairs = lesson.scene().asked()
                .filter(asked -> asked.question() instanceof Question.WhichPairs).isPresent();
        return pairs || lesson.scene().start().picture() == Picture.PAIRS ? PagePicture.PAIRS : PagePicture.VENN;
    }

    /** The lesson as it is now. */
    public Lesson lesson() {
        return history.lesson();
    }

    /** The number of the scene that is shown. */
    public int scene() {
        return lesson().scenes().at();
    }

    /** What has been done about the question at hand. */
    public Attempt attempt() {
        return attempts.getOrDefault(scene(), Attempt.NONE);
    }

    /** The question at hand, if there is one. */
    public Optional<Asking> asking() {
        Attempt attempt = attempt();
        return lesson().scene().asked().map(asked -> new Asking(asked, attempt.guess(), attempt.uncovered()));
    }

    /** Whether something is covered, because it would give an answer away. */
    public boolean covers(Question.Cover cover) {
        return asking().filter(open -> open.covers(cover)).isPresent();
    }

    /** After a wish. What cannot be done changes nothing. */
    public Session after(Wish wish) {
        return switch (wish) {
            case Wish.Scene(int number) -> at(history.at(Math.clamp(number, 0, lesson().scenes().size() - 1)));
            case Wish.Step(long number) -> stepping(number);
            case Wish.Look(PagePicture other) -> new Session(handed, history, showing, written, other, attempts);
            case Wish.Kind(JoinKind kind) when covers(Question.Cover.QUERY) -> answeringKind(kind);
            case Wish.Kind(JoinKind kind) -> edited(new JoinAtHand(showing).choosing(kind).map(edit -> edit));
            case Wish.Way(var way) -> showing(Showing.of(lesson(), way).at(showing.isAtEnd() ? Long.MAX_VALUE : 0));
            case Wish.Write(String sql) -> writing(sql);
            case Wish.Type(String table, int row, int column, String typed) -> edited(table(table)
                    .filter(of -> row >= 0 && row < of.rows().size() && column >= 0 && column < of.columns().size())
                    .map(of -> new CellEdit.Type(table, of.rows().get(row).id(), column, typed)));
            case Wish.AddRow(String table) -> edited(table(table)
                    .map(of -> new RowEdit.Insert(table, of.rows().size())));
            case Wish.DeleteRow(String table, int row) -> edited(table(table)
                    .filter(of -> row >= 0 && row < of.rows().size())
                    .map(_ -> new RowEdit.Delete(table, row, row)));
            case Wish.Undo() -> changed(history.undo());
            case Wish.Redo() -> changed(history.redo());
            case Wish.PutBack() -> putBack();
            case Wish.Tick(var pointed) ->
                asking().filter(open -> !open.uncovered()).map(open -> guessing(open.marked().toggling(pointed)))
                        .orElse(this);
            case Wish.Match(int query, int result) ->
                asking().filter(open -> !open.uncovered() && open.question() instanceof Question.MatchResults)
                        .map(open -> guessing(open.matched().choosing(query, result))).orElse(this);
            case Wish.Answer(String text) -> answering(text);
            case Wish.AnswerKind(JoinKind kind) -> answeringKind(kind);
            case Wish.Check() -> checked();
            case Wish.Hint() -> hinted();
            case Wish.Uncover() -> canUncover() ? uncovering(!attempt().uncovered()) : this;
        };
    }

    /** The lesson as it was given to them. */
    public Lesson given() {
        return handed.lesson();
    }

    /** Whether the answer may be shown: once it has been found it always may. */
    public boolean canUncover() {
        return handed.answers() || attempt().right();
    }

    private Optional<Table> table(String name) {
        return lesson().find(name).filter(_ -> !lesson().views().has(name));
    }

    private Session showing(Showing other) {
        return new Session(handed, history, other, Optional.empty(), picture, attempts);
    }

    private Session at(History other) {
        return new Session(handed, other, shown(other.lesson()), Optional.empty(), picture(other.lesson()), attempts)
                .opened();
    }

    /** What asks for the whole result is not covered by the steps, and what has been answered is seen to its end. */
    private Session opened() {
        return attempt().uncovered() ? showing(showing.at(Long.MAX_VALUE)) : this;
    }

    private Session stepping(long number) {
        Session there = showing(showing.at(number));
        boolean uncovers = there.showing.isAtEnd() && there.showing.last() > 0
                && asking().filter(open -> !open.uncovered() && open.question().isBeforeTheSteps()).isPresent();
        return uncovers ? there.attempting(attempt -> attempt.uncovered(true)) : there;
    }

    private Session edited(Optional<? extends Edit> edit) {
        return edit.flatMap(wanted -> history.after(wanted).either(Optional::of, _ -> Optional.empty()))
                .map(this::changed).orElse(this);
    }

    /** With another history: what is shown follows, and of another scene it is as that opens. */
    private Session changed(History other) {
        if (other.lesson().scenes().at() != scene()) return at(other);
        Showing now = Showing.of(other.lesson(), showing.algorithm()).following(showing);
        // What they think has to be checked anew, on what is there now.
        return new Session(handed, other, now, Optional.empty(), picture, attempts)
                .attempting(attempt -> attempt.guess()
                        .map(guess -> attempt.guessing(guess instanceof Guess.Written(String text, _, _)
                                ? asking().map(open -> (Guess) open.written(text, other.lesson())).orElse(guess)
                                : guess))
                        .orElse(attempt));
    }

    private Session writing(String sql) {
        if (sql.isBlank() || sql.equals(lesson().staged().sql())) return showing(showing);
        History tried = history.after(new SceneEdit.Write(Optional.of(WrittenQuery.of(sql)))).either(next -> next,
                _ -> history);
        Showing now = Showing.of(tried.lesson(), showing.algorithm());
        return now.obstacle().isEmpty() ? changed(tried)
                : new Session(handed, history, showing, Optional.of(now), picture, attempts);
    }

    private Session putBack() {
        Session back = edited(Optional.of(new ScenesEdit.PutBack(given().scenes().all().get(scene()))));
        Map<Integer, Attempt> others = new HashMap<>(attempts);
        others.remove(scene());
        return new Session(handed, back.history, shown(back.lesson()), Optional.empty(), picture(back.lesson()),
                others);
    }

    private Session guessing(Guess guess) {
        return asking().isEmpty() || attempt().guess().filter(guess::equals).isPresent() ? this
                : attempting(attempt -> attempt.guessing(guess));
    }

    private Session answeringKind(JoinKind kind) {
        return asking().filter(open -> open.question() instanceof Question.WhichKind)
                .map(_ -> guessing(new Guess.Kind(kind))).orElse(this);
    }

    private Session answering(String text) {
        return asking().map(open -> switch (open.question()) {
            case Question.HowMany() -> text.strip().matches("[0-9]{1,15}")
                    ? guessing(new Guess.Number(Long.parseLong(text.strip()))) : guessing(new Guess.Typed(text));
            case Question.WriteQuery _,Question.SayWithoutJoin(),Question.FillGap _ ->
                guessing(open.written(text, lesson()));
            case Question.ChangeData _ -> this;
            case Question.WhatStands _,Question.InWords _ -> guessing(new Guess.Typed(text));
            case Question.WhichKind(),Question.WhichPairs(),Question.WhichRows _,Question.MatchResults _ -> this;
        }).orElse(this);
    }

    private Session checked() {
        Optional<Asking> open = asking().map(Asking::answered);
        Session guessed = open.flatMap(Asking::guess).map(this::guessing).orElse(this);
        Session checked = open.flatMap(asked -> Assessment.of(asked, showing))
                .map(found -> guessed.attempting(attempt -> attempt.assessed(found))).orElse(guessed);
        return checked.attempt().uncovered() ? checked.showing(showing.at(Long.MAX_VALUE)) : checked;
    }

    private Session hinted() {
        int all = hints().size();
        int had = attempt().hints();
        return had < all ? attempting(attempt -> attempt.hinted(canUncover() && had + 1 == all)) : this;
    }

    /** What helps with the question at hand, from what has been answered so far to the answer itself. */
    public List<Sentence> hints() {
        List<Sentence> all = asking().map(open -> Hints.of(open, showing)).orElse(List.of());
        return canUncover() || all.isEmpty() ? all : all.subList(0, all.size() - 1);
    }

    private Session uncovering(boolean now) {
        Session uncovered = attempting(attempt -> attempt.uncovered(now));
        boolean before = asking().filter(open -> open.question().isBeforeTheSteps()).isPresent();
        return before ? uncovered.showing(showing.at(now ? Long.MAX_VALUE : 0)) : uncovered;
    }

    private Session attempting(UnaryOperator<Attempt> change) {
        Map<Integer, Attempt> changed = new HashMap<>(attempts);
        changed.put(scene(), change.apply(attempt()));
        return new Session(handed, history, showing, written, picture, changed);
    }
}
