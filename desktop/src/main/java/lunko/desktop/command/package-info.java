/** The command line: the window, its picture, and the demo where there is no display. */
package lunko.desktop.command;
