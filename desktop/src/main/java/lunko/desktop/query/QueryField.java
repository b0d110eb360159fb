package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.text.FontWeight;
import javafx.util.Duration;
import lunko.desktop.look.Hues;
import lunko.desktop.look.Typeface;
import lunko.desktop.query.TextStyles.Marked;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.lesson.Diagnostic;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import lunko.problem.Stretch;
import lunko.query.sql.Lexeme;
import lunko.query.sql.SqlParser;
import lunko.show.Followed;
import lunko.show.Showing;
import lunko.show.WordsAtWork;
import org.fxmisc.richtext.StyleClassedTextArea;

/**
 * The text of the query, to be typed in. While it can be shown the stage follows; while it cannot, what is wrong is
 * underlined and the stage keeps the last picture. The words that decide in the step at hand are lit.
 */
final class QueryField extends StackPane {
    private static final Duration PAUSE = Duration.millis(140);
    private static final Duration PATIENCE = Duration.millis(600);
    /** The font of the text; the stylesheet has the same. */
    private static final Typeface TYPEFACE = Typeface.code(FontWeight.NORMAL, 13.5);
    /** So much higher a line is with bold words in it. */
    private static final double BOLD = 1.04;
    private static final double LEAST_HEIGHT = 30;
    private static final double MOST_HEIGHT = 172;
    private static final double PADDING = 8;

    private final ShowModel model;
    private final Diagnostics diagnostics;
    private final StyleClassedTextArea area = new StyleClassedTextArea();
    private final Completing completing;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    /** In the middle of a word nobody wants to hear what is wrong with it. */
    private final PauseTransition patience = new PauseTransition(PATIENCE);
    private final Latest<Followed.Typed, Followed> latest = new Latest<>("query", Followed::of, this::follow);
    /** The text that the lesson was last known to have. */
    private String told = "";
    private boolean loading;
    /** The lesson that was shown last. */
    private Optional<Lesson> shown = Optional.empty();
    /** The lesson that typing has made last, so that more typing is part of the same change. */
    private Optional<Lesson> typed = Optional.empty();
    private WordsAtWork words;
    private List<Stretch> lit = List.of();
    private List<Stretch> parentheses = List.of();
    private String lexedText = "";
    private List<Lexeme> lexed = List.of();

    /** The field for a model; {@code leave} takes the keyboard when somebody is done with the text. */
    QueryField(ShowModel model, Diagnostics diagnostics, Runnable leave) {
        this.model = model;
        this.diagnostics = diagnostics;
        words = new WordsAtWork(model.showing().get());
        getStyleClass().add("query-field");
        area.getStyleClass().add("query-text");
        area.setId("query-text");
        area.setWrapText(true);
        area.setAccessibleRole(AccessibleRole.TEXT_AREA);
        area.setAccessibleText(words().query().queryText());
        completing = new Completing(this, area, () -> model.lesson().lesson().get().tables());
        area.textProperty().addListener((_, _, _) -> {
            requestLayout();
            changed();
        });
        area.caretPositionProperty().addListener((_, _, _) -> caretMoved());
        area.focusedProperty().addListener((_, _, focused) -> {
            if (focused) return;
            completing.stop();
            // Whoever leaves the text is in the middle of no word.
            if (patience.getStatus() == Animation.Status.RUNNING) {
                patience.stop();
                patience.getOnFinished().handle(null);
            }
            typed = Optional.empty();
            area.getUndoManager().preventMerge();
        });
        area.addEventFilter(KeyEvent.KEY_PRESSED, event -> press(event, leave));
        area.addEventHandler(KeyEvent.KEY_TYPED, completing::typed);
        area.addEventHandler(MouseEvent.MOUSE_MOVED, this::point);
        area.addEventHandler(MouseEvent.MOUSE_EXITED, _ -> model.pointing().part().set(OptionalInt.empty()));
        pause.setOnFinished(_ -> ask());
        diagnostics.told().subscribe(_ -> dress());
        getChildren().add(area);
        model.showing().subscribe(this::show);
        // Typing may be taken back while the show is not seen: then it has not heard of it, and shows what it did.
        model.lesson().lesson().subscribe((_, now) -> Optional.of(model.showing().get())
                .filter(showing -> showing.lesson() == now).ifPresent(this::show));
    }

    /** Gives the field the keyboard, the caret behind the last word. */
    void edit() {
        area.requestFocus();
        area.moveTo(area.getLength());
    }

