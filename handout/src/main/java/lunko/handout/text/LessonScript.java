package lunko.handout.text;

import java.util.List;
import java.util.stream.Collectors;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.query.change.SqlDialect;
import lunko.words.Language;

/** A lesson as a script for a database: its tables, and each scene's query with what it should give in comments. */
public final class LessonScript {
    private LessonScript() {}

    /** The script of the scenes that some lessons show. */
    public static String of(List<Lesson> scenes, SqlDialect target, Language in) {
        StringBuilder text = new StringBuilder();
        List<SceneSql> all = SceneSql.of(scenes, target, in);
        for (int i = 0; i < all.size(); i++) {
            SceneSql scene = all.get(i);
            if (i == 0) text.append(comment(scene.lesson().title())).append('\n');
            scene.setUp().ifPresent(setUp -> text.append(setUp).append("\n\n"));
            text.append(comment(in.handouts().numbered(i + 1, SceneSql.title(scene.lesson()))));
            switch (scene.query()) {
                case Checked.Valid<String>(String query) -> text.append(query).append(";\n");
                case Checked.Invalid<String>(Problem problem) ->
                    text.append(comment(in.problems().of(problem.fault()).text()));
            }
            scene.expected(in).ifPresent(rows -> text.append(comment(rows)));
            text.append('\n');
        }
        return text.toString();
    }

    private static String comment(String lines) {
        return lines.lines().map(line -> ("-- " + line).stripTrailing()).collect(Collectors.joining("\n", "", "\n"));
    }
}
