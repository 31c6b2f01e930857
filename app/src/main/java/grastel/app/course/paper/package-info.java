/** A course on paper: a lesson's plan, the term on a page, cards that say who takes which pencil when. */
@NamedInterface("paper")
package grastel.app.course.paper;

import org.springframework.modulith.NamedInterface;
