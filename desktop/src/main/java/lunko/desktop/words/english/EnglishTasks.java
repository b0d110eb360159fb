package lunko.desktop.words.english;

import lunko.desktop.words.TaskWords;
import lunko.practice.Difficulty;

/** What is said where tasks are made and rows are looked for, in English. */
final class EnglishTasks implements TaskWords {

    @Override
    public String makeTasks() {
        return "Make tasks…";
    }

    @Override
    public String tasks() {
        return "Make tasks";
    }

    @Override
    public String tasksAbout() {
        return "Adds scenes that ask, over the linked tables of the lesson. Undo takes them back.";
    }

    @Override
    public String howManyTasks() {
        return "How many";
    }

    @Override
    public String difficulty() {
        return "How difficult";
    }

    @Override
    public String difficulty(Difficulty difficulty) {
        return switch (difficulty) {
            case EASY -> "easy: two tables";
            case MIDDLE -> "with outer joins and a filter";
            case HARD -> "with chains, self joins and filters in ON";
        };
    }

    @Override
    public String taskSorts() {
        return "What they ask";
    }

    @Override
    public String taskSeed() {
        return "Another number, other tasks";
    }

    @Override
    public String make() {
        return "Make them";
    }

    @Override
    public String findRows() {
        return "Find rows for a point…";
    }

    @Override
    public String point() {
        return "Rows for a point";
    }

    @Override
    public String pointAbout() {
        return "Looks for the smallest tables on which it is to be seen, and adds a scene that has them for its own.";
    }

    @Override
    public String pointSort() {
        return "What is to be seen";
    }

    @Override
    public String kindsDiffer() {
        return "two kinds differ by some rows";
    }

    @Override
    public String kindsAlike() {
        return "five kinds give as many rows";
    }

    @Override
    public String queriesDiffer() {
        return "this query and another give other rows";
    }

    @Override
    public String pointOne() {
        return "The one kind";
    }

    @Override
    public String pointOther() {
        return "The other";
    }

    @Override
    public String pointRows() {
        return "Rows by which they differ";
    }

    @Override
    public String pointQuery() {
        return "The other query";
    }

    @Override
    public String find() {
        return "Find them";
    }
}
