/** How the levels of an exercise's goals look. Start at {@link grastel.core.exemplar.Exemplars}. */
package grastel.core.exemplar;
