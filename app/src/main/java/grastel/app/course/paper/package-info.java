/** A course on paper: a lesson's plan, the term on a page, cards that say who takes which pencil when. */
package grastel.app.course.paper;