    /** Puts the caret where something is wrong, or was, if that has been deleted meanwhile. */
    void goTo(Stretch at) {
        area.requestFocus();
        area.selectRange(Math.min(area.getLength(), at.start()), Math.min(area.getLength(), at.end()));
        area.requestFollowCaret();
    }

    /** Writes another text in the place of the whole, as if it had been typed. */
    void write(String text) {
        int caret = area.getCaretPosition();
        area.replaceText(text);
        area.moveTo(Math.min(caret, area.getLength()));
        ask();
    }

    /** The text, as it is typed. */
    String text() {
        return area.getText();
    }

    /** It is as high as its lines, and they are as many as its width makes them. */
    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    @Override
    protected double computePrefHeight(double width) {
        double around = snappedLeftInset() + snappedRightInset();
        double text = TYPEFACE.height(area.getText(), width - around);
        return Math.clamp(Math.ceil(text * BOLD) + PADDING, LEAST_HEIGHT, MOST_HEIGHT);
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    /**
     * The text of the lesson takes the place of the one that is there only if it has changed: what somebody is typing
     * stays.
     */
    private void show(Showing now) {
        Lesson lesson = model.lesson().lesson().get();
        if (now.lesson() == lesson) {
            String text = lesson.staged().sql();
            History history = model.lesson().history().get();
            boolean other = shown.filter(last -> last == lesson).isEmpty();
            boolean opened = other && history.past().isEmpty() && history.future().isEmpty();
            shown = Optional.of(lesson);
            if (opened || !text.equals(told)) {
                // What was typed and could not be shown can be had back by undo in the field.
                boolean saved = opened || area.getText().equals(told);
                told = text;
                if (!area.getText().equals(text)) load(lesson.staged().query(), saved);
                stale(false);
                diagnose(now);
            } else if (other && area.getText().equals(text) && !isSeveral(lesson)) {
                // Of other rows there may be other things to be said.
                diagnose(now);
            }
        }
        boolean otherJoin = !words.areOf(now);
        if (otherJoin) words = new WordsAtWork(now);
        List<Stretch> before = lit;
        lit = words.lit(now, area.getText());
        if (otherJoin || !lit.equals(before)) dress();
    }

    /**
     * Says what is wrong with the text of the lesson, which may have become so without typing, at once. The query that
     * is shown has been evaluated; others of its text are looked at beside the window's thread.
     */
    private void diagnose(Showing now) {
        patience.stop();
        Lesson lesson = model.lesson().lesson().get();
        boolean several = isSeveral(lesson);
        diagnostics.set(lesson.scene().written().isEmpty() || several ? List.of() : now.diagnostics());
        if (several) ask(lesson.staged().query());
    }

    private static boolean isSeveral(Lesson lesson) {
        return lesson.staged().query().statements().size() > 1;
    }

    private void load(WrittenQuery text, boolean forget) {
        loading = true;
        // What was typed into the text before is not asked for any more.
        pause.stop();
        patience.stop();
        latest.forget();
        area.replaceText(text.sql());
        if (forget) area.getUndoManager().forgetHistory();
        List<Stretch> queries = SqlParser.stretches(text.sql());
        area.moveTo(queries.isEmpty() ? 0 : queries.get(Math.clamp(text.number(), 0, queries.size() - 1)).start());
        loading = false;
    }

    private void changed() {
        dress();
        if (loading) return;
        patience.stop();
        pause.playFromStart();
    }

    /** Finds out what the text comes to, of several queries the one that the caret stands in. */
    private void ask() {
        pause.stop();
        String text = area.getText();
        ask(new WrittenQuery(text, number(text)));
    }

    private void ask(WrittenQuery query) {
        History history = model.lesson().history().get();
        latest.ask(new Followed.Typed(query, history, model.ofLesson(),
                typed.filter(last -> last == history.lesson()).isPresent()));
    }

    /** The query that the caret stands in, counted from 0; between two, the first of them. */
    private int number(String text) {
        List<Stretch> all = SqlParser.stretches(text);
        int number = 0;
        for (int i = 0; i < all.size(); i++) if (area.getCaretPosition() >= all.get(i).start()) number = i;
        return number;
    }

    private void follow(Followed found) {
        // If more has been typed meanwhile, that is asked for by now.
        if (!found.typed().query().sql().equals(area.getText())) return;
        if (found.typed().history() != model.lesson().history().get()) {
            ask();
            return;
        }
        Lesson lesson = model.lesson().lesson().get();
        boolean own = found.typed().query().equals(lesson.staged().query());
        if (own && !isSeveral(lesson)) {
            settle();
            return;
        }
        patience.setOnFinished(_ -> diagnostics.set(found.diagnostics()));
        if (area.isFocused() && diagnostics.told().get().all().isEmpty()) patience.playFromStart();
        else diagnostics.set(found.diagnostics());
        stale(!own && found.after().isEmpty());
        if (own) model.endPreview();
        else found.after().ifPresentOrElse(this::take,
                () -> found.preview().ifPresentOrElse(model::preview, model::endPreview));
    }

    /** The text is that of the lesson again: what is shown is the lesson, and what is said is said of what is shown. */
    private void settle() {
        stale(false);
        Showing now = model.showing().get();
        if (now.lesson() == model.lesson().lesson().get()) {
            diagnose(now);
        } else {
            // Of what was shown in its place other things were to be said.
            shown = Optional.empty();
            model.endPreview();
        }
    }

    /** While the text cannot run, undo brings back the one that could. */
    private void stale(boolean now) {
        model.lesson().begun().set(now ? Optional.of(this::restore) : Optional.empty());
    }

    private void restore() {
        load(model.lesson().lesson().get().staged().query(), false);
        settle();
    }

    private void take(Followed.After after) {
        told = after.history().lesson().staged().sql();
        // What is to be said of it has been said, or waits for a pause.
        shown = Optional.of(after.history().lesson());
        model.take(after.history(), after.showing());
        typed = Optional.of(model.lesson().lesson().get());
    }

    /** The words of the text, found once for each text. */
    private List<Lexeme> lexemes() {
        String text = area.getText();
        if (!text.equals(lexedText)) lexed = Lexeme.of(text);
        lexedText = text;
        return lexed;
    }

    private void dress() {
        String text = area.getText();
        List<Marked> marks = new ArrayList<>(otherQueries(text));
        lit.forEach(at -> marks.add(new Marked(at, "at-work")));
        for (Diagnostic diagnostic : diagnostics.told().get().all())
            marks.add(new Marked(diagnostic.at(), diagnostic.note() ? "doubted" : "wrong"));
        if (area.isFocused()) {
            parentheses = Lexeme.parentheses(text, lexemes(), area.getCaretPosition());
            parentheses.forEach(at -> marks.add(new Marked(at, parentheses.size() == 2 ? "parenthesis" : "wrong")));
        }
        if (!text.isEmpty()) TextStyles.apply(area, TextStyles.of(text, lexemes(),
                name -> words.hue(name).map(hue -> "of-" + Hues.style(hue)).orElse(""), marks));
    }

    /** Of several queries, those that are not shown. */
    private List<Marked> otherQueries(String text) {
        if (text.indexOf(';') < 0) return List.of();
        List<Stretch> all = SqlParser.stretches(text);
        WrittenQuery staged = model.lesson().lesson().get().staged().query();
        int shown = Math.clamp(text.equals(staged.sql()) ? staged.number() : number(text), 0,
                Math.max(0, all.size() - 1));
        return IntStream.range(0, all.size()).filter(i -> i != shown)
                .mapToObj(i -> new Marked(all.get(i), "other-query")).toList();
    }

    private void caretMoved() {
        if (loading) return;
        if (area.isFocused()
                && !Lexeme.parentheses(area.getText(), lexemes(), area.getCaretPosition()).equals(parentheses))
            dress();
        // Another query of the text is shown when the caret comes to it.
        boolean several = area.getText().indexOf(';') >= 0;
        if (several && area.isFocused()
                && number(area.getText()) != model.lesson().lesson().get().staged().query().number())
            pause.playFromStart();
    }

    private void press(KeyEvent event, Runnable leave) {
        if (completing.press(event)) {
            event.consume();
            return;
        }
        boolean done = event.getCode() == KeyCode.ENTER && event.isShortcutDown();
        if (done) ask();
        // Tab goes on to what stands behind the query; it is no sign of one.
        if (!done && event.getCode() != KeyCode.ESCAPE && event.getCode() != KeyCode.TAB) return;
        event.consume();
        leave.run();
    }

    /** Points at the stage that the words under the mouse belong to. */
    private void point(MouseEvent event) {
        OptionalInt at = area.hit(event.getX(), event.getY()).getCharacterIndex();
        model.pointing().part().set(at.isPresent() ? words.part(area.getText(), at.getAsInt()) : OptionalInt.empty());
    }
}
