/** What a person at the console is told, at the start and when there is none; the data folder made ready. */
package grastel.app.platform.start;
