package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.MenuButton;
import lunko.desktop.action.Chips;
import lunko.desktop.action.Controls;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.engine.Stage;
import lunko.insight.comparison.Alignment;
import lunko.lesson.History;
import lunko.lesson.Lesson;
import lunko.lesson.WrittenQuery;
import lunko.phrase.Phrase;
import lunko.problem.Checked;
import lunko.query.JoinKind;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Two to four results side by side: of queries of the text, of kinds, of scenes, of the lesson before an edit. */
final class SideBySideSheet extends StageSheet {
    private static final int MOST = 4;

    /** Something that can be compared, under a name that stays the same. */
    private record Candidate(String title, Supplier<Checked<Stage>> result) {}

    /** What is to be compared of a lesson, under what can be. */
    private record Comparison(Lesson lesson, List<Candidate> wanted, Node choices) {}

    private record Compared(Comparison of, List<Checked<Stage>> results) {}

    private final Set<String> chosen = new LinkedHashSet<>();
    private final PhraseFlow why = new PhraseFlow("chart-why");
    private final Latest<Comparison, Compared> latest = new Latest<>("side by side",
            asked -> new Compared(asked, asked.wanted().stream().map(one -> one.result().get()).toList()), this::show);

    SideBySideSheet(ShowModel model, Runnable close) {
        super(model, "side-by-side-sheet", words().sheets().sideBySide(), close);
        say(words().sheets().sideBySideAbout());
        keepBelow(why);
    }

    @Override
    void show(Lesson lesson) {
        List<Candidate> all = candidates(lesson);
        Set<String> titles = all.stream().map(Candidate::title).collect(Collectors.toSet());
        chosen.retainAll(titles);
        // Something to be compared with at first.
        if (chosen.isEmpty() && all.size() > 1) chosen.add(all.get(1).title());
        List<Candidate> wanted = Stream.concat(Stream.of(all.getFirst()),
                all.stream().skip(1).filter(one -> chosen.contains(one.title()))).limit(MOST).toList();
        latest.ask(new Comparison(lesson, wanted, choices(all, lesson)));
    }

    private void show(Compared compared) {
        if (compared.of().lesson() != model().lesson().lesson().get()) return;
        why.show(Phrase.EMPTY);
        put(Stream.concat(Stream.of(compared.of().choices()), table(compared.of().wanted(), compared.results()))
                .toList());
    }

    private List<Candidate> candidates(Lesson lesson) {
        List<Candidate> all = new ArrayList<>();
        all.add(new Candidate(words().sheets().asShown(), () -> lesson.staged().result()));
        WrittenQuery query = lesson.staged().query();
        for (int n = 0; n < query.statements().size(); n++) {
            int number = n;
            if (n != query.number()) all.add(new Candidate(words().sheets().queryNumber(n + 1),
                    () -> query.at(number).on(lesson.tables())));
        }
        History history = model().lesson().history().get();
        history.past().filter(done -> done.before().scenes().at() == lesson.scenes().at())
                .ifPresent(done -> all.add(new Candidate(words().sheets().beforeChange(done.name(words().edits())),
                        () -> done.before().staged().result())));
        Optional<JoinKind> now = model().showing().get().kind();
        for (JoinKind kind : JoinKind.values()) {
            if (!model().canChoose(kind) || now.filter(kind::equals).isPresent()) continue;
            all.add(new Candidate(words().names().kind(kind), () -> lesson.staged()
                    .choosing(model().joinAtHand(), model().showing().get().joins(), kind)
                    .map(edit -> edit.applyTo(lesson).then(changed -> changed.staged().result()))
                    .orElseGet(() -> lesson.staged().result())));
        }
        for (int n = 0; n < lesson.scenes().size(); n++) {
            int number = n;
            if (n != lesson.scenes().at()) all.add(new Candidate(
                    words().scenes().numbered(n + 1, lesson.scenes().all().get(n).telling().title()),
                    () -> lesson.at(number).staged().result()));
        }
        return all;
    }

    /** What can be compared is in a menu; what is, stands beside it, to be taken away again. */
    private Chips choices(List<Candidate> all, Lesson lesson) {
        MenuButton more = Controls.menuButton(words().sheets().compareWith());
        more.setId("compare-with");
        Chips choices = new Chips(more);
        for (Candidate one : all.subList(1, all.size())) {
            CheckMenuItem item = Controls.checkItem(one.title());
            item.setSelected(chosen.contains(one.title()));
            item.setOnAction(_ -> toggle(one, lesson));
            more.getItems().add(item);
            if (!chosen.contains(one.title())) continue;
            Button chip = Controls.button(one.title(), new FontIcon(Feather.X));
            chip.getStyleClass().add("choice-chip");
            chip.setContentDisplay(ContentDisplay.RIGHT);
            chip.setAccessibleText(words().sheets().leaveOut(one.title()));
            chip.setOnAction(_ -> toggle(one, lesson));
            choices.getChildren().add(chip);
        }
        return choices;
    }

    private void toggle(Candidate one, Lesson lesson) {
        if (!chosen.remove(one.title())) chosen.add(one.title());
        // The one that was chosen first makes room.
        if (chosen.size() >= MOST) chosen.remove(chosen.iterator().next());
        show(lesson);
    }

    private Stream<Node> table(List<Candidate> wanted, List<Checked<Stage>> found) {
        for (int n = 0; n < found.size(); n++) {
            String title = wanted.get(n).title();
            Optional<Node> problem = found.get(n).either(_ -> Optional.empty(), no -> Optional.of(label(
                    words().sheets().cannotCompare(title, words().problems().of(no.fault()).text()), "query-problem")));
            if (problem.isPresent()) return problem.stream();
        }
        Alignment alignment = Alignment.of(found.stream().map(Checked::expect).toList());
        List<String> titles = IntStream.range(0, found.size()).mapToObj(n -> words().sheets()
                .resultTitle(wanted.get(n).title(), alignment.results().get(n).rows().size())).toList();
        AlignedGrid grid = new AlignedGrid(alignment, titles, why::show);
        return alignment.isWhole() ? Stream.of(grid)
                : Stream.of(grid, label(words().sheets().onlyFirstRows(Alignment.MOST), "about"));
    }
}
