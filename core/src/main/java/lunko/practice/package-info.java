/** What an answer to a question has come to, and what helps somebody whose answer is not right yet. */
package lunko.practice;
