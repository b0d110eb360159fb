package lunko.desktop.scenes;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Chips;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Form;
import lunko.desktop.action.NumberBox;
import lunko.desktop.action.Renewed;
import lunko.desktop.lesson.LessonModel;
import lunko.insight.picture.KindChart;
import lunko.insight.question.Answer;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Gap;
import lunko.insight.question.Goal;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.Situation;
import lunko.practice.Distractors;
import lunko.practice.OtherMeaning;
import lunko.query.Side;
import lunko.query.sql.Lexeme;
import lunko.show.Asking;
import lunko.show.Showing;

/** What the class is asked before a scene plays, and what the answer is on its tables. */
final class QuestionBox extends VBox {
    private final LessonModel lesson;
    private final Choice<Optional<Question.Sort>> sort = new Choice<>(
            Stream.concat(Stream.of(Optional.<Question.Sort>empty()),
                    Stream.of(Question.Sort.values()).map(Optional::of)).toList(),
            of -> of.map(one -> one.title(words().questions())).orElseGet(() -> words().asking().nothing()));
    private final Label meaning = Controls.wrapped("", "own-unfit");
    private final VBox more = new VBox();
    private Optional<Showing> shown = Optional.empty();
    private boolean following;

    /** The box for the scene that a model shows. */
    QuestionBox(LessonModel lesson) {
        this.lesson = lesson;
        sort.setId("ask-sort");
        sort.valueProperty().subscribe((_, chosen) -> ask(chosen));
        getStyleClass().add("details-box");
        more.getStyleClass().add("details-box");
        getChildren().addAll(sort, more, meaning);
        means(Optional.empty());
    }

    /** Shows the question of the scene at hand. */
    void show(Lesson now, Optional<Showing> showing) {
        following = true;
        shown = showing;
        Optional<Asked> asked = now.scene().asked();
        sort.setValue(asked.map(one -> one.question().sort()));
        Renewed.put(more, asked.map(one -> told(one, new Asking(one, Optional.empty(), false), showing))
                .orElse(List.of()), sort);
        following = false;
    }

    private void ask(Optional<Question.Sort> chosen) {
        if (following) return;
        Lesson now = lesson.lesson().get();
        lesson.edit(new SceneEdit.Ask(chosen.map(of -> Asked.plainly(usual(of, now, shown)))));
    }

    /** A question of a sort; where it needs other queries, those that are near. */
    private static Question usual(Question.Sort sort, Lesson now, Optional<Showing> showing) {
        return sort != Question.Sort.MATCH_RESULTS || now.staged().mayTakeLong() ? sort.usual()
                : Distractors.of(showing.orElseGet(() -> Showing.of(now, now.scene().start().way())));
    }

    private ToggleButton chip(String text, boolean chosen, Optional<Asked> wanted) {
        return Chips.choice(text, chosen, () -> lesson.edit(new SceneEdit.Ask(wanted)));
    }

    private List<Node> told(Asked asked, Asking asking, Optional<Showing> showing) {
        List<Node> parts = new ArrayList<>();
        String plain = showing.map(now -> asking.saying("").said(now, words())).orElse("");
        parts.add(field("ask-words", asked.words(), plain.isEmpty() ? words().asking().putItYourself() : plain,
                text -> asked.saying(text)));
        switch (asked.question()) {
            case Question.WhichRows(Side side, Question.Fate fate) -> parts.add(fates(asked, side, fate));
            case Question.WhatStands(int row, int column) -> parts.add(places(asked, row, column));
            case Question.InWords(String answer) -> parts.add(field("ask-answer-text", answer,
                    words().asking().theAnswer(), text -> asked.asking(new Question.InWords(text))));
            case Question.FillGap(Gap gap) -> parts.add(gaps(asked, gap));
            case Question.ChangeData(Goal goal) -> parts.addAll(goals(asked, goal));
            case Question.HowMany(),Question.WhichPairs(),Question.WhichKind() -> {}
            case Question.WriteQuery(Demand demand) -> parts.addAll(demands(asked, demand));
            case Question.MatchResults(List<String> others) -> parts.addAll(others(asked, others));
            case Question.SayWithoutJoin() -> {}
        }
        showing.ifPresent(now -> {
            Optional<String> answer = asking.answered(now, words());
            if (answer.isEmpty()) parts.add(Controls.wrapped(words().asking().cannotAsk(), "own-unfit"));
            else if (!(asked.question() instanceof Question.InWords))
                parts.add(Controls.wrapped(words().asking().computed(answer.get()), "about"));
            asking.answer(now).ifPresent(is -> parts.addAll(untold(is)));
        });
        return parts;
    }

    /** Kinds that the answer cannot be told from, and what would tell them apart. */
    private List<Node> untold(Answer answer) {
        if (answer instanceof Answer.Matched matched && matched.hasTwins())
            return List.of(Controls.wrapped(words().asking().sameResult(), "own-unfit"));
        if (!(answer instanceof Answer.Kinds(_, var same, var missing)) || same.size() < 2) return List.of();
        List<Node> parts = new ArrayList<>(List.of(Controls.wrapped(words().asking().cannotTell(
                same.stream().map(words().names()::kind).collect(Collectors.joining(", "))), "own-unfit")));
        for (KindChart.Sort sort : missing) {
            side(sort).ifPresent(side -> {
                Button add = Controls.button(words().asking().tellApart(side));
                add.setWrapText(true);
                add.setOnAction(_ -> lesson.edit(new SceneEdit.Arrange(
                        side == Side.LEFT ? Situation.UNMATCHED_LEFT : Situation.UNMATCHED_RIGHT)));
                parts.add(add);
            });
        }
        return parts;
    }

