/** Joins and whole queries shown step by step: all steps by number, what is visible after each, and why. */
package lunko.steps;
