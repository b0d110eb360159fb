/** What is handed out of a lesson: chosen, looked at and saved; and pictures of what is shown, for other programs. */
package lunko.desktop.handout;
