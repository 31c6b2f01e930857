/**
 * Reading a returned page: a picture in, measures out. Start at {@link grastel.core.reading.PageReader}: {@code find} the
 * page by its markers and code, then {@code measure} it against the layout that was printed.
 *
 * <p>Rooms, each resting on those before it: {@code picture} takes files in; {@code place} finds pages and maps them to
 * millimetres; {@code light} tells reflectance from the light that fell; {@code keys} corrects colours by key boxes; {@code
 * strips} and {@code fields} measure what was drawn.
 */
package grastel.core.reading;
