package grastel.app.projects;

import grastel.core.reference.Outlines.Area;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;

/** Outlines as an SVG path, mm from the frame's top left to a hundredth. */
final class SvgPath {
    private SvgPath() {}

    static String of(Area area) {
        return IntStream.range(-1, area.outline().getNumInteriorRing())
                .mapToObj(i -> of(
                        i < 0
                                ? area.outline().getExteriorRing()
                                : area.outline().getInteriorRingN(i)))
                .collect(Collectors.joining());
    }

    private static String of(LinearRing ring) {
        StringBuilder path = new StringBuilder(ring.getNumPoints() * 12);
        for (Coordinate c : ring.getCoordinates()) {
            path.append(path.isEmpty() ? 'M' : 'L')
                    .append(Math.round(c.x * 100) / 100.0)
                    .append(' ')
                    .append(Math.round(c.y * 100) / 100.0);
        }
        return path.append('Z').toString();
    }
}
