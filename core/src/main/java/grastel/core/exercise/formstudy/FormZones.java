package grastel.core.exercise.formstudy;

import static grastel.core.words.Words.say;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import grastel.core.exercise.plan.FieldPlan.Point;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.coverage.CoverageSimplifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.union.UnaryUnionOp;

/**
 * Zones of equal value on a lit form. Brightness is sampled on a fine grid, cut into the values asked for, and the cells of
 * each zone are joined into outlines that fit one another without gaps.
 */
final class FormZones {
    /** Side of a grid cell as a share of the form's half width. */
    private static final double CELL = 1.0 / 110;
    /** How far an outline may leave the grid, in cells. */
    private static final double SMOOTHED = 2.2;
    /** Splinters smaller than this are left to the zone around them, as a share of the square's area. */
    private static final double SPLINTER = 0.004;

    /** How much less glossy than the glossiest place still counts as highlight. */
    private static final double HIGHLIGHT = 0.022;

    private static final GeometryFactory SHAPES = new GeometryFactory();
    /** Tracing zones takes a fifth of a second, and a teacher tries pencils on the same form. */
    private static final LoadingCache<ZoneValues, List<Unscaled>> KNOWN =
            Caffeine.newBuilder().maximumSize(60).build(FormZones::computed);

    private FormZones() {}

    /** What a zone is to the painter. */
    enum Role {
        HIGHLIGHT(say("form-study.highlight")),
        LIGHT(say("form-study.light")),
        HALF_TONE("half-tone"),
        CORE_SHADOW(say("form-study.core-shadow")),
        REFLECTED_LIGHT(say("form-study.reflected-light")),
        CAST_SHADOW(say("form-study.cast-shadow"));

        private final String words;

        Role(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    /**
     * @param darkness 0 lightest … 1 darkest, on the scale of the values asked for
     * @param outline closed lines in mm from the top left of the form's square
     */
    record Zone(Role role, double darkness, List<List<Point>> outline) {}

    /** What zones are computed from. */
    private record ZoneValues(Form form, Shading light, int values) {}

    /** A zone in the form's own square, from −1 to 1. */
    private record Unscaled(Role role, double darkness, Geometry shape) {}

    /** @param values how many values, counting highlight and core */
    static List<Zone> of(Form form, Shading light, int values, double sizeMm) {
        return KNOWN.get(new ZoneValues(form, light, values)).stream()
                .map(z -> new Zone(z.role(), z.darkness(), outline(z.shape(), sizeMm)))
                .toList();
    }

    private static List<Unscaled> computed(ZoneValues asked) {
        Map map = new Map(asked.form(), asked.light(), asked.values());
        List<Geometry> shapes = map.shapes();
        Geometry[] kept = shapes.stream().filter(g -> !g.isEmpty()).toArray(Geometry[]::new);
        Geometry[] smooth = CoverageSimplifier.simplify(kept, SMOOTHED * CELL);
        List<Unscaled> zones = new ArrayList<>();
        for (int code = 0; code < shapes.size(); code++) {
            if (!shapes.get(code).isEmpty()) {
                zones.add(new Unscaled(map.role(code), map.darkness(code), smooth[zones.size()]));
            }
        }
        return List.copyOf(zones);
    }

    private static List<List<Point>> outline(Geometry shape, double sizeMm) {
        List<List<Point>> loops = new ArrayList<>();
        for (int i = 0; i < shape.getNumGeometries(); i++) {
            Polygon polygon = (Polygon) shape.getGeometryN(i);
            loops.add(loop(polygon.getExteriorRing(), sizeMm));
            for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
                loops.add(loop(polygon.getInteriorRingN(hole), sizeMm));
            }
        }
        return loops;
    }

    private static List<Point> loop(LineString ring, double sizeMm) {
        List<Point> points = new ArrayList<>();
        for (Coordinate c : ring.getCoordinates()) {
            points.add(new Point(rounded((c.x + 1) / 2 * sizeMm), rounded((c.y + 1) / 2 * sizeMm)));
        }
        return points;
    }

    private static double rounded(double mm) {
        return Math.round(mm * 100) / 100.0;
    }

    /** The grid, each cell with the code of its zone: values first, then reflected light, then cast shadow. */
    private static final class Map {
        private static final int NONE = -1;

        private final int side = (int) Math.round(2 / CELL);
        private final int[] codes = new int[side * side];
        private final int values;
        private final int reflected;
        private final int cast;
        private double darkest = 1;
        private double lightest;
        private double glossiest;

