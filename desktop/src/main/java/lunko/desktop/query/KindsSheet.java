package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.words.KindWords.Figure;
import lunko.engine.JoinResult;
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

    KindsSheet(ShowModel model, Runnable close) {
        super(model, "kinds", words().kinds().everyKind(), close);
        side.getStyleClass().add("chart-side");
        say(words().kinds().everyKindAbout());
        keepBelow(why);
        model.showing().subscribe((before, now) -> {
            if (isOpen() && !now.isOfSameJoin(before)) show(now.lesson());
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
        JoinKind chosen = chart.get().outcome().kind();
        KindChartView view = new KindChartView(chart.get(), chosen, model()::canChoose, model()::choose);
        view.pointed().subscribe(pointed -> {
            why.show(pointed.flatMap(cell -> cell.line().flatMap(line -> new ChartWhy(chart.get(), line, cell.kind())
                    .said())).map(said -> said.in(words())).orElse(Phrase.EMPTY));
            say(chart.get(), chosen, pointed.map(KindChartView.Pointed::kind).filter(kind -> kind != chosen));
        });
        VBox left = new VBox(view, cross(chart.get().outcome()), new KindChartLegend());
        left.getStyleClass().add("chart-main");
        HBox.setHgrow(left, Priority.ALWAYS);
        HBox both = new HBox(left, side);
        both.getStyleClass().add("chart");
        put(List.of(both));
    }

    private static Node cross(JoinResult outcome) {
        return label(words().kinds().crossGives(outcome.join().left().rows().size(),
                outcome.join().right().rows().size()), "about");
    }

    /** What goes and what comes from the kind that is chosen to another; and what holds on these tables, and always. */
    private void say(KindChart chart, JoinKind chosen, Optional<JoinKind> other) {
        List<Node> parts = new ArrayList<>();
        other.ifPresentOrElse(kind -> {
            KindChart.Change change = chart.change(chosen, kind);
            parts.add(label(words().kinds().change(chosen, kind), "small-title"));
            parts.add(label(words().kinds().removed(change.removed().size()), "chart-removed"));
            parts.addAll(whys(chart, change.removed(), kind));
            parts.add(label(words().kinds().added(change.added().size()), "chart-added"));
            parts.addAll(whys(chart, change.added(), kind));
        }, () -> parts.add(label(words().kinds().pointAtAnother(), "about")));
        parts.add(label(words().kinds().sameTitle(), "small-title"));
        List<KindChart.Same> same = chart.same();
        if (same.isEmpty()) parts.add(label(words().kinds().noneSame(), "about"));
        same.forEach(kinds -> parts.add(label(words().kinds().same(kinds, table(chart, Side.LEFT),
                table(chart, Side.RIGHT)), "chart-law")));
        parts.add(label(words().kinds().lawsTitle(), "small-title"));
        KindChart.LAWS.forEach(law -> parts.add(label(words().kinds().law(figure(chart, law.whole()),
                law.parts().stream().map(part -> figure(chart, part)).toList()), "chart-law")));
        side.getChildren().setAll(parts);
    }

    private static Figure figure(KindChart chart, JoinKind kind) {
        return new Figure(kind, chart.rows(kind));
    }

    private static String table(KindChart chart, Side side) {
        return words().names().rows(chart.outcome().join().on(side).title());
    }

    private static List<PhraseFlow> whys(KindChart chart, List<KindChart.Line> lines, JoinKind kind) {
        return lines.stream().limit(MOST_EXPLAINED).flatMap(line -> new ChartWhy(chart, line, kind).said().stream())
                .map(said -> {
                    PhraseFlow why = new PhraseFlow("chart-change");
                    why.show(said.in(words()));
                    return why;
                }).toList();
    }
}
