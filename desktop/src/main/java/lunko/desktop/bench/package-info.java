/** The bench, where tables are built and looked at before they are joined. */
package lunko.desktop.bench;
