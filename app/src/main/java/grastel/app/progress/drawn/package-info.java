/**
 * What students drew in one kind of exercise: first beside latest, how hard a class presses, the wall as a poster. Start at
 * {@link grastel.app.progress.drawn.Drawings}.
 */
package grastel.app.progress.drawn;
