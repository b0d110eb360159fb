/** What a scene asks before it plays, what the answer is, and what a guess comes to. */
package lunko.insight.question;
