package lunko.desktop.show.ask;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Action;
import lunko.desktop.action.Chips;
import lunko.desktop.action.Controls;
import lunko.desktop.look.FittingFlow;
import lunko.desktop.show.model.Practice;
import lunko.desktop.show.model.ShowModel;
import lunko.engine.Stage;
import lunko.insight.picture.Lineage.Pointed;
import lunko.insight.question.Answer;
import lunko.insight.question.Guess;
import lunko.insight.question.Judgement;
import lunko.insight.question.Question;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.Showing;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The question of the scene: what is asked, where the guess is put in, and, uncovered, what it has come to. */
public final class AskBar extends VBox {
    /** Of more rows than that, those that are asked for are clicked in their table. */
    private static final int MOST_CHIPS = 12;
    private static final int MOST_EXPLAINED = 4;

    private final ShowModel model;
    private final Practice practice;
    private final Label question = new Label();
    private final FittingFlow input = new FittingFlow(8, 6);
    private final MatchResults results = new MatchResults();
    private Optional<MatchBox> matches = Optional.empty();

    /** The bar of a model; {@code buttons} are for whoever practises, {@code uncover} shows the answer. */
    public AskBar(ShowModel model, Practice practice, Node buttons, Action uncover) {
        this.model = model;
        this.practice = practice;
        getStyleClass().addAll("card", "ask-bar");
        setId("ask");
        question.getStyleClass().add("ask-question");
        question.setWrapText(true);
        question.setMinWidth(200);
        HBox.setHgrow(input, Priority.ALWAYS);
        Button open = uncover.button(Feather.EYE);
        open.setMinWidth(USE_PREF_SIZE);
        open.setId("uncover");
        setMinHeight(USE_PREF_SIZE);
        HBox line = new HBox(question, input, buttons, open);
        line.getStyleClass().add("ask-line");
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(line);
        model.asking().subscribe((before, now) -> {
            if (before.map(Asking::asked).equals(now.map(Asking::asked))
                    && before.map(Asking::uncovered).equals(now.map(Asking::uncovered)))
                mark(now);
            else show();
        });
        model.showing().subscribe((before, now) -> {
            if (before.run() != now.run()) show();
        });
        show();
    }

    private void show() {
        Optional<Asking> asking = model.asking().get();
        setVisible(asking.isPresent());
        setManaged(isVisible());
        asking.ifPresent(open -> {
            Showing now = model.showing().get();
            question.setText(open.said(now, words()));
            Optional<Answer> answer = open.answer(now);
            matches.ifPresent(getChildren()::remove);
            Optional<Answer.Matched> matched = answer.filter(Answer.Matched.class::isInstance)
                    .map(Answer.Matched.class::cast);
            results.show(matched.map(Answer.Matched::results).orElse(List.of()));
            matches = matched.map(of -> new MatchBox(model, of));
            matches.ifPresent(getChildren()::add);
            input.getChildren().setAll(answer.isEmpty() ? List.of(about(words().asking().cannotAsk()))
                    : open.uncovered() ? uncovered(open, now) : fields(open.question(), now));
            mark(asking);
        });
    }

    /** The results that are to be matched with queries, which stand in the place of the pictures. */
    public Region results() {
        return results;
    }

    /** Where the guess is put in. */
    private List<Node> fields(Question asked, Showing now) {
        return switch (asked) {
            case Question.HowMany() -> List.of(field(140, text -> text.strip().matches("[0-9]{1,15}")
                    ? Optional.of(new Guess.Number(Long.parseLong(text.strip()))) : Optional.empty()));
            case Question.WhichRows(Side side, _) -> chips(side, now);
            case Question.WhichPairs() -> List.of(about(words().asking().clickCells()));
            case Question.WhichKind() -> List.of(about(words().asking().chooseKind()));
            case Question.WhatStands _,Question.InWords _ ->
                List.of(field(240, text -> Optional.of(new Guess.Typed(text))));
            case Question.MatchResults _ -> List.of(about(words().asking().chooseResults()));
            case Question.WriteQuery _,Question.SayWithoutJoin(),Question.FillGap _ -> List.of(queryField());
            case Question.ChangeData _ -> List.of(about(words().asking().changeTables()));
        };
    }

    private interface Reading {
        Optional<Guess> of(String text);
    }

    private TextField field(double width, Reading reading) {
        TextField field = new TextField(model.asking().get().flatMap(Asking::guess).map(AskBar::typed).orElse(""));
        field.setId("guess");
        field.getStyleClass().add("guess-field");
        field.setPrefWidth(width);
        field.setPromptText(words().asking().guess());
        field.setAccessibleText(words().asking().guess());
        field.textProperty().subscribe((_, text) -> reading.of(text).ifPresent(model::guess));
        field.setOnAction(_ -> {
            if (practice.on().get()) practice.check();
            else field.getScene().getRoot().requestFocus();
        });
        return field;
    }