    private static Optional<Side> side(KindChart.Sort sort) {
        return switch (sort) {
            case LEFT_UNMATCHED -> Optional.of(Side.LEFT);
            case RIGHT_UNMATCHED -> Optional.of(Side.RIGHT);
            case PAIRS -> Optional.empty();
        };
    }

    /** Says what the question may mean beside what is meant; it is found out later, and changes nothing else here. */
    void means(Optional<OtherMeaning> other) {
        meaning.setText(other.map(one -> words().asking().otherMeaning(Lexeme.inOneLine(one.sql()),
                String.join("; ", one.differs().told(words())))).orElse(""));
        meaning.setVisible(other.isPresent());
        meaning.setManaged(other.isPresent());
    }

    /** What counts of a query beside its rows. */
    private List<Node> demands(Asked asked, Demand demand) {
        return List.of(
                demanded("ask-order", words().asking().orderCounts(), demand.order(),
                        counts -> asked.asking(new Question.WriteQuery(demand.order(counts)))),
                demanded("ask-headings", words().asking().headingsCount(), demand.headings(),
                        count -> asked.asking(new Question.WriteQuery(demand.headings(count)))));
    }

    private CheckBox demanded(String id, String text, boolean now, Function<Boolean, Asked> change) {
        CheckBox box = Controls.checkBox(text);
        box.setId(id);
        box.setSelected(now);
        box.setOnAction(_ -> lesson.edit(new SceneEdit.Ask(Optional.of(change.apply(box.isSelected())))));
        return box;
    }

    /** The other queries, and room for one more. */
    private List<Node> others(Asked asked, List<String> others) {
        int fields = Math.min(others.size() + 1, Question.MatchResults.MOST_OTHERS);
        return IntStream.range(0, fields).<Node>mapToObj(at -> field("ask-other-" + (at + 1),
                at < others.size() ? Lexeme.inOneLine(others.get(at)) : "",
                words().asking().otherQuery(at + 1), text -> {
                    List<String> changed = new ArrayList<>(others);
                    if (at < others.size()) changed.set(at, text);
                    else changed.add(text);
                    return asked.asking(new Question.MatchResults(changed));
                })).toList();
    }

    private Chips fates(Asked asked, Side side, Question.Fate fate) {
        return new Chips(Stream.of(Side.values()).flatMap(of -> Stream.of(Question.Fate.values())
                .map(what -> chip(switch (what) {
                    case UNMATCHED -> words().asking().rowsUnmatched(of);
                    case IN_RESULT -> words().asking().rowsThatCome(of);
                }, of == side && what == fate, Optional.of(asked.asking(new Question.WhichRows(of, what))))))
                .toArray(ToggleButton[]::new));
    }

    private Chips gaps(Asked asked, Gap gap) {
        return new Chips(Stream.of(Gap.values()).map(one -> chip(words().handingOut().gap(one), one == gap,
                Optional.of(asked.asking(new Question.FillGap(one))))).toArray(ToggleButton[]::new));
    }

    /** What is to be true of the tables; of another query, that is written. */
    private List<Node> goals(Asked asked, Goal goal) {
        String sql = goal instanceof Goal.Differ(String written) ? written : lesson.lesson().get().staged().sql();
        Chips chips = new Chips(
                chip(words().asking().kindsAlike(), goal instanceof Goal.KindsAlike,
                        Optional.of(asked.asking(new Question.ChangeData(new Goal.KindsAlike())))),
                chip(words().asking().differ(), goal instanceof Goal.Differ,
                        Optional.of(asked.asking(new Question.ChangeData(new Goal.Differ(sql))))));
        return goal instanceof Goal.Differ
                ? List.of(chips, field("ask-other-query", sql, words().asking().typeAnswer(false),
                        text -> asked.asking(new Question.ChangeData(new Goal.Differ(text)))))
                : List.of(chips);
    }

    private Form places(Asked asked, int row, int column) {
        NumberBox<Integer> rows = NumberBox.whole(1, 10_000, row + 1);
        NumberBox<Integer> columns = NumberBox.whole(1, 200, column + 1);
        for (NumberBox<Integer> number : List.of(rows, columns)) {
            number.valueProperty().subscribe((_, _) -> lesson.edit(new SceneEdit.Ask(Optional
                    .of(asked.asking(new Question.WhatStands(rows.getValue() - 1, columns.getValue() - 1))))));
        }
        Form form = new Form();
        form.ask(words().asking().row(), rows);
        form.ask(words().asking().column(), columns);
        return form;
    }

    private interface Change {
        Asked of(String text);
    }

    /** What is typed becomes a change when the field is left. */
    private TextField field(String id, String text, String prompt, Change change) {
        TextField field = new TextField(text);
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        Runnable keep = () -> {
            if (!field.getText().equals(text))
                lesson.edit(new SceneEdit.Ask(Optional.of(change.of(field.getText().strip()))));
        };
        field.setOnAction(_ -> keep.run());
        field.focusedProperty().subscribe((before, now) -> {
            if (before && !now) keep.run();
        });
        return field;
    }
}
