/**
 * Measuring a picture that is drawn from: what lies in the frame, its values in few steps, islands that a pencil can fill,
 * outlines it can follow. Lengths are mm on the paper. Start at {@link grastel.core.reference.Reference} and
 * {@link grastel.core.reference.ValueMap}.
 */
package grastel.core.reference;
