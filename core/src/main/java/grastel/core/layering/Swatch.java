package grastel.core.layering;

import grastel.core.colour.ColourDifference;
import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntToDoubleFunction;
import org.jspecify.annotations.Nullable;

/**
 * A field of paper with what was done to it so far. Immutable: each change gives a new swatch that shares the films under
 * it. Start with {@link #bare}.
 */
public final class Swatch {
    /** Raised whenever the same layers come to look otherwise: pictures made by an older one are made anew. */
    public static final int MODEL_VERSION = 2;

    /** Surface reflection of a rough wax film that fully covers, added to what the pigment returns. */
    private static final double HAZE = 0.0125;
    /** A layer pressed harder than this mixes films: so much of them at full force, and at most so much. */
    private static final double MIXING_PRESSURE = 0.5;

    private static final double PRESSED_MIX = 0.65;
    private static final double MOST_PRESSED_MIX = 0.6;

    private static final double BURNISH_PRESSURE = 0.9;
    private static final double BURNISH_POINT = 0.15;
    private static final double BURNISH_MIX = 0.5;
    private static final double BURNISH_LEVEL = 0.3;
    /** What the burnisher itself leaves, against a pass as hard. */
    private static final double BURNISH_DEPOSIT = 0.23;

    private static final double SOLVENT_MIX = 0.90;
    private static final double SOLVENT_LEVEL = 0.75;
    private static final double STUMP_MIX = 0.7;
    private static final double STUMP_LEVEL = 0.6;
    private static final double STUMP_MIX_OF_WAX = 0.12;
    private static final double STUMP_LEVEL_OF_WAX = 0.2;
    /** Most of a film that putty lifts: from a peak; half of that from a valley. */
    private static final double LIFT = 0.6;

    /** Most of a film that a hard pass scrapes off a peak. */
    private static final double SCRAPED = 0.9;

    private static final double SHARP = 0.9;
    private static final double JUST_SEEN = 1;
    private static final int MOST_LAYERS_LEFT = 24;

    private final Spectrum ground;
    private final Surface surface;
    private final List<Film> films;
    /** Layers done so far; the next one gets this number. */
    private final int layers;
    /** Thickness in each height class that stands in the way of the next layer. */
    private final double[] filling;
    /** Worked out when it is first asked for. */
    private @Nullable Seen seen;

    private Swatch(Spectrum ground, Surface surface, List<Film> films, int layers) {
        this.ground = ground;
        this.surface = surface;
        this.films = films;
        this.layers = layers;
        this.filling = Films.filling(films, Deposit.CLASSES);
    }

    public static Swatch bare(Paper paper) {
        return bare(paper, Optional.empty());
    }

    /** A sheet with marker or wash on it, which is a ground like any toned paper. */
    public static Swatch bare(Paper paper, Optional<UnderLayer> under) {
        Spectrum ground = under.map(u -> u.on(paper)).orElse(paper.ground());
        return new Swatch(ground, Surface.of(paper.tooth()), List.of(), 0);
    }

    /** This swatch after one more layer. */
    public Swatch with(Layer layer) {
        if (layer instanceof Layer.Colour colour) {
            return with(colour.pass(), colour.passes());
        }
        if (layer instanceof Layer.Burnish burnish) {
            return burnished(burnish.burnisher(), burnish.passes());
        }
        if (layer instanceof Layer.Stump) {
            return stumped();
        }
        return layer instanceof Layer.Lift lift ? lifted(lift.strength()) : dissolved();
    }

    /** This swatch after one more pass, as a layer of its own. */
    public Swatch with(Pass pass) {
        return with(pass, 1);
    }

    /** The same pass {@code times} times, as one layer. */
    public Swatch with(Pass pass, int times) {
        Swatch after = this;
        for (int n = 0; n < times; n++) {
            after = after.scrapedBy(pass).laid(pass);
        }
        return after.atLayer(layers + 1);
    }

    private Swatch laid(Pass pass) {
        double[] added = Deposit.of(pass, surface, filling);
        List<Film> now = Films.loosened(and(Film.of(PigmentOptics.of(pass.pencil()), layers, added)), pass.pressure());
        return new Swatch(ground, surface.pressed(pass), Films.pressedFromTop(now, mixed(pass.pressure())), layers);
    }