    private static String typed(Guess guess) {
        return switch (guess) {
            case Guess.Number(long rows) -> String.valueOf(rows);
            case Guess.Typed(String text) -> text;
            case Guess.Written(String text, _, _) -> text;
            case Guess.Kind _,Guess.Marked _,Guess.Matched _,Guess.Changed() -> "";
        };
    }

    private TextField queryField() {
        TextField field = field(460, _ -> Optional.empty());
        field.getStyleClass().add("sql-field");
        field.setPromptText(words().asking().typeAnswer(model.asking().get()
                .filter(open -> open.question() instanceof Question.FillGap).isPresent()));
        field.setOnAction(_ -> {
            model.guess(field.getText());
            field.getScene().getRoot().requestFocus();
        });
        return field;
    }

    /** The rows of a side, each to be marked. */
    private List<Node> chips(Side side, Showing now) {
        Optional<Stage> stage = now.outcome().map(outcome -> outcome.join().on(side));
        int rows = stage.map(of -> of.rows().size()).orElse(0);
        if (rows > MOST_CHIPS) return List.of(about(words().asking().clickRows()));
        return IntStream.range(0, rows).<Node>mapToObj(row -> {
            ToggleButton chip = Chips.of(words().names().shortRow(stage.get().name(row)));
            Pointed pointed = new Pointed.Source(side, row);
            chip.setUserData(pointed);
            chip.setOnAction(_ -> model.mark(pointed));
            return chip;
        }).toList();
    }

    /** Shows what is guessed so far where it is put in. */
    private void mark(Optional<Asking> asking) {
        matches.ifPresent(box -> asking.ifPresent(box::show));
        Set<Pointed> marked = asking.map(open -> open.marked().marked()).orElse(Set.of());
        input.getChildren().stream().filter(ToggleButton.class::isInstance).map(ToggleButton.class::cast)
                .forEach(chip -> chip.setSelected(marked.contains(chip.getUserData())));
        asking.flatMap(Asking::guess).filter(Guess.Written.class::isInstance).map(Guess.Written.class::cast)
                .filter(_ -> !asking.get().uncovered()).ifPresent(this::taken);
        boolean choosing = asking.filter(open -> !open.uncovered() && open.question() instanceof Question.WhichKind)
                .isPresent();
        if (choosing && asking.get().guess().orElse(null) instanceof Guess.Kind(var kind)) input.getChildren()
                .setAll(about(words().asking().guessedKind(words().names().kind(kind))));
    }

    /** That a query has been taken as the guess, or why it cannot be one. */
    private void taken(Guess.Written guess) {
        input.getChildren().removeIf(Label.class::isInstance);
        input.getChildren().add(guess.result().either(_ -> about(words().asking().taken()),
                problem -> Controls.wrapped(words().problems().of(problem.fault()).text(), "query-problem")));
    }

    /** What the guess has come to, and the rows that were not as it says, each with its why. */
    private List<Node> uncovered(Asking open, Showing now) {
        List<Node> parts = new ArrayList<>();
        Optional<Judgement> judgement = open.judgement(now);
        judgement.filter(judged -> judged.verdict() != Judgement.Verdict.OPEN).ifPresent(judged -> {
            boolean right = judged.verdict() == Judgement.Verdict.RIGHT;
            Label verdict = new Label(right ? words().questions().right() : words().questions().notQuite());
            verdict.getStyleClass().addAll("ask-verdict", right ? "right-guess" : "wrong-guess");
            verdict.setGraphic(new FontIcon(right ? Feather.CHECK : Feather.X));
            parts.add(verdict);
        });
        Label is = new Label(open.answered(now, words()).orElse(""));
        is.getStyleClass().add("ask-answer");
        is.setId("answer");
        is.setWrapText(true);
        parts.add(is);
        judgement.ifPresent(judged -> {
            parts.addAll(explained(judged.missed(), now, true));
            parts.addAll(explained(judged.tooMany(), now, false));
        });
        return parts;
    }

    private List<Node> explained(Set<Pointed> rows, Showing now, boolean missed) {
        return Answer.sorted(rows).limit(MOST_EXPLAINED).<Node>map(row -> {
            String name = Asking.name(row, now, words());
            Button why = Controls.button(missed ? words().questions().missed(name) : words().questions().tooMany(name));
            why.getStyleClass().add("ask-why");
            why.setOnAction(_ -> now.decided(row).ifPresent(step -> {
                model.goTo(step);
                model.pointing().choose(Optional.of(row));
            }));
            return why;
        }).toList();
    }

    private static Label about(String text) {
        return Controls.wrapped(text, "about");
    }
}
