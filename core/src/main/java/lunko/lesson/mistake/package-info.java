/** The mistakes that learners make with joins, each set up on the tables of a lesson. */
package lunko.lesson.mistake;
