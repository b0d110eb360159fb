/** What is done to the library of the browser while core is compiled for it; for any Java that runs Maven. */
package lunko.page.build;
