/**
 * What did the hand do? From what was read of a field back to how it was drawn: neighbours of the asked recipe are predicted and
 * held against it. A single field rarely tells, a habit over several does; silence is a result. Start at {@link
 * grastel.core.inversion.Inversion} for a field and {@link grastel.core.inversion.Habit} for several.
 */
package grastel.core.inversion;
