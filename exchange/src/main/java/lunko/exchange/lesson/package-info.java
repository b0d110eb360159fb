/** The lesson file; {@code docs/lesson-format.md} describes it. */
package lunko.exchange.lesson;
