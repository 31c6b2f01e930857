package grastel.core.layering;

import grastel.core.colour.Lab;
import grastel.core.colour.LinearRgb;
import grastel.core.colour.Spectrum;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A field of paper with what was done to it so far. Immutable: each change gives a new swatch that shares the films under
 * it. Start with {@link #bare}.
 */
public final class Swatch {
    /** Surface reflection of a rough wax film that fully covers, added to what the pigment returns. */
    private static final double HAZE = 0.0125;
    /** Film thickness over which bare paper fades from sight. */
    private static final double SPECK_THICKNESS = 0.06;

    /** A layer pressed harder than this works films together: so much of them at full force, and at most so much. */
    private static final double WORKING_PRESSURE = 0.4;

    private static final double PRESSED_MIX = 1.40;
    private static final double MOST_PRESSED_MIX = 0.6;
    /** Hard pressing levels them a little. */
    private static final double PRESSED_LEVEL = 0.08;

    private static final double BURNISH_PRESSURE = 0.9;
    private static final double BURNISH_POINT = 0.15;
    private static final double BURNISH_MIX = 0.45;
    private static final double BURNISH_LEVEL = 0.335;
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

    private final Spectrum ground;
    private final Surface surface;
    private final List<Film> films;
    /** Layers done so far; the next one gets this number. */
    private final int layers;
    /** Film in each height class. */
    private final double[] thickness;
    /** The part of it that stands in the way of the next layer. */
    private final double[] filling;
    /** Reflectance under the haze: 36 values for each height class, peak first. */
    private final double[] seen;

    private Swatch(
            Spectrum ground,
            Surface surface,
            List<Film> films,
            int layers,
            double[] thickness,
            double[] filling,
            double[] seen) {
        this.ground = ground;
        this.surface = surface;
        this.films = films;
        this.layers = layers;
        this.thickness = thickness;
        this.filling = filling;
        this.seen = seen;
    }

    public static Swatch bare(Paper paper) {
        return bare(paper, Optional.empty());
    }

    /** A sheet with marker or wash on it, which is a ground like any toned paper. */
    public static Swatch bare(Paper paper, Optional<UnderLayer> under) {
        Spectrum ground = under.map(u -> u.on(paper)).orElse(paper.ground());
        return new Swatch(
                ground,
                Surface.of(paper.tooth()),
                List.of(),
                0,
                new double[Deposit.CLASSES],
                new double[Deposit.CLASSES],
                bareClasses(ground));
    }

    private static double[] bareClasses(Spectrum ground) {
        double[] one = ground.toArray();
        double[] all = new double[Deposit.CLASSES * one.length];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            System.arraycopy(one, 0, all, c * one.length, one.length);
        }
        return all;
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
        if (scraped(pass) > 0) {
            return scrapedBy(pass).laid(pass, times);
        }
        return laid(pass, times);
    }

    private Swatch laid(Pass pass, int times) {
        Lead lead = Lead.of(pass.pencil());
        Surface after = surface;
        double[] added = new double[Deposit.CLASSES];
        double[] filled = filling.clone();
        for (int n = 0; n < times; n++) {
            lay(pass, lead, after, added, filled);
            after = after.pressed(pass);
        }
        Film film = Film.of(lead, layers, added);
        List<Film> now = Films.loosened(and(film), pass.pressure());
        double mix = worked(pass.pressure());
        if (mix == 0 && now.get(now.size() - 1) == film) {
            double[] covered = seen.clone();
            film.cover(covered);
            return new Swatch(ground, after, now, layers + 1, sum(thickness, added), filled, covered);
        }
        double level = PRESSED_LEVEL * Surface.hardness(pass.pressure());
        return worked(after, Films.levelled(Films.pressedFromTop(now, mix), 1 - Math.pow(1 - level, times)));
    }

    /** Share of what can be scraped that this pass takes off the peaks. */
    private double scraped(Pass pass) {
        double hardness = Surface.hardness(pass.pressure());
        return hardness > 0 && films.stream().anyMatch(f -> f.scrapes) ? SCRAPED * hardness : 0;
    }

    /** A hard edge goes through a thick film down to the paper, on the peaks first. */
    private Swatch scrapedBy(Pass pass) {
        double[] off = thickness.clone();
        for (int c = 0; c < off.length; c++) {
            off[c] *= scraped(pass) * (1 - Deposit.HEIGHTS[c]);
        }
        List<Film> left = Films.lifted(films, off);
        return worked(surface, left).atLayer(layers);
    }

    private Swatch atLayer(int layer) {
        return new Swatch(ground, surface, films, layer, thickness, filling, seen);
    }

    /** Share of the films that a layer of this pressure works into one. */
    private static double worked(double pressure) {
        double force = (pressure - WORKING_PRESSURE) / (1 - WORKING_PRESSURE);
        return Math.min(MOST_PRESSED_MIX, PRESSED_MIX * Math.max(0, force));
    }

    /** Hard dull passes that work the upper films into one, level and polish them, and close the tooth. */
    private Swatch burnished(Pencil burnisher, int passes) {
        Pass pass = new Pass(burnisher, BURNISH_PRESSURE, BURNISH_POINT, Stroke.CIRCLES);
        Lead lead = Lead.of(burnisher);
        double[] added = new double[Deposit.CLASSES];
        double[] filled = filling.clone();
        for (int n = 0; n < passes; n++) {
            lay(pass, lead, surface, added, filled);
        }
        List<Film> now = and(Film.of(lead, layers, added));
        for (int n = 0; n < passes; n++) {
            now = Films.levelled(Films.mixedFromTop(now, BURNISH_MIX), BURNISH_LEVEL);
        }
        return worked(surface.burnished(), now);
    }

    /** One pass: adds to {@code added} and {@code filled}. */
    private static void lay(Pass pass, Lead lead, Surface on, double[] added, double[] filled) {
        double[] more = Deposit.of(pass, on, filled);
        for (int c = 0; c < more.length; c++) {
            added[c] += more[c];
            filled[c] += more[c] * lead.filling();
        }
    }

    private static double[] sum(double[] one, double[] two) {
        double[] sum = one.clone();
        for (int c = 0; c < sum.length; c++) {
            sum[c] += two[c];
        }
        return sum;
    }

    /** Films dissolved into one another and dried. */
    private Swatch dissolved() {
        return worked(surface.wetted(), Films.levelled(Films.mixedFromTop(films, SOLVENT_MIX), SOLVENT_LEVEL));
    }

    /** Films rubbed into one another and into the tooth, as far as they are dust. */
    private Swatch stumped() {
        boolean dust = films.stream().anyMatch(f -> f.dusty);
        double mix = dust ? STUMP_MIX : STUMP_MIX_OF_WAX;
        double level = dust ? STUMP_LEVEL : STUMP_LEVEL_OF_WAX;
        return worked(surface.wetted(), Films.levelled(Films.mixedFromTop(films, mix), level));
    }

    private Swatch lifted(double strength) {
        double[] off = thickness.clone();
        for (int c = 0; c < off.length; c++) {
            off[c] *= LIFT * strength * (1 - Deposit.HEIGHTS[c] / 2);
        }
        return worked(surface.lifted(strength), Films.lifted(films, off));
    }

    private List<Film> and(Film film) {
        List<Film> more = new ArrayList<>(films.size() + 1);
        more.addAll(films);
        more.add(film);
        return List.copyOf(more);
    }

    /** The films were changed below the top: everything is composed anew from the paper up. */
    private Swatch worked(Surface after, List<Film> now) {
        double[] covered = bareClasses(ground);
        for (Film film : now) {
            film.cover(covered);
        }
        return new Swatch(
                ground,
                after,
                now,
                layers + 1,
                Films.thickness(now, Deposit.CLASSES),
                Films.filling(now, Deposit.CLASSES),
                covered);
    }

    /** Reflectance seen from a distance at which single specks no longer show. */
    public Spectrum spectrum() {
        double[] mean = new double[Spectrum.SAMPLES];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            double haze = haze(c);
            for (int i = 0; i < mean.length; i++) {
                mean[i] += FunctionTables.spread(Math.min(1, seen[c * mean.length + i] * (1 - haze) + haze));
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
        for (int c = 0; c < Deposit.CLASSES; c++) {
            sum += specksOf(c);
        }
        return sum / Deposit.CLASSES;
    }

    /** Share of one height class that still shows bare paper, 0…1. */
    double specksOf(int heightClass) {
        double clear = 0;
        for (Film film : films) {
            for (Film.Part part : film.parts) {
                clear += part.lead().isColourless() ? part.amount()[heightClass] : 0;
            }
        }
        return Math.exp(-(thickness[heightClass] - clear) / SPECK_THICKNESS);
    }

    /** Room for more layers: 1 bare paper … 0 a tooth that is full, or shines so that nothing holds. */
    public double toothLeft() {
        double sum = 0;
        for (int c = 0; c < Deposit.CLASSES; c++) {
            sum += Math.min(1, filling[c] / Deposit.capacity(surface.depth(), Deposit.HEIGHTS[c], 1));
        }
        return (1 - sum / Deposit.CLASSES) * surface.grip();
    }

    /**
     * Light of each height class, peak to valley, for painting the swatch with its grain. Every class is scaled, wavelength
     * by wavelength, so that the plain average of the classes is the spectrum predicted by {@link #spectrum}.
     */
    public List<LinearRgb> grainLight() {
        int n = Spectrum.SAMPLES;
        double[] whole = spectrum().toArray();
        double[] mean = new double[n];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            for (int i = 0; i < n; i++) {
                mean[i] += hazed(c, i) / Deposit.CLASSES;
            }
        }
        List<LinearRgb> light = new ArrayList<>(Deposit.CLASSES);
        double[] r = new double[n];
        for (int c = 0; c < Deposit.CLASSES; c++) {
            for (int i = 0; i < n; i++) {
                r[i] = Math.min(1, hazed(c, i) * whole[i] / mean[i]);
            }
            light.add(LinearRgb.of(Spectrum.of(r).toXyz()));
        }
        return List.copyOf(light);
    }

    private double hazed(int heightClass, int sample) {
        double haze = haze(heightClass);
        return seen[heightClass * Spectrum.SAMPLES + sample] * (1 - haze) + haze;
    }

    private double haze(int heightClass) {
        return HAZE * sheen() * (1 - surface.polish()) * (1 - Math.exp(-thickness[heightClass] / SPECK_THICKNESS));
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

    /** Mean thickness of all films, relative; full pressure leaves about 0.3 at once. */
    public double meanThickness() {
        double sum = 0;
        for (double t : thickness) {
            sum += t / thickness.length;
        }
        return sum;
    }
}
