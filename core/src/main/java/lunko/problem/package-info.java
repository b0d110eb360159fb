/** What is said to a person when something cannot be done: problems are values, never thrown. */
package lunko.problem;
