/** Work that takes long: off the window's thread, with its progress in view, to be stopped at any time. */
package lunko.desktop.work;
