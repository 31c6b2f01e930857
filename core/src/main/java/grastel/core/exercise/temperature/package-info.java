/** A cool area warmed and a warm one cooled by one thin layer; different colours drawn together by one glaze. */
package grastel.core.exercise.temperature;
