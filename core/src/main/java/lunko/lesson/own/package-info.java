/** How the tables of one scene differ from those of its lesson, as data. */
package lunko.lesson.own;
