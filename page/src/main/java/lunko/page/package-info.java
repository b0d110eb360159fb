/** The lesson in the hands of a learner: what they may do, and what it comes to. */
package lunko.page;
