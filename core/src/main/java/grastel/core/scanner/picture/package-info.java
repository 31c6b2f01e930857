/**
 * A painted page as a device sees it, {@link grastel.core.scanner.picture.Exposure} under
 * {@link grastel.core.scanner.picture.ScanConditions}, and what spoils pages and pictures.
 */
package grastel.core.scanner.picture;
