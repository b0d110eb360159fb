/** The screen: the two modes, the bar on top of them, and all actions together. */
package lunko.desktop.screen;
