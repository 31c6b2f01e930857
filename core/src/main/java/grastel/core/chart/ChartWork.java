package grastel.core.chart;

import grastel.core.checks.Require;
import grastel.core.layering.Layer;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Stroke;
import grastel.core.media.Pencil;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is done in one box of a chart. */
public enum ChartWork {
    LIGHT_ONCE("a", PressureGrade.LIGHT, 1),
    LIGHT_THRICE("b", PressureGrade.LIGHT, 3),
    MEDIUM_TWICE("c", PressureGrade.MEDIUM, 2),
    FULL("d", PressureGrade.FULL, 2),
    /** Full, burnished with the colourless blender. */
    BLENDED("e", PressureGrade.FULL, 2),
    /** Full over a solid of the dark pencil: tells how opaque the box's own pencil is. */
    OVER_DARK("g", PressureGrade.FULL, 2),
    /** Once at each pressure, of one pencil only: tells the grades of a hand. */
    WHISPER("p1", PressureGrade.WHISPER, 1),
    LIGHT("p2", PressureGrade.LIGHT, 1),
    MEDIUM("p3", PressureGrade.MEDIUM, 1),
    FIRM("p4", PressureGrade.FIRM, 1),
    FULL_ONCE("p5", PressureGrade.FULL, 1);

    /** What every pencil gets. */
    static final List<ChartWork> PLAIN = List.of(LIGHT_ONCE, LIGHT_THRICE, MEDIUM_TWICE, FULL);

    static final List<ChartWork> PRESSURES = List.of(WHISPER, LIGHT, MEDIUM, FIRM, FULL_ONCE);

    private final String letter;
    private final PressureGrade grade;
    private final int passes;

    ChartWork(String letter, PressureGrade grade, int passes) {
        this.letter = letter;
        this.grade = grade;
        this.passes = passes;
    }

    /** What follows a row's number in the name of a box. */
    String letter() {
        return letter;
    }

    public PressureGrade grade() {
        return grade;
    }

    /** How often the box's own pencil goes over it. */
    public int passes() {
        return passes;
    }

    /**
     * The layers, first thing first, as a hand lays them.
     *
     * @param other the dark below or the blender; not used by works that need neither
     */
    List<Layer> layers(Pencil pencil, @Nullable Pencil other, HandFit hand) {
        Layer own = colour(pencil, hand.pressure(grade), hand.point(), passes);
        return switch (this) {
            case BLENDED -> List.of(own, new Layer.Burnish(Require.present(other, "a blender"), 1));
            case OVER_DARK ->
                List.of(
                        colour(Require.present(other, "a dark"), hand.pressure(PressureGrade.MEDIUM), hand.point(), 2),
                        own);
            default -> List.of(own);
        };
    }

    private static Layer colour(Pencil pencil, double pressure, double point, int passes) {
        return new Layer.Colour(new Pass(pencil, pressure, point, Stroke.CIRCLES), passes);
    }
}
