package grastel.core.exercise;

import grastel.core.exercise.goal.GradeBand;
import grastel.core.layering.Pressures;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.Pencil.Binder;
import grastel.core.media.PencilSet;
import grastel.core.recipe.Method;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What an exercise is planned for: the pencils at hand, the paper, how the class is taught, how far it is and how hard it
 * presses, and the pictures it may draw from.
 *
 * @param media those of them that are drawn with
 */
public record Setting(
        PencilSet pencils,
        Paper paper,
        Method method,
        GradeBand band,
        Pressures pressures,
        List<Piece> pieces,
        Set<Binder> media) {
    private static final Set<Binder> PENCILS = EnumSet.copyOf(
            EnumSet.allOf(Binder.class).stream().filter(Binder::isPencil).toList());

    private static final Set<Binder> PRESSED = EnumSet.copyOf(
            EnumSet.allOf(Binder.class).stream().filter(Binder::followsPressure).toList());

    /** Bare paper is at least this light where colour is only added to darken it, L*. */
    private static final double LIGHT_PAPER = 85;

    public Setting {
        pieces = List.copyOf(pieces);
        media = Set.copyOf(media);
    }

    /** For coloured pencils. */
    public Setting(
            PencilSet pencils, Paper paper, Method method, GradeBand band, Pressures pressures, List<Piece> pieces) {
        this(pencils, paper, method, band, pressures, pieces, PENCILS);
    }

    /** For a class that presses as it is taught and has no picture to draw from. */
    public Setting(PencilSet pencils, Paper paper, Method method, GradeBand band) {
        this(pencils, paper, method, band, Pressures.TAUGHT, List.of());
    }

    /** The pencils that lay colour. */
    public List<Pencil> colours() {
        return pencils.pencils().stream()
                .filter(p -> !p.colourless() && media.contains(p.binder()))
                .toList();
    }

    /** With whatever takes its value from how hard it is pressed. */
    public Setting pressed() {
        return with(PRESSED);
    }

    /** With what is of one sort with a pencil: coloured pencils stay among themselves, and so does each other medium. */
    public Setting like(Pencil pencil) {
        return with(pencil.binder().isPencil() ? PENCILS : Set.of(pencil.binder()));
    }

    private Setting with(Set<Binder> other) {
        return new Setting(pencils, paper, method, band, pressures, pieces, other);
    }

    /** True where nothing at hand is drawn with but markers. */
    boolean isOfMarkers() {
        List<Pencil> all =
                pencils.pencils().stream().filter(p -> !p.colourless()).toList();
        return !all.isEmpty() && all.stream().noneMatch(p -> p.binder().followsPressure());
    }

    public double paperLightness() {
        return paper.ground().toLab().lightness();
    }

    public boolean onLightPaper() {
        return paperLightness() >= LIGHT_PAPER;
    }
}
