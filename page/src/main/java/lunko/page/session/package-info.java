/** The lesson in the hands of a learner at a moment, and what they may want of it. */
package lunko.page.session;
