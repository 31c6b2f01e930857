/** Sharing pencils at a class's tables. Start at {@link grastel.app.course.rota.RotaDesk}. */
package grastel.app.course.rota;
