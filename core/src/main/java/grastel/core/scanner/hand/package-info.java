/**
 * Who draws and what they do to a field: {@link grastel.core.scanner.hand.Hand} with its habits, and
 * {@link grastel.core.scanner.hand.FieldTask} as it was planned or with a fault, in strokes where they are asked.
 */
package grastel.core.scanner.hand;
