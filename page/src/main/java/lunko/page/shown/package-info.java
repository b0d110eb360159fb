/** What is to be seen, as JSON for a view that draws it and decides nothing. */
package lunko.page.shown;
