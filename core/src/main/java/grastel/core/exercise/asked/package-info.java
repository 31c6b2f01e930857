/** What can be chosen of an exercise, what was, and what to say of it: what cannot be, and what would mend it. */
package grastel.core.exercise.asked;
