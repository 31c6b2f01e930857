/** On toned paper: a dark pencil for the darks, bare paper for the middle, a light pencil for the lights, never crossing. */
package grastel.core.exercise.tonedscale;