    /** A hard edge goes through a thick film down to the paper, on the peaks first. */
    private Swatch scrapedBy(Pass pass) {
        double hardness = Surface.hardness(pass.pressure());
        if (hardness == 0 || films.stream().noneMatch(f -> f.scrapes)) {
            return this;
        }
        double[] off = Films.thickness(films, Deposit.CLASSES);
        for (int c = 0; c < off.length; c++) {
            off[c] *= SCRAPED * hardness * (1 - Deposit.HEIGHTS[c]);
        }
        return new Swatch(ground, surface, Films.lifted(films, off), layers);
    }

    private Swatch atLayer(int layer) {
        return new Swatch(ground, surface, films, layer);
    }

    /** Share of the films that a pass of this pressure works into one. */
    private static double mixed(double pressure) {
        double force = (pressure - MIXING_PRESSURE) / (1 - MIXING_PRESSURE);
        return Math.min(MOST_PRESSED_MIX, PRESSED_MIX * Math.max(0, force));
    }

    /** Hard dull rounds that work the upper films into one, spread, level and polish them, and close the tooth. */
    private Swatch burnished(Pencil burnisher, int rounds) {
        Pass pass = new Pass(burnisher, BURNISH_PRESSURE, BURNISH_POINT, Stroke.CIRCLES);
        Swatch after = this;
        for (int n = 0; n < rounds; n++) {
            double[] added = Deposit.of(pass, after.surface, after.filling);
            for (int c = 0; c < added.length; c++) {
                added[c] *= BURNISH_DEPOSIT;
            }
            List<Film> mixed =
                    Films.mixedFromTop(after.and(Film.of(PigmentOptics.of(burnisher), layers, added)), BURNISH_MIX);
            after = new Swatch(
                    ground,
                    after.surface.burnished(),
                    Films.levelled(mixed, BURNISH_LEVEL * after.surface.rubbed()),
                    layers);
        }
        return after.atLayer(layers + 1);
    }

    /** Films dissolved into one another and dried. */
    private Swatch dissolved() {
        return new Swatch(
                ground,
                surface.wetted(),
                Films.levelled(Films.mixedFromTop(films, SOLVENT_MIX), SOLVENT_LEVEL),
                layers + 1);
    }

    /** Films rubbed into one another and into the tooth, as far as they are dust. */
    private Swatch stumped() {
        boolean dust = films.stream().anyMatch(f -> f.dusty);
        double mix = dust ? STUMP_MIX : STUMP_MIX_OF_WAX;
        double level = dust ? STUMP_LEVEL : STUMP_LEVEL_OF_WAX;
        return new Swatch(ground, surface.stumped(), Films.levelled(Films.mixedFromTop(films, mix), level), layers + 1);
    }

    private Swatch lifted(double strength) {
        double[] off = Films.thickness(films, Deposit.CLASSES);
        for (int c = 0; c < off.length; c++) {
            off[c] *= LIFT * strength * (1 - Deposit.HEIGHTS[c] / 2);
        }
        return new Swatch(ground, surface.lifted(strength), Films.lifted(films, off), layers + 1);
    }

    /** The films with one more on top; a further pass of the same layer makes its film thicker. */
    private List<Film> and(Film film) {
        List<Film> more = new ArrayList<>(films);
        Film top = films.isEmpty() ? null : films.get(films.size() - 1);
        if (top != null && top.isOfSameLayer(film)) {
            more.set(films.size() - 1, top.and(film));
        } else {
            more.add(film);
        }
        return List.copyOf(more);
    }

    /**
     * What is seen of each class where its films lie.
     *
     * @param covered share of each class that has pigment on it; the rest is bare paper
     * @param reflectance of the covered share with its haze: 36 values for each class, peak first
     */
    private record Seen(double[] covered, double[] reflectance) {}

    private Seen seen() {
        Seen known = seen;
        if (known == null) {
            known = compose();
            seen = known;
        }
        return known;
    }

    private Seen compose() {
        double[] covered = new double[Deposit.CLASSES];
        double[] reflectance = new double[Deposit.CLASSES * Spectrum.SAMPLES];
        double[] paper = ground.toArray();
        for (int c = 0; c < covered.length; c++) {
            double pigment = 0;
            for (Film film : films) {
                pigment += film.pigment(c);
            }
            double flakes = pigment / surface.flake();
            covered[c] = -Math.expm1(-flakes - flakes * flakes);
            System.arraycopy(paper, 0, reflectance, c * paper.length, paper.length);
        }
        for (Film film : films) {
            film.cover(reflectance, covered);
        }
        double haze = HAZE * sheen() * (1 - surface.polish());
        for (int c = 0; c < covered.length; c++) {
            for (int i = 0; covered[c] > 0 && i < paper.length; i++) {
                int at = c * paper.length + i;
                reflectance[at] = Math.min(1, reflectance[at] * (1 - haze) + haze);
            }
        }
        return new Seen(covered, reflectance);
    }

