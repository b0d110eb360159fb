package lunko.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import lunko.engine.Stage;
import lunko.insight.question.Answer;
import lunko.insight.question.Asked;
import lunko.insight.question.Demand;
import lunko.insight.question.Gap;
import lunko.insight.question.Goal;
import lunko.insight.question.Question;
import lunko.lesson.Lesson;
import lunko.lesson.Scene;
import lunko.lesson.ScenesEdit;
import lunko.lesson.Telling;
import lunko.lesson.WrittenQuery;
import lunko.problem.Checked;
import lunko.problem.Problem;
import lunko.problem.WorkFault;
import lunko.query.Side;
import lunko.show.Asking;
import lunko.show.Showing;
import lunko.steps.JoinAlgorithm;
import lunko.table.Chance;
import lunko.words.Language;

/**
 * Makes tasks over the tables of a lesson: scenes that ask, no two alike, each with one answer. The same tables and the
 * same seed give the same ones.
 *
 * @param sorts the sorts of questions, of which there is at least one; those in words are for people to write
 * @param tasks how many are wanted
 */
public record TaskMaker(Set<Question.Sort> sorts, Difficulty difficulty, int tasks, long seed) {
    /** The most tasks that are made at once. */
    public static final int MOST = 50;

    private static final int TRIES = 40;
    private static final int MOST_ROWS = 30;
    private static final int MOST_TO_MATCH = 12;

    /** Keeps the sorts as they are, and the number within what can be made. */
    public TaskMaker {
        sorts = Set.copyOf(sorts);
        tasks = Math.clamp(tasks, 1, MOST);
    }

    /** A query, and what is asked of it. */
    private record Made(String sql, Question question) {}

    /**
     * The tasks; fewer than are wanted, where no more could be found that are not alike, and a problem where there are
     * none.
     *
     * @param goesOn whether to go on, told how many there are
     */
    public Checked<List<Scene>> of(Lesson lesson, Language in, IntPredicate goesOn) {
        Chance chance = new Chance(seed);
        List<Question.Sort> wanted = sorts.stream().sorted().toList();
        Set<Made> made = new HashSet<>();
        List<Scene> scenes = new ArrayList<>();
        for (int tried = 0; tried < tasks * TRIES && scenes.size() < tasks && goesOn.test(scenes.size()); tried++) {
            // One sort after the other, so that there are as many of each as can be.
            Question.Sort sort = wanted.get((scenes.size() + tried / TRIES) % wanted.size());
            String title = in.practice().task(scenes.size() + 1);
            TaskQuery.draw(lesson, difficulty, chance)
                    .flatMap(query -> task(lesson, query, sort, title, chance))
                    .filter(scene -> made.add(new Made(scene.written().orElseThrow().sql(),
                            scene.asked().orElseThrow().question())))
                    .ifPresent(scenes::add);
        }
        return scenes.isEmpty() ? Checked.invalid(Problem.of(new WorkFault.NoTasks()))
                : Checked.valid(List.copyOf(scenes));
    }

    private static Optional<Scene> task(Lesson lesson, TaskQuery query, Question.Sort sort, String title,
            Chance chance) {
        Scene scene = Scene.of(query.left(), query.kind(), query.right())
                .writing(Optional.of(WrittenQuery.of(query.sql()))).telling(Telling.SILENT.titled(title));
        Showing showing = shown(lesson, scene);
        Optional<Stage> result = showing.run().either(run -> Optional.of(run.result()), _ -> Optional.empty());
        if (result.isEmpty() || result.get().rows().isEmpty() || result.get().rows().size() > MOST_ROWS)
            return Optional.empty();
        return question(sort, showing, result.get(), chance)
                .map(question -> scene.asking(Optional.of(Asked.plainly(question))))
                .filter(asking -> hasOneAnswer(shown(lesson, asking)));
    }

    private static Showing shown(Lesson lesson, Scene scene) {
        return Showing.of(new ScenesEdit.Show("", List.of(scene)).applyTo(lesson).either(with -> with, _ -> lesson),
                JoinAlgorithm.NESTED_LOOP);
    }

    private static Optional<Question> question(Question.Sort sort, Showing showing, Stage result, Chance chance) {
        return switch (sort) {
            case HOW_MANY, WHICH_PAIRS, WHICH_KIND, WRITE_QUERY, SAY_WITHOUT_JOIN -> Optional.of(sort.usual());
            case WHICH_ROWS -> Optional.of(new Question.WhichRows(chance.of(List.of(Side.values())),
                    chance.of(List.of(Question.Fate.values()))));
            case WHAT_STANDS -> Optional.of(new Question.WhatStands(chance.below(result.rows().size()),
                    chance.below(result.headings().size())));
            case FILL_GAP -> Optional.of(new Question.FillGap(chance.of(List.of(Gap.values()))));
            case MATCH_RESULTS -> Optional.of(Distractors.of(showing));
            case CHANGE_DATA -> Optional.of(new Question.ChangeData(new Goal.KindsAlike()));
            case IN_WORDS -> Optional.empty();
        };
    }

    /** Whether there is something to find out, and one thing alone that is right. */
    private static boolean hasOneAnswer(Showing showing) {
        Asking asking = Asking.of(showing.lesson()).orElseThrow();
        return asking.answer(showing).filter(answer -> switch (answer) {
            case Answer.Count _,Answer.Cell _ -> true;
            case Answer.Marks(var marked) -> !marked.isEmpty();
            case Answer.Kinds(_, var same, _) -> same.size() == 1;
            case Answer.Reached(boolean now) -> !now;
            case Answer.Result(_, Demand demand) -> demand.withoutJoin() ? canDoWithoutJoin(asking, showing)
                    : OtherMeaning.of(asking, showing).isEmpty();
            case Answer.Matched(_, var results, _) -> results.stream().allMatch(TaskMaker::isShort);
            case Answer.Words _ -> false;
        }).isPresent();
    }

    /** Whether a result can be seen whole beside others. */
    private static boolean isShort(Stage result) {
        return result.rows().size() <= MOST_TO_MATCH;
    }

    private static boolean canDoWithoutJoin(Asking asking, Showing showing) {
        String said = asking.solution(showing);
        return !Demand.hasJoin(said) && Assessment
                .of(asking.guessing(asking.written(said, showing.lesson())), showing)
                .filter(Assessment::isRight).isPresent();
    }
}
