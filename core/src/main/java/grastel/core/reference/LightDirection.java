package grastel.core.reference;

import grastel.core.exercise.LightFrom;
import grastel.core.fit.Slope;
import java.util.stream.IntStream;

/**
 * Where the light comes from, by how zones turn from light to shadow: planes are laid through their L*, each counts by its area and by
 * how much it turns. What lies behind all others is left out: a wall has a light of its own.
 *
 * @param from the side it seems to come from
 * @param clarity 0 every zone is lit from another side … 1 all from one
 */
public record LightDirection(LightFrom from, double clarity) {
    /** Less is no one light. */
    private static final double CLEAR = 0.6;
    /** Zones that turn less say nothing, L* from end to end. */
    private static final double TURNS = 4;

    /** A proposal: the teacher saw the lamp. */
    public static LightDirection proposed(Reference reference, Zones zones) {
        double right = 0;
        double up = 0;
        double all = 0;
        for (int zone = 0; zone < zones.zones().size(); zone++) {
            Slope plane = Slope.of(reference.width(), reference::lightness, cells(reference, zones, zone));
            double slope = Math.hypot(plane.across(), plane.down()) / reference.mmPerPx();
            double turns = slope * Math.sqrt(zones.zones().get(zone).areaMm2());
            if (turns >= TURNS && !zones.isBehind(zone)) {
                double weight = zones.zones().get(zone).areaMm2() * turns;
                right += weight * plane.across() / reference.mmPerPx() / slope;
                up += -weight * plane.down() / reference.mmPerPx() / slope;
                all += weight;
            }
        }
        double clarity = all == 0 ? 0 : Math.hypot(right, up) / all;
        return new LightDirection(LightFrom.at(Math.toDegrees(Math.atan2(up, right))), clarity);
    }

    private static int[] cells(Reference reference, Zones zones, int zone) {
        return IntStream.range(0, reference.width() * reference.height())
                .filter(i -> zones.zone(i) == zone)
                .toArray();
    }

    public boolean isClear() {
        return clarity >= CLEAR;
    }
}