    /** Reflectance of one class: its covered share beside its bare paper. */
    private double reflectance(Seen now, int heightClass, int sample) {
        double covered = now.covered[heightClass];
        return covered * now.reflectance[heightClass * Spectrum.SAMPLES + sample] + (1 - covered) * ground.at(sample);
    }

    /** Reflectance seen from a distance at which single specks no longer show. */
    public Spectrum spectrum() {
        Seen now = seen();
        double[] mean = new double[Spectrum.SAMPLES];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            for (int i = 0; i < mean.length; i++) {
                mean[i] += FunctionTables.spread(reflectance(now, c, i));
            }
        }
        for (int i = 0; i < mean.length; i++) {
            mean[i] = Math.min(1, Math.pow(mean[i] / Deposit.CLASSES, FunctionTables.SPREAD));
        }
        return Spectrum.of(mean);
    }

    public Lab colour() {
        return spectrum().toLab();
    }

    /** Share of the area that still shows bare paper, 0…1. Clear wax hides none. */
    public double specks() {
        double sum = 0;
        for (double covered : seen().covered) {
            sum += 1 - covered;
        }
        return sum / Deposit.CLASSES;
    }

    /** Share of one height class that has pigment on it, 0…1. */
    double coveredShare(int heightClass) {
        return seen().covered[heightClass];
    }

    /** Room for more layers: 1 bare paper … 0 a tooth that is full, or shines so that nothing holds. */
    public double toothLeft() {
        return Deposit.room(surface.depth(), filling) * surface.grip();
    }

    /** How many more light layers with a sharp point will still show (1 ΔE00 each), at most {@value #MOST_LAYERS_LEFT}. */
    public int layersLeft(Pencil pencil) {
        Pass light = new Pass(pencil, PressureGrade.LIGHT.pressure(), SHARP, Stroke.CIRCLES);
        Swatch now = this;
        for (int n = 0; n < MOST_LAYERS_LEFT; n++) {
            Swatch next = now.with(light);
            if (ColourDifference.ciede2000(now.colour(), next.colour()) < JUST_SEEN) {
                return n;
            }
            now = next;
        }
        return MOST_LAYERS_LEFT;
    }

    /**
     * Light of the swatch for painting it with its grain. Every wavelength is scaled so that the plain average over the
     * classes and their shares is the spectrum predicted by {@link #spectrum}.
     */
    public GrainLight grainLight() {
        Seen now = seen();
        double[] scale = spectrum().toArray();
        for (int i = 0; i < scale.length; i++) {
            double mean = 0;
            for (int c = 0; c < Deposit.CLASSES; c++) {
                mean += reflectance(now, c, i) / Deposit.CLASSES;
            }
            scale[i] /= mean;
        }
        List<GrainLight.HeightClass> classes = new ArrayList<>(Deposit.CLASSES);
        for (int c = 0; c < Deposit.CLASSES; c++) {
            int from = c * Spectrum.SAMPLES;
            classes.add(new GrainLight.HeightClass(now.covered[c], light(scale, i -> now.reflectance[from + i])));
        }
        return new GrainLight(light(scale, ground::at), classes);
    }

    private static LinearRgb light(double[] scale, IntToDoubleFunction reflectance) {
        double[] r = new double[scale.length];
        for (int i = 0; i < r.length; i++) {
            r[i] = Math.min(1, reflectance.applyAsDouble(i) * scale[i]);
        }
        return LinearRgb.of(Spectrum.of(r).toXyz());
    }

    /** Of what lies on top. */
    private double sheen() {
        return films.isEmpty() ? 1 : films.get(films.size() - 1).sheen;
    }

    /** Reflectance of the sheet under the films, with any under-layer. */
    public Spectrum ground() {
        return ground;
    }

    /** The stroke of its last pass: what its grain looks like. */
    public Stroke stroke() {
        return surface.stroke();
    }

    public Surface surface() {
        return surface;
    }

    List<Film> films() {
        return films;
    }

    /** Layers done so far. */
    int layers() {
        return layers;
    }

    /** Mean thickness of all films, relative: {@link PigmentOptics#SOLID_FILM} is a solid mark. */
    public double meanThickness() {
        double sum = 0;
        for (double t : Films.thickness(films, Deposit.CLASSES)) {
            sum += t / Deposit.CLASSES;
        }
        return sum;
    }
}
