/** Two colours, each dark at its own end, fading into one another without a gap or a bump. */
package grastel.core.exercise.twocolourfade;
