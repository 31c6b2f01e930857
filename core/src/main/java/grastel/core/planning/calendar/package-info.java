/** When a class meets: a term, weekly slots, holidays and what is otherwise on single dates. Start at {@link Timetable}. */
package grastel.core.planning.calendar;
