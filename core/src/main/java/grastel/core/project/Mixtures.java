package grastel.core.project;

import grastel.core.colour.Lab;
import grastel.core.layering.Pass;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Swatch;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Colours that any pencil of some gives alone and under any other, on a paper. They hang on no picture and can be kept. */
public final class Mixtures {
    private static final List<PressureGrade> GRADES =
            List.of(PressureGrade.LIGHT, PressureGrade.MEDIUM, PressureGrade.FULL);

    private final Lab ground;
    private final List<Pencil> pencils;
    /** By the pencil under, then by the one over. */
    private final List<List<List<Lab>>> colours;

    private Mixtures(Paper paper, List<Pencil> pencils) {
        this.ground = paper.ground().toLab();
        this.pencils = List.copyOf(pencils);
        this.colours = IntStream.range(0, pencils.size())
                .parallel()
                .mapToObj(under -> mixed(laid(Swatch.bare(paper), pencils.get(under)), under))
                .toList();
    }

    public static Mixtures of(Paper paper, List<Pencil> pencils) {
        return new Mixtures(paper, pencils);
    }

    private List<List<Lab>> mixed(List<Swatch> laid, int under) {
        return IntStream.range(0, pencils.size())
                .mapToObj(over -> laid.stream()
                        .flatMap(s -> over == under ? Stream.of(s) : laid(s, pencils.get(over)).stream())
                        .map(Swatch::colour)
                        .toList())
                .toList();
    }

    private static List<Swatch> laid(Swatch on, Pencil pencil) {
        return GRADES.stream().map(g -> on.with(Pass.of(pencil, g), 1)).toList();
    }

    /** Bare paper. */
    Lab ground() {
        return ground;
    }

    /** How many there are. */
    int pencils() {
        return pencils.size();
    }

    Pencil pencil(int number) {
        return pencils.get(number);
    }

    /** Of a pencil under another; of one under itself the pencil alone. */
    List<Lab> of(int under, int over) {
        return colours.get(under).get(over);
    }
}
