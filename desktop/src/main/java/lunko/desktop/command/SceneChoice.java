package lunko.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import lunko.lesson.Lesson;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import picocli.CommandLine.Option;

/** Which scenes of a lesson a command takes: {@code 1,3-5}. */
final class SceneChoice {
    private static final Pattern SCENES = Pattern.compile("([0-9]{1,4})(?:-([0-9]{1,4}))?");

    @Option(names = "--scenes", paramLabel = "N,N-N", descriptionKey = "scenes")
    private Optional<String> scenes = Optional.empty();

    /** The numbers of the scenes that are wanted, from 0: all, where nothing is said. */
    Checked<List<Integer>> of(Lesson lesson) {
        int all = lesson.scenes().size();
        if (scenes.isEmpty()) return Checked.valid(IntStream.range(0, all).boxed().toList());
        Set<Integer> numbers = new TreeSet<>();
        for (String part : scenes.get().split(",")) {
            Matcher range = SCENES.matcher(part.strip());
            if (!range.matches()) return Checked.invalid(Problem.of(new WorkFault.NoScenes(part)));
            int first = Integer.parseInt(range.group(1));
            int last = range.group(2) == null ? first : Integer.parseInt(range.group(2));
            if (last < first) return Checked.invalid(Problem.of(new WorkFault.NoScenes(part)));
            for (int number : List.of(first, last)) {
                if (number < 1 || number > all) return Checked.invalid(Problem.of(new WorkFault.NoScene(number, all)));
            }
            IntStream.rangeClosed(first, last).forEach(number -> numbers.add(number - 1));
        }
        return Checked.valid(new ArrayList<>(numbers));
    }
}