        Map(Form form, Shading light, int values) {
            this.values = values;
            this.reflected = values;
            this.cast = values + 1;
            measure(form, light);
            for (int row = 0; row < side; row++) {
                for (int column = 0; column < side; column++) {
                    codes[row * side + column] = code(form, light, at(column), at(row));
                }
            }
        }

        /** The form's own range: its values are spread over all of it. */
        private void measure(Form form, Shading light) {
            for (int row = 0; row < side; row++) {
                for (int column = 0; column < side; column++) {
                    if (form.inside(at(column), at(row))) {
                        double[] normal = form.normal(at(column), at(row));
                        double brightness = light.brightness(normal);
                        darkest = Math.min(darkest, brightness);
                        lightest = Math.max(lightest, brightness);
                        glossiest = Math.max(glossiest, light.gloss(normal));
                    }
                }
            }
        }

        private static double at(int cell) {
            return -1 + (cell + 0.5) * CELL;
        }

        private int code(Form form, Shading light, double x, double y) {
            if (!form.inside(x, y)) {
                return form.castsShadow() && inCastShadow(form, light, x, y) ? cast : NONE;
            }
            double[] normal = form.normal(x, y);
            if (light.gloss(normal) > glossiest - HIGHLIGHT) {
                return 0;
            }
            double dark = (lightest - light.brightness(normal)) / (lightest - darkest);
            int band = 1 + (int) (dark * (values - 1));
            if (light.isTurnedAway(normal) && values > 3) {
                return reflected;
            }
            return Math.min(values - 1, band);
        }

        /** A flat ellipse on the table, pushed away from the lamp. */
        private static boolean inCastShadow(Form form, Shading light, double x, double y) {
            double[] lamp = light.lamp();
            double away = -Math.signum(lamp[0]) * 0.38;
            double across = (x - away) / 0.6;
            double down = (y - form.base() - 0.1) / 0.2;
            return across * across + down * down <= 1 && y > form.base() - 0.16;
        }

        List<Geometry> shapes() {
            List<Geometry> shapes = new ArrayList<>();
            absorbSplinters();
            for (int code = 0; code <= cast; code++) {
                shapes.add(shape(code));
            }
            return shapes;
        }

        /** Gives cells of splinters to the zone that lies around them. */
        private void absorbSplinters() {
            for (int code = 0; code <= cast; code++) {
                Geometry shape = shape(code);
                for (int i = 0; i < shape.getNumGeometries() && !shape.isEmpty(); i++) {
                    Geometry part = shape.getGeometryN(i);
                    if (part.getArea() / 4 < SPLINTER) {
                        recode(part.getEnvelopeInternal(), code);
                    }
                }
            }
        }

        private void recode(Envelope box, int code) {
            for (int row = cell(box.getMinY()); row < cell(box.getMaxY()); row++) {
                int before = NONE;
                for (int column = Math.max(1, cell(box.getMinX())); column < cell(box.getMaxX()); column++) {
                    int i = row * side + column;
                    before = codes[i - 1] == code ? before : codes[i - 1];
                    codes[i] = codes[i] == code && before != NONE ? before : codes[i];
                }
            }
        }

        private int cell(double at) {
            return Math.min(side, Math.max(0, (int) Math.round((at + 1) / CELL)));
        }

        private Geometry shape(int code) {
            List<Geometry> runs = new ArrayList<>();
            for (int row = 0; row < side; row++) {
                int start = NONE;
                for (int column = 0; column <= side; column++) {
                    boolean in = column < side && codes[row * side + column] == code;
                    if (in && start == NONE) {
                        start = column;
                    } else if (!in && start != NONE) {
                        runs.add(SHAPES.toGeometry(new Envelope(
                                -1 + start * CELL, -1 + column * CELL, -1 + row * CELL, -1 + (row + 1) * CELL)));
                        start = NONE;
                    }
                }
            }
            return runs.isEmpty() ? SHAPES.createPolygon() : UnaryUnionOp.union(runs);
        }

        Role role(int code) {
            if (code == reflected) {
                return Role.REFLECTED_LIGHT;
            }
            if (code == cast) {
                return Role.CAST_SHADOW;
            }
            if (code == 0) {
                return Role.HIGHLIGHT;
            }
            if (code == values - 1) {
                return Role.CORE_SHADOW;
            }
            return code <= (values - 1) / 2 ? Role.LIGHT : Role.HALF_TONE;
        }

        double darkness(int code) {
            if (code == reflected) {
                return (values - 2.0) / (values - 1);
            }
            return code == cast ? 1 : (double) code / (values - 1);
        }
    }
}
