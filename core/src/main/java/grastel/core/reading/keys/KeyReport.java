package grastel.core.reading.keys;

import java.util.List;

/**
 * What the key boxes told of a page's colours.
 *
 * @param used key boxes that were filled and agreed with their pencil
 * @param before mean ΔE00 between key boxes and their pencils as the camera saw them
 * @param after the same once corrected; equal where no correction was made
 * @param suspects key boxes that look like another pencil
 */
public record KeyReport(int used, double before, double after, List<Suspect> suspects) {
    public static final KeyReport NONE = new KeyReport(0, 0, 0, List.of());

    public KeyReport {
        suspects = List.copyOf(suspects);
    }

    /**
     * @param pencil place in the sheet's list of pencils
     * @param looksLike name of the pencil it is nearer to
     * @param nearerBy how much nearer, ΔE00
     */
    public record Suspect(int pencil, String looksLike, double nearerBy) {}
}
