package grastel.core.layering;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.PaintersWheel;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.ShippedKit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.provider.Arguments;

/** The demo kit as the tests of layers use it. */
public final class Demo {
    public static final List<Pencil> ALL =
            ShippedKit.pencils().stream().map(ShippedKit.RangePencil::toPencil).toList();
    public static final List<Paper> PAPERS =
            ShippedKit.papers().stream().map(ShippedKit.StockPaper::toPaper).toList();
    public static final Paper CARTRIDGE = paper("Harbour Cartridge");
    public static final Paper BROWN = paper("Drift Brown");
    public static final Pencil WHITE = pencil("S01");
    public static final Pencil BLENDER = pencil("T01");

    private Demo() {}

    public static Pencil pencil(String code) {
        return ALL.stream().filter(p -> p.code().equals(code)).findFirst().orElseThrow();
    }

    public static Paper paper(String name) {
        return PAPERS.stream().filter(p -> p.name().equals(name)).findFirst().orElseThrow();
    }

    /** Pencils that darken white paper: not whites and tints, whose masstone is near the paper's own value. */
    static Stream<Pencil> darkening() {
        return ALL.stream().filter(p -> !p.colourless() && lightness(p) < 80);
    }

    /** Middle and dark colours. */
    static Stream<Pencil> deep() {
        return darkening().filter(p -> lightness(p) < 62);
    }

    /** Colours with a hue to speak of. */
    static Stream<Pencil> chromatic() {
        return darkening().filter(p -> p.masstone().toLab().chroma() > 25);
    }

    static double lightness(Pencil pencil) {
        return pencil.masstone().toLab().lightness();
    }

    static double hue(Pencil pencil) {
        return pencil.masstone().toLab().hueDegrees();
    }

    /** The pencil nearest opposite on the painter's wheel that is no lighter than the pencil itself, if there is one. */
    static Optional<Pencil> complement(Pencil pencil) {
        return chromatic()
                .filter(q -> lightness(q) <= lightness(pencil))
                .max(Comparator.comparingDouble(q -> PaintersWheel.distance(hue(pencil), hue(q))))
                .filter(q -> PaintersWheel.distance(hue(pencil), hue(q)) > 145);
    }

    /**
     * Every darkening pencil on every paper it darkens by at least 15 L*: on brown paper (L* 62) lighter pencils draw
     * lights, and orderings in darkness do not apply to them.
     */
    static Stream<Arguments> darkeningOnPapers() {
        return PAPERS.stream()
                .flatMap(paper -> darkening()
                        .filter(p -> lightness(p) < paper.ground().toLab().lightness() - 15)
                        .map(p -> Arguments.of(p, paper)));
    }

    public static Swatch laid(Paper paper, Pencil pencil, PressureGrade grade, int passes) {
        return Swatch.bare(paper).with(Pass.of(pencil, grade), passes);
    }

    public static Swatch burnished(Swatch swatch, Pencil burnisher) {
        return swatch.with(new Layer.Burnish(burnisher, 1));
    }

    static Swatch burnished(Swatch swatch, Pencil burnisher, int rounds) {
        return swatch.with(new Layer.Burnish(burnisher, rounds));
    }

    /** Two pencils twice by turns, firm, on cartridge. */
    static Swatch byTurns(Pencil one, Pencil other) {
        Swatch swatch = Swatch.bare(CARTRIDGE);
        for (int i = 0; i < 2; i++) {
            swatch = swatch.with(Pass.of(one, PressureGrade.FIRM)).with(Pass.of(other, PressureGrade.FIRM));
        }
        return swatch;
    }

    /** What a pass changes, ΔE00. */
    static double change(Swatch swatch, Pass next) {
        return ColourDifference.ciede2000(swatch.colour(), swatch.with(next).colour());
    }

    /** What a pass adds to the lightness, L*. */
    static double lifted(Swatch swatch, Pass next) {
        return lightness(swatch.with(next)) - lightness(swatch);
    }

    static double lightness(Swatch swatch) {
        return swatch.colour().lightness();
    }

    static double chroma(Swatch swatch) {
        return swatch.colour().chroma();
    }

    static double chroma(Pencil pencil) {
        return pencil.masstone().toLab().chroma();
    }
}
