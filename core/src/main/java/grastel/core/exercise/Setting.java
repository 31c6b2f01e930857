package grastel.core.exercise;

import grastel.core.layering.Pressures;
import grastel.core.media.Paper;
import grastel.core.media.Pencil;
import grastel.core.media.PencilSet;
import grastel.core.recipe.Method;
import java.util.List;

/**
 * What an exercise is planned for: the pencils at hand, the paper, how the class is taught, how far it is and how hard it
 * presses, and the pictures it may draw from.
 */
public record Setting(
        PencilSet pencils, Paper paper, Method method, GradeBand band, Pressures pressures, List<Piece> pieces) {
    /** Bare paper is at least this light where colour is only added to darken it, L*. */
    private static final double LIGHT_PAPER = 85;

    public Setting {
        pieces = List.copyOf(pieces);
    }

    /** For a class that presses as it is taught and has no picture to draw from. */
    public Setting(PencilSet pencils, Paper paper, Method method, GradeBand band) {
        this(pencils, paper, method, band, Pressures.TAUGHT, List.of());
    }

    /** The pencils that lay colour. */
    public List<Pencil> colours() {
        return pencils.pencils().stream().filter(p -> !p.colourless()).toList();
    }

    public double paperLightness() {
        return paper.ground().toLab().lightness();
    }

    public boolean onLightPaper() {
        return paperLightness() >= LIGHT_PAPER;
    }
}
