/** The course as a calendar: a file, and a private feed that can be taken back. */
package grastel.app.course.calendar;
