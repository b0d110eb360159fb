/** What the show shows of the lesson, what is pointed at, and what plays the steps. */
package lunko.desktop.show.model;
