package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.handout.PictureCopy;
import lunko.desktop.handout.PictureHandle;
import lunko.desktop.show.model.ShowModel;
import lunko.handout.figure.Motif;
import lunko.desktop.words.KindWords.Figure;
import lunko.insight.explanation.ChartWhy;
import lunko.insight.picture.KindChart;
import lunko.lesson.Lesson;
import lunko.phrase.Phrase;
import lunko.query.JoinKind;
import lunko.query.Side;

/** What every kind of join makes of each row, side by side, and what changes from one kind to another. */
final class KindsSheet extends StageSheet {
    /** So many rows of a change are explained. */
    private static final int MOST_EXPLAINED = 3;

    private final VBox side = new VBox();
    private final PhraseFlow why = new PhraseFlow("chart-why");
    private final Label cross = label("", "about");
    private final HBox all = new HBox();
    private Optional<KindChart> chart = Optional.empty();
    private Optional<KindChartView> view = Optional.empty();

    KindsSheet(ShowModel model, Runnable close) {
        super(model, "kinds", words().kinds().everyKind(), close);
        side.getStyleClass().add("chart-side");
        all.getStyleClass().add("chart");
        say(words().kinds().everyKindAbout());
        keepBelow(why);
        offer(PictureHandle.of(new PictureCopy(model), () -> Motif.KINDS));
        // In a chain the steps go on to another join.
        model.showing().subscribe((before, now) -> {
            if (isOpen() && now.lesson() == before.lesson() && !now.isOfSameJoin(before)) show(now.lesson());
        });
    }

    @Override
    void show(Lesson lesson) {
        Optional<KindChart> chart = model().showing().get().outcome().flatMap(KindChart::of);
        if (chart.isEmpty()) {
            why.show(Phrase.EMPTY);
            put(List.of(label(words().kinds().noChart(), "about")));
            return;
        }
        this.chart = chart;
        if (view.isEmpty()) {
            view = Optional.of(new KindChartView(chart.get(), model()::canChoose, model()::choose, heightProperty()));
            view.get().pointed().subscribe(this::tell);
            VBox left = new VBox(view.get(), cross, new KindChartLegend());
            left.getStyleClass().add("chart-main");
            HBox.setHgrow(left, Priority.ALWAYS);
            all.getChildren().setAll(left, side);
        } else {
            view.get().show(chart.get(), model()::canChoose);
            tell(Optional.empty());
        }
        cross.setText(words().kinds().crossGives(chart.get().outcome().join().left().rows().size(),
                chart.get().outcome().join().right().rows().size()));
        if (all.getParent() == null) put(List.of(all));
    }

    /** Why the cell is as it is that is pointed at, and what its kind would change. */
    private void tell(Optional<KindChartView.Pointed> pointed) {
        KindChart now = chart.orElseThrow();
        why.show(pointed.flatMap(at -> view.flatMap(there -> there.line(at)))
                .map(line -> new ChartWhy(now, line, pointed.get().kind()))
                .map(cell -> cell.said().in(words())).orElse(Phrase.EMPTY));
        side.getChildren().setAll(Stream.concat(change(now, pointed.map(KindChartView.Pointed::kind)
                .filter(kind -> kind != now.outcome().kind())), laws(now)).toList());
    }

    /** What goes and what comes from the kind on the stage to another. */
    private static Stream<Node> change(KindChart chart, Optional<JoinKind> other) {
        if (other.isEmpty()) return Stream.of(label(words().kinds().pointAtAnother(), "about"));
        JoinKind from = chart.outcome().kind();
        JoinKind to = other.get();
        KindChart.Difference removed = chart.onlyIn(from, to, MOST_EXPLAINED);
        KindChart.Difference added = chart.onlyIn(to, from, MOST_EXPLAINED);
        return Stream.of(Stream.of(label(words().kinds().change(from, to), "small-title"),
                label(words().kinds().removed(removed.count()), "chart-changed")), whys(chart, removed, to),
                Stream.of(label(words().kinds().added(added.count()), "chart-changed")), whys(chart, added, to))
                .flatMap(parts -> parts);
    }

    /** What holds on these tables, and on any. */
    private static Stream<Node> laws(KindChart chart) {
        List<Node> parts = new ArrayList<>();
        parts.add(label(words().kinds().sameTitle(), "small-title"));
        List<KindChart.Same> same = chart.same();
        if (same.isEmpty()) parts.add(label(words().kinds().noneSame(), "about"));
        same.forEach(kinds -> parts.add(label(words().kinds().same(kinds, table(chart, Side.LEFT),
                table(chart, Side.RIGHT)), "chart-law")));
        parts.add(label(words().kinds().lawsTitle(), "small-title"));
        KindChart.LAWS.forEach(law -> parts.add(label(words().kinds().law(figure(chart, law.whole()),
                law.parts().stream().map(part -> figure(chart, part)).toList()), "chart-law")));
        return parts.stream();
    }

    private static Figure figure(KindChart chart, JoinKind kind) {
        return new Figure(kind, chart.rows(kind));
    }

    private static String table(KindChart chart, Side side) {
        return words().names().rows(chart.outcome().join().on(side).title());
    }

    private static Stream<Node> whys(KindChart chart, KindChart.Difference lines, JoinKind kind) {
        return lines.first().stream().map(line -> {
            PhraseFlow why = new PhraseFlow("chart-change");
            why.show(new ChartWhy(chart, line, kind).said().in(words()));
            return why;
        });
    }
}
