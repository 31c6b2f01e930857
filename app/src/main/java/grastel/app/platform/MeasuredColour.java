package grastel.app.platform;

import static grastel.core.words.Words.say;

import grastel.core.colour.Lab;
import grastel.core.colour.SurfaceColours;

/** A colour of a pencil or a paper that comes from outside. */
public final class MeasuredColour {
    private MeasuredColour() {}

    /** @throws ApiProblem where no surface can have it: a mistake in typing, or somebody who wants the program to search long */
    public static Lab of(double l, double a, double b) {
        Lab colour = new Lab(l, a, b);
        if (!SurfaceColours.arePlausiblyMeasured(colour)) {
            throw ApiProblem.invalid("lab", "NO_SURFACE", say("problem.no-surface", l, a, b));
        }
        return colour;
    }
}
