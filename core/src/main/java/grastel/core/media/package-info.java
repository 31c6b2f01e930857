/**
 * What lies on the table: paper with its tooth, pencils, ranges of pencils. Values only; start at {@link
 * grastel.core.media.Pencil} and {@link grastel.core.media.Paper}. The ranges and papers that ship with the program are
 * in {@link grastel.core.media.ShippedKit}.
 */
package grastel.core.media;
