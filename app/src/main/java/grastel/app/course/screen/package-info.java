/** What the place Course shows and takes. */
package grastel.app.course.screen;
