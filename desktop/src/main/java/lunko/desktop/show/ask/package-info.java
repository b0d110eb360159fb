/** The question of a scene: asked, guessed at, covered and uncovered. */
package lunko.desktop.show.ask;
