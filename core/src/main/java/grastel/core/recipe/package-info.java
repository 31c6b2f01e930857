/**
 * Recipes: which passes make a wanted result. Start at {@link grastel.core.recipe.PencilReach}, which knows the values
 * one pencil can make on one paper; the search over stacks of several pencils attaches here.
 */
package grastel.core.recipe;
