/** Lessons as texts that other programs show and run: Markdown, scripts, notebooks. */
package lunko.handout.text;
