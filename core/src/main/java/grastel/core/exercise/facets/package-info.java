/** A first composition out of the scales: a frame cut by straight lines, each part a fade in its own direction. */
package grastel.core.exercise.facets;
