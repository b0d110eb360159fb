/** The application: where it starts. */
package lunko.desktop;
