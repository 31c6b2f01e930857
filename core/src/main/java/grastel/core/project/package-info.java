/** From zones of a picture to colours that a set can make. Start at {@link grastel.core.project.ZoneColours}. */
package grastel.core.project;
