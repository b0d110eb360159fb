package lunko.desktop.words;

import lunko.insight.question.Gap;
import lunko.handout.motion.Moves;
import lunko.handout.paint.Palette;
import lunko.handout.sheet.Paper;

/** What is said where something is handed out, and where pictures are copied. */
public interface HandoutWords {

    /** {@code Hand out…}. */
    String handOut();

    /** {@code Hand out}, as a heading. */
    String title();

    /** {@code what}, before the kinds of handout. */
    String what();

    /** {@code scenes}. */
    String scenes();

    /** Of how many scenes, all of the lesson or some: {@code the whole lesson: 20 scenes}. */
    String scope(int scenes, boolean all);

    /** {@code picture of}. */
    String of();

    /** {@code paper}. */
    String paper();

    /** A size of paper. */
    String paper(Paper paper);

    /** {@code colors}. */
    String look();

    /** A palette. */
    String look(Palette palette);

    /** {@code to be filled in}. */
    String missing();

    /** A part of a query that may be missing. */
    String gap(Gap gap);

    /** {@code variants}. */
    String variants();

    /** {@code steps}. */
    String steps();

    /** Which steps. */
    String moves(Moves moves);

    /** {@code width in pixels}. */
    String width();

    /** {@code seconds a step}. */
    String seconds();

    /** {@code for}, before databases. */
    String target();

    /** {@code Answers}, of a page. */
    String answers();

    /** That learners may have them shown. */
    String answersShown();

    /** That they can be found in any case. */
    String answersFound();

    /** {@code Save…}. */
    String save();

    /** The title of the dialog that asks for a folder. */
    String folderTitle();

    /** What is done meanwhile: {@code Making: Worksheet}. */
    String making(String what);

    /** What has been written where. */
    String saved(int files, String target);

    /** {@code Replace}. */
    String replace();

    /** {@code page before}. */
    String pageBefore();

    /** {@code next page}. */
    String nextPage();

    /** That there is nothing to be handed out. */
    String nothing();

    /** {@code Copy as picture}. */
    String copyAsPicture();

    /** What a button does that copies a picture, and that it can be dragged. */
    String copyOrDrag();

    /** That a picture has been copied. */
    String copied(String what);
}
