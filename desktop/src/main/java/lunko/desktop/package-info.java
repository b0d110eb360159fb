/** The application: where it starts, and what it leaves on the machine. */
package lunko.desktop;
