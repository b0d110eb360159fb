/** Papers for learners: worksheets with their answers, and every kind of join on one page. */
package lunko.handout.sheet;
