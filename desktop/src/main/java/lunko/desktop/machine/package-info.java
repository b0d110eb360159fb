/** What Lunko must know of the machine that it runs on. */
package lunko.desktop.machine;
