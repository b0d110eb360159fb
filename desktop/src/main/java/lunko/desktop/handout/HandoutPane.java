package lunko.desktop.handout;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Choice;
import lunko.desktop.action.Controls;
import lunko.desktop.action.Form;
import lunko.desktop.action.NumberBox;
import lunko.handout.Handout;
import lunko.handout.HandoutKind;
import lunko.handout.Options;
import lunko.handout.figure.Motif;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;
import lunko.handout.sheet.Variant;
import lunko.insight.question.Gap;
import lunko.lesson.Lesson;
import lunko.query.change.SqlDialect;

/** What is to be handed out, and how: chosen on the left, and on the right what will come. */
public final class HandoutPane extends VBox {

    /** Of which scenes. */
    private enum Scope {
        THIS, SELECTED, ALL
    }

    private final Lesson lesson;
    private final Set<Integer> selected;
    private final Choice<HandoutKind> kind =
            new Choice<>(List.of(HandoutKind.values()), one -> one.said(words().handouts()));
    private final Choice<Scope> scope;
    private final Choice<Motif> motif =
            new Choice<>(List.of(Motif.values()), one -> one.said(words().handouts()));
    private final Choice<Paper> paper =
            new Choice<>(List.of(Paper.values()), one -> words().handingOut().paper(one));
    private final Choice<Palette> palette =
            new Choice<>(List.of(Palette.values()), one -> words().handingOut().look(one));
    private final Map<Gap, CheckBox> gaps = new EnumMap<>(Gap.class);
    private final NumberBox<Integer> variants = NumberBox.whole(1, Variant.MOST, 1);
    private final NumberBox<Integer> width = NumberBox.whole(200, 4000, 800, 100);
    private final NumberBox<Double> seconds = NumberBox.decimal(0.1, 60, 1, 0.5);
    private final Choice<Moves> moves =
            new Choice<>(List.of(Moves.values()), one -> words().handingOut().moves(one));
    private final Choice<SqlDialect> target =
            new Choice<>(List.of(SqlDialect.values()), one -> words().rephrasings().dialect(one));
    private final CheckBox answers = Controls.checkBox(words().handingOut().answersShown());
    private final Button save = Controls.button(words().handingOut().save());
    private final VBox asked = new VBox();
    private final PreviewView preview = new PreviewView();

    /**
     * The pane for a lesson.
     *
     * @param selected the scenes that are selected in the outline, counted from 0
     */
    public HandoutPane(Lesson lesson, Set<Integer> selected, HandoutSaving saving, Runnable close) {
        this.lesson = lesson;
        this.selected = new TreeSet<>(selected);
        scope = new Choice<>(scopes(), one -> words().handingOut().scope(one == Scope.THIS ? 1 : scenes(one).size(),
                one == Scope.ALL));
        getStyleClass().addAll("card", "recipe", "handout-pane");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        for (Gap gap : Gap.values()) gaps.put(gap, Controls.checkBox(words().handingOut().gap(gap)));
        kind.setId("handout-kind");
        scope.setId("handout-scenes");
        answers.setSelected(true);
        kind.setValue(HandoutKind.WORKSHEET);
        scope.setValue(scopes().getLast());
        motif.setValue(Motif.SCENE);
        paper.setValue(Paper.A4);
        palette.setValue(Palette.PRINT);
        moves.setValue(Moves.EVERY);
        target.setValue(SqlDialect.STANDARD);
        List.of(variants, width, seconds).forEach(number -> number.valueProperty().subscribe(this::show));
        kind.valueProperty().subscribe((_, now) -> palette.setValue(now.usual()));
        kind.valueProperty().subscribe(this::ask);
        List.of(kind, scope, motif, paper, palette, moves, target)
                .forEach(choice -> choice.valueProperty().subscribe(this::show));
        gaps.values().forEach(gap -> gap.selectedProperty().subscribe(this::show));
        Label title = new Label(words().handingOut().title());
        title.getStyleClass().add("key-check-title");
        HBox middle = new HBox(asked, preview);
        middle.getStyleClass().add("recipe-middle");
        save.setId("handout-save");
        save.setOnAction(_ -> {
            Handout wanted = wanted();
            if (saving.chooseAndSave(wanted)) close.run();
        });
        getChildren().addAll(title, middle, Form.answers(save, close));
        ask();
        show();
    }

