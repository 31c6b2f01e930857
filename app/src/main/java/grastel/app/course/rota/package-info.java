/** Sharing pencils at a class's tables. Start at {@link grastel.app.course.rota.RotaService}. */
package grastel.app.course.rota;
