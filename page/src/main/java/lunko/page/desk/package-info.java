/** Where a learner works: wishes in JSON come in, and what is to be seen goes out. */
package lunko.page.desk;