    /** Whoever is asked has the keyboard at the first question. */
    @Override
    public void requestFocus() {
        kind.requestFocus();
    }

    private List<Scope> scopes() {
        List<Scope> scopes = new ArrayList<>(List.of(Scope.THIS));
        if (selected.size() > 1) scopes.add(Scope.SELECTED);
        if (lesson.scenes().size() > 1) scopes.add(Scope.ALL);
        return scopes;
    }

    private List<Integer> scenes(Scope of) {
        return switch (of) {
            case THIS -> List.of(lesson.scenes().at());
            case SELECTED -> List.copyOf(selected);
            case ALL -> IntStream.range(0, lesson.scenes().size()).boxed().toList();
        };
    }

    /** What a kind can be asked. */
    private enum Question {
        SCENES, MOTIF, PAPER, LOOK, GAPS, VARIANTS, FILM, WIDTH, ANSWERS, TARGET;

        static Set<Question> of(HandoutKind kind) {
            return switch (kind) {
                case WORKSHEET -> EnumSet.of(SCENES, PAPER, LOOK, GAPS, VARIANTS);
                case ANSWERS -> EnumSet.of(SCENES, PAPER, LOOK, VARIANTS);
                case SUMMARY -> EnumSet.of(PAPER, LOOK);
                case PDF, SVG, PNG -> EnumSet.of(SCENES, MOTIF, LOOK);
                case STEPS, STEPS_SVG -> EnumSet.of(SCENES, LOOK, FILM);
                case GIF -> EnumSet.of(SCENES, LOOK, FILM, WIDTH);
                case MARKDOWN, NOTEBOOK -> EnumSet.of(SCENES, LOOK);
                case PAGE -> EnumSet.of(SCENES, ANSWERS);
                case SCRIPT -> EnumSet.of(SCENES, TARGET);
            };
        }
    }

    /** Asks what the kind that is chosen can be asked, and nothing else. */
    private void ask() {
        Form form = new Form();
        form.ask(words().handingOut().what(), kind);
        for (Question question : Question.of(kind.getValue())) {
            switch (question) {
                case SCENES -> form.ask(words().handingOut().scenes(), scope);
                case MOTIF -> form.ask(words().handingOut().of(), motif);
                case PAPER -> form.ask(words().handingOut().paper(), paper);
                case LOOK -> form.ask(words().handingOut().look(), palette);
                case GAPS -> form.ask(words().handingOut().missing(), column(gaps.values().toArray(Node[]::new)));
                case VARIANTS -> form.ask(words().handingOut().variants(), variants);
                case FILM -> form.ask(words().handingOut().steps(), moves);
                case WIDTH -> {
                    form.ask(words().handingOut().width(), width);
                    form.ask(words().handingOut().seconds(), seconds);
                }
                case ANSWERS -> form.ask(words().handingOut().answers(),
                        column(answers, Controls.wrapped(words().handingOut().answersFound(), "about")));
                case TARGET -> form.ask(words().handingOut().target(), target);
            }
        }
        save.disableProperty().bind(form.waits());
        asked.getChildren().setAll(form);
    }

    private static VBox column(Node... nodes) {
        VBox column = new VBox(6, nodes);
        column.setAlignment(Pos.TOP_LEFT);
        return column;
    }

    private Handout wanted() {
        Set<Gap> missing = EnumSet.noneOf(Gap.class);
        gaps.forEach((gap, box) -> {
            if (box.isSelected()) missing.add(gap);
        });
        Options options = new Options(motif.getValue(), paper.getValue(), palette.getValue(), missing,
                variants.getValue(), width.getValue(), 2, seconds.getValue(), moves.getValue(), answers.isSelected(),
                target.getValue());
        return Handout.of(kind.getValue(), lesson, scenes(scope.getValue()), options, words());
    }

    private void show() {
        preview.show(wanted());
    }
}
