/** The edge to the browser: what is compiled to a script, and what a browser does where the JDK would. */
package lunko.page.engine;
