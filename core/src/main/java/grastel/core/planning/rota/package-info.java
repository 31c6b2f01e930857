/**
 * Sharing pencils at a table: each seat takes the parts of a sheet in its own order, so that no pencil is wanted by more seats
 * than there are copies. A {@link grastel.core.planning.rota.RotaCase} says what is to be done with what,
 * {@link grastel.core.planning.rota.Timing} what comes of some orders, a {@link grastel.core.planning.rota.RotaPlanner} finds
 * the best.
 */
package grastel.core.planning.rota;
