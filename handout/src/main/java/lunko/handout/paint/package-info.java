/** How drawings look, and the one painter of all formats. */
package lunko.handout.paint;
