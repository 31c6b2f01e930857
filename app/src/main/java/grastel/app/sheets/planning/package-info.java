/** From what is asked to pages: {@link grastel.app.sheets.planning.Planner}. */
package grastel.app.sheets.planning;
