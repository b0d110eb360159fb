/** The lessons that come with Lunko: what they show and what is told with it. */
package lunko.lesson.course;
