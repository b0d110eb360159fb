package lunko.handout.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import lunko.engine.sql.ResultTable;
import lunko.exchange.page.MarkdownText;
import lunko.exchange.result.ResultFormat;
import lunko.lesson.Lesson;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.words.Language;

/** A lesson as Markdown (CommonMark with tables of GitHub Flavored Markdown), its pictures beside it. */
public final class LessonMarkdown {
    private static final String FENCE = "```";

    private LessonMarkdown() {}

    /** The text of some scenes, each of whose pictures has a name by its number, counted from 0. */
    public static String of(List<Showing> scenes, IntFunction<String> picture, Language in) {
        StringBuilder text = new StringBuilder();
        if (scenes.isEmpty()) return "";
        Lesson lesson = scenes.getFirst().lesson();
        text.append("# ").append(MarkdownText.escaped(lesson.title())).append("\n\n");
        try {
            MarkdownText.write(lesson.shared(), text);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        for (int i = 0; i < scenes.size(); i++) text.append(scene(i, scenes.get(i), picture.apply(i), in));
        return text.toString();
    }

    /** One scene, under a heading with its number. */
    static String scene(int number, Showing scene, String picture, Language in) {
        String title = MarkdownText.escaped(SceneSql.title(scene.lesson()));
        StringBuilder text = new StringBuilder("## " + in.handouts().numbered(number + 1, title) + "\n\n");
        Asking.of(scene.lesson())
                .ifPresent(asking -> text.append("> ").append(MarkdownText.escaped(asking.said(scene, in)))
                        .append("\n\n"));
        text.append(fenced(scene.lesson().staged().query().alone().sql().strip())).append("![").append(title)
                .append("](").append(picture).append(")\n\n");
        Optional<ResultTable> result = scene.timeline().map(timeline -> ResultTable.of(timeline.result()));
        result.ifPresent(rows -> text.append(ResultFormat.MARKDOWN.write(rows, Optional.empty(), 1, in)));
        scene.obstacle().ifPresent(problem -> text
                .append(MarkdownText.escaped(in.problems().of(problem.fault()).text())).append("\n\n"));
        return text.toString();
    }

    /** SQL as a block; a fence is longer than any in it. */
    private static String fenced(String sql) {
        String fence = FENCE;
        while (sql.contains(fence)) fence += "`";
        return fence + "sql\n" + sql + "\n" + fence + "\n\n";
    }
}
