/** A picture as data: shapes, text, and the signs they are drawn in. */
package lunko.handout.drawing;
