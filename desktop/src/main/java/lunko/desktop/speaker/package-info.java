/** The speaker's window: what to say, what comes next, and how the time goes. */
package lunko.desktop.speaker;
