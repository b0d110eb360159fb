/** What a person can do: each thing once, with its name, its keys and its handler. */
package lunko.desktop.action;
