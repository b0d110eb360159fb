/** Drawings in the formats of pictures and papers. */
package lunko.handout.file;
