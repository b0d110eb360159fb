package lunko.desktop.query;

import static lunko.desktop.words.Spoken.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import lunko.desktop.action.Controls;
import lunko.desktop.look.PhraseFlow;
import lunko.desktop.look.SqlFlow;
import lunko.desktop.show.model.ShowModel;
import lunko.desktop.work.Latest;
import lunko.insight.comparison.Alignment;
import lunko.insight.explanation.GapWhy;
import lunko.lesson.Lesson;
import lunko.lesson.SceneEdit;
import lunko.lesson.Sending;
import lunko.lesson.WrittenQuery;
import lunko.phrase.Phrase;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.change.ConditionSite;
import lunko.query.change.Conditions.SitedCondition;
import lunko.query.change.Conditions;
import lunko.query.change.Joins;
import lunko.query.sql.QueryExpression;
import lunko.query.sql.SqlWriter;

/** Each condition of the query where it stands, and sent to the other place: the two results side by side. */
final class OnWhereSheet extends StageSheet {
    private static final int MOST_WHYS = 4;

    /** A condition, and where it could be sent. */
    private record Choice(SitedCondition condition, ConditionSite to, int joins) {

        private String from() {
            return SiteNames.of(condition.seat(), joins);
        }

        private String there() {
            return SiteNames.of(to, joins);
        }
    }

    /** A choice that has been made of a lesson's conditions, among those that there are. */
    private record SendingAsked(Lesson lesson, Choice choice, Node buttons) {}

    private record SendingFound(SendingAsked asked, Checked<Sending> sending) {}

    private final Latest<SendingAsked,
            SendingFound> latest = new Latest<>("ON or WHERE",
                    asked -> new SendingFound(asked,
                            Sending.of(asked.lesson().staged().query(), asked.lesson().tables(),
                                    asked.choice().condition(),
                                    asked.choice().to())),
                    this::show);
    private final PhraseFlow pointed = new PhraseFlow("chart-why");
    private Optional<Choice> chosen = Optional.empty();

    OnWhereSheet(ShowModel model, Runnable close) {
        super(model, "on-where", words().sheets().onOrWhere(), close);
        keepBelow(pointed);
    }

    @Override
    void show(Lesson lesson) {
        say(words().sheets().onOrWhereAbout());
        lesson.staged().query().read().handle(read -> show(lesson, read.query().query()),
                (Problem problem) -> put(
                        List.of(label(words().problems().of(problem.fault()).text(), "query-problem"))));
    }

    private void show(Lesson lesson, QueryExpression query) {
        List<Choice> choices = choices(query);
        if (choices.isEmpty()) {
            put(List.of(label(
                    words().sheets().nothingToMove(),
                    "about")));
            return;
        }
        Choice now = chosen.filter(choices::contains).orElse(choices.getLast());
        chosen = Optional.of(now);
        FlowPane buttons = flow("choices");
        for (Choice choice : choices) {
            ToggleButton button =
                    Controls.toggle(words().sheets().move(text(choice.condition()), choice.from(), choice.there()));
            button.setSelected(choice.equals(now));
            button.setOnAction(_ -> {
                chosen = Optional.of(choice);
                show(lesson);
            });
            buttons.getChildren().add(button);
        }
        latest.ask(new SendingAsked(lesson, now, buttons));
    }

    private void show(SendingFound found) {
        SendingAsked asked = found.asked();
        if (asked.lesson() != model().lesson().lesson().get()) return;
        pointed.show(Phrase.EMPTY);
        List<Node> parts = new ArrayList<>(List.of(asked.buttons()));
        found.sending().handle(
                sending -> parts.addAll(compared(asked.lesson().staged().query(), asked.choice(), sending)),
                (Problem problem) -> parts.add(label(words().problems().of(problem.fault()).text(), "query-problem")));
        put(parts);
    }

    private static List<Choice> choices(QueryExpression query) {
        int joins = Joins.of(query).size();
        return Conditions.of(query).stream().flatMap(
                condition -> Conditions.others(query, condition).stream().map(to -> new Choice(condition, to, joins)))
                .toList();
    }

    private static String text(SitedCondition condition) {
        return new SqlWriter().expression(condition.condition());
    }

    private List<Node> compared(WrittenQuery now, Choice choice, Sending sending) {
        Button send = Controls.button(words().sheets().moveIt());
        send.getStyleClass().add("use");
        send.setId("send");
        send.setMinWidth(Region.USE_PREF_SIZE);
        send.setOnAction(_ -> model().lesson().edit(new SceneEdit.Write(Optional.of(sending.sent()))));
        GridPane texts = new GridPane();
        texts.addRow(0, new SqlFlow(now.sql()), new VBox(new SqlFlow(sending.sent().sql()), send));
        texts.getColumnConstraints().setAll(half(), half());
        texts.getStyleClass().add("side-by-side");
        List<Node> parts = new ArrayList<>(List.of(texts, new AlignedGrid(sending.both(),
                List.of(words().sheets().asItIs(choice.from(), sending.here().rows().size()),
                        words().sheets().inOther(choice.there(), sending.there().rows().size())),
                pointed::show)));
        if (!sending.both().isWhole()) parts.add(label(words().sheets().onlyFirstRows(Alignment.MOST), "about"));
        if (sending.isSame()) parts.add(label(words().sheets().sameWherever(), "way-about"));
        else sending.both().lines().stream().filter(line -> !line.isEverywhere()).limit(MOST_WHYS)
                .forEach(line -> parts.add(why(choice, sending.both(), line)));
        return parts;
    }

    private static ColumnConstraints half() {
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        return half;
    }

    /** Why a row is there with the condition in the one place, and what becomes of it in the other. */
    private static Node why(Choice choice, Alignment both, Alignment.Line line) {
        VBox whys = new VBox();
        whys.getStyleClass().add("why-both");
        for (int result : List.of(line.first(), 1 - line.first())) {
            String place = result == 0 ? choice.from() : choice.there();
            new GapWhy(both, line, result).said()
                    .ifPresent(
                            said -> whys.getChildren().add(flow(words().sheets().withItIn(place, said.in(words())))));
        }
        return whys;
    }

    private static PhraseFlow flow(Phrase phrase) {
        PhraseFlow flow = new PhraseFlow("why-small");
        flow.show(phrase);
        return flow;
    }
}
