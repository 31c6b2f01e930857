/**
 * What light a code stands for and what light fell on the page: {@link grastel.core.reading.light.EvenPage} is the page flat
 * and evenly lit, in reflectance.
 */
package grastel.core.reading.light;
