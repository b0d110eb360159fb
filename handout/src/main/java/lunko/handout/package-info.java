/** What learners are given of a lesson: pictures, moving pictures, worksheets, texts, and the files they are in. */
package lunko.handout;
