/** The page as one file, with the engine in it; made on a JVM. */
package lunko.page.file;
