/**
 * Recipes: which passes make a wanted result. {@link grastel.core.recipe.PencilRange} knows the values one pencil can make
 * on one paper, {@link grastel.core.recipe.SetGamut} the values and hues of a whole set, {@link
 * grastel.core.recipe.Substitutes} what stands in for a missing pencil; the search for a target's stack attaches here.
 */
package grastel.core.recipe;
