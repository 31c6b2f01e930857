package grastel.core.project;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Effort;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stack;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.project.ZoneColours.Mixed;
import grastel.core.project.ZoneColours.Part;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * One thin glaze that ties the zones of a picture together.
 *
 * @param pencil it is laid with, last
 * @param grade how hard: a whisper or lightly
 * @param zones that carry it, from 0: where it is seen and leads no colour far astray; bare paper stays bare
 * @param worst how much further from what was wanted a colour comes by it, ΔE00
 */
public record SharedTint(Pencil pencil, PressureGrade grade, List<Integer> zones, double worst) {
    /** A glaze must not lead a colour further off than this, ΔE00. */
    private static final double MOST_ASTRAY = 3;
    /** Less is not seen, ΔE00. */
    private static final double SEEN = 1;
    /** A glaze is no dark and no grey: L*, C*. */
    private static final double LIGHT = 45;

    private static final double COLOURED = 12;
    /** Fewer zones are tied by nothing. */
    private static final int FEWEST = 2;
    /** Boxes of a plan, cm². */
    private static final double BOX_CM2 = 4;

    public SharedTint {
        zones = List.copyOf(zones);
    }

    /** The glaze that ties most of the picture's area. @param mixed of each zone; @param areas of each, mm² */
    public static Optional<SharedTint> of(
            List<List<Mixed>> mixed, List<Double> areas, Paper paper, List<Pencil> pencils) {
        return pencils.stream()
                .filter(p -> !p.colourless()
                        && p.masstone().toLab().lightness() >= LIGHT
                        && p.masstone().toLab().chroma() >= COLOURED)
                .flatMap(p ->
                        Stream.of(PressureGrade.WHISPER, PressureGrade.LIGHT).map(g -> with(p, g, mixed, paper)))
                .filter(t -> t.zones().size() >= FEWEST)
                .max(Comparator.comparingDouble((SharedTint t) ->
                                t.zones().stream().mapToDouble(areas::get).sum())
                        .thenComparingDouble(t -> -t.worst()));
    }

    private static SharedTint with(Pencil pencil, PressureGrade grade, List<List<Mixed>> mixed, Paper paper) {
        Layer glaze = glaze(pencil, grade);
        List<Integer> tied = new ArrayList<>();
        double worst = 0;
        for (int zone = 0; zone < mixed.size(); zone++) {
            double astray = astray(glaze, mixed.get(zone), paper);
            if (astray <= MOST_ASTRAY) {
                tied.add(zone);
                worst = Math.max(worst, astray);
            }
        }
        return new SharedTint(pencil, grade, tied, worst);
    }

    /** How much further off the worst of a zone's colours comes; beyond all limits where its own shows none of the glaze. */
    private static double astray(Layer glaze, List<Mixed> zone, Paper paper) {
        double worst = 0;
        boolean seen = false;
        for (Mixed colour : zone) {
            if (!colour.layers().isEmpty()) {
                Lab glazed = stack(glaze, colour, paper).swatch().colour();
                worst = Math.max(worst, ColourDifference.ciede2000(colour.wanted(), glazed) - colour.error());
                seen |= colour.part() == Part.OWN && ColourDifference.ciede2000(colour.colour(), glazed) >= SEEN;
            }
        }
        return seen ? worst : Double.POSITIVE_INFINITY;
    }

    private static Stack stack(Layer glaze, Mixed under, Paper paper) {
        return new Stack(paper, Optional.empty(), under.layers()).with(glaze);
    }

    private static Layer glaze(Pencil pencil, PressureGrade grade) {
        return new Layer.Colour(Pass.of(pencil, grade), 1);
    }

    /** The same colours with the glaze over those of the zones that carry it. */
    public List<List<Mixed>> over(List<List<Mixed>> mixed, Paper paper) {
        return IntStream.range(0, mixed.size())
                .mapToObj(zone -> zones.contains(zone)
                        ? mixed.get(zone).stream().map(m -> over(m, paper)).toList()
                        : mixed.get(zone))
                .toList();
    }

    private Mixed over(Mixed colour, Paper paper) {
        if (colour.layers().isEmpty()) {
            return colour;
        }
        Layer glaze = glaze(pencil, grade);
        Stack stack = stack(glaze, colour, paper);
        double minutes = Effort.minutes(glaze, BOX_CM2, GradeBand.DEVELOPING.cm2PerMinute()) + colour.minutes();
        return new Mixed(
                colour.part(), colour.wanted(), stack.layers(), stack.swatch().colour(), minutes);
    }
}
