/**
 * Colours corrected by the boxes in which each pencil is tried: {@link grastel.core.reading.keys.KeyReader}.
 */
package grastel.core.reading.keys;
