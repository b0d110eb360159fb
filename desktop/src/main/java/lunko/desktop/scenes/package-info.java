/** The outline of a lesson: its scenes in their order, and what is told with each. */
package lunko.desktop.scenes;
