package lunko.desktop.words.english;

import static lunko.words.english.Say.counted;
import static lunko.words.english.Say.text;

import lunko.insight.question.Gap;
import lunko.desktop.words.HandoutWords;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;

/** What is said where something is handed out, in English. */
final class EnglishHandingOut implements HandoutWords {

    @Override
    public String handOut() {
        return "Hand out…";
    }

    @Override
    public String title() {
        return "Hand out";
    }

    @Override
    public String what() {
        return "What";
    }

    @Override
    public String scenes() {
        return "Of";
    }

    @Override
    public String scope(int scenes, boolean all) {
        if (all) return text("the whole lesson: {}", counted(scenes, "scene"));
        return scenes == 1 ? "this scene" : text("{} selected scenes", scenes);
    }

    @Override
    public String of() {
        return "Picture of";
    }

    @Override
    public String paper() {
        return "Paper";
    }

    @Override
    public String paper(Paper paper) {
        return switch (paper) {
            case A4 -> "A4";
            case LETTER -> "Letter";
        };
    }

    @Override
    public String look() {
        return "Colors";
    }

    @Override
    public String look(Palette palette) {
        return switch (palette) {
            case LIGHT -> "light";
            case DARK -> "dark";
            case PRINT -> "black on white";
        };
    }

    @Override
    public String missing() {
        return "To be filled in";
    }

    @Override
    public String gap(Gap gap) {
        return switch (gap) {
            case KIND -> "the kind of join";
            case ON -> "what matches, behind ON";
            case WHERE -> "the condition of WHERE";
        };
    }

    @Override
    public String variants() {
        return "Variants";
    }

    @Override
    public String steps() {
        return "Steps";
    }

    @Override
    public String moves(Moves moves) {
        return switch (moves) {
            case EVERY -> "every step";
            case LANDINGS -> "those that bring a row";
        };
    }

    @Override
    public String width() {
        return "Width in pixels";
    }

    @Override
    public String seconds() {
        return "Seconds a step";
    }

    @Override
    public String target() {
        return "For";
    }

    @Override
    public String answers() {
        return "Answers";
    }

    @Override
    public String answersShown() {
        return "learners may have them shown";
    }

    @Override
    public String answersFound() {
        return "They are computed and stand nowhere as text; who is determined can find them all the same.";
    }

    @Override
    public String save() {
        return "Save…";
    }

    @Override
    public String folderTitle() {
        return "A folder for the files";
    }

    @Override
    public String making(String what) {
        return text("Making: {}", what);
    }

    @Override
    public String saved(int files, String target) {
        return files == 1 ? text("Saved: {}", target) : text("Saved {} in {}", counted(files, "file"), target);
    }

    @Override
    public String replace() {
        return "Replace";
    }

    @Override
    public String pageBefore() {
        return "page before";
    }

    @Override
    public String nextPage() {
        return "next page";
    }

    @Override
    public String nothing() {
        return "There is nothing to hand out here: choose another scene, or something else to hand out.";
    }

    @Override
    public String copyAsPicture() {
        return "Copy as picture";
    }

    @Override
    public String copyOrDrag() {
        return "Copy as picture, or drag it into another program";
    }

    @Override
    public String copied(String what) {
        return text("Copied as a picture: {}", what);
    }
}
