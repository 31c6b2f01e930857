/** Courses carried from one class or teacher to another as files: {@link grastel.app.course.outlines.Outlines}. */
@NamedInterface("outlines")
package grastel.app.course.outlines;

import org.springframework.modulith.NamedInterface;
