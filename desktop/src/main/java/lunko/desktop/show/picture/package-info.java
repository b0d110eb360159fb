/** The pictures beside the stage: Venn diagrams, the pair grid, the counts of all kinds. */
package lunko.desktop.show.picture;
