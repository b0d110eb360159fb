/** Drawings of what a lesson shows, laid out for a page: each says what the window says, in the same signs. */
package lunko.handout.figure;
