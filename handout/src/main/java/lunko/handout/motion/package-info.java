/** Steps one after the other, as pictures that move. */
package lunko.handout.motion;
